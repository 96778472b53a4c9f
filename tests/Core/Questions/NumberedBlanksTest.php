<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\NumberedBlanks;
use OpenSlate\Questions\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumberedBlanksTest extends TestCase
{
    /** @return array<string, array{string, string, string}> what stands beside it, the number, and what is said */
    public static function labels(): array
    {
        return [
            'a cell of a table' => ['Mon, Boxes', '2', '2 Mon, Boxes'],
            'its own number' => ['2. Why did it turn?', '2', '2. Why did it turn?'],
            'its own number in brackets' => ['(2) Why?', '2', '(2) Why?'],
            'a part' => ['(b) When is it less?', '3b', '3b When is it less?'],
            'the first part' => ['a) When?', '3a', '3a When?'],
            'a part in Roman numerals' => ['(ii) What then?', '1ii', '1ii What then?'],
            'a word of one letter' => ['A boat is', '3a', '3a A boat is'],
            'whole already' => ['3a. When?', '3a', '3a. When?'],
            'nothing beside it' => ['', 'IV', 'IV'],
            'another number' => ['12 boats are', '1', '1 12 boats are'],
        ];
    }

    #[DataProvider('labels')]
    public function test_a_blank_says_its_question_once(string $beside, string $number, string $said): void
    {
        $this->assertSame($said, $this->label(BlankKind::Line, $beside, $number));
    }

    public function test_what_has_a_name_of_its_own_keeps_it(): void
    {
        $this->assertSame('worms', $this->label(BlankKind::Tick, 'worms', '2'));
        $this->assertSame('first_name', $this->label(BlankKind::Field, 'first_name', '2'));
    }

    public function test_the_part_is_said_and_not_the_whole(): void
    {
        $blanks = [$this->blank(BlankKind::Line, 'so'), $this->blank(BlankKind::Line, 'here')];
        $frame = Frame::of(0, 0, 500, 100);
        $questions = [
            new Question('1', $frame, [0, 1]),
            new Question('1b', $frame, [1]),
        ];

        $labels = array_column(NumberedBlanks::of($blanks, $questions), 'label');
        $this->assertSame(['1 so', '1b here'], $labels);
        $this->assertSame($blanks, NumberedBlanks::of($blanks, []));
    }

    private function label(BlankKind $kind, string $beside, string $number): string
    {
        $question = new Question($number, Frame::of(0, 0, 500, 100), [0]);

        return NumberedBlanks::of([$this->blank($kind, $beside)], [$question])[0]->label;
    }

    private function blank(BlankKind $kind, string $label): Blank
    {
        return new Blank($kind, Frame::of(100, 50, 200, 14), 0.9, label: $label);
    }

    /** @return array<string, array{string, string, string, string}> its name, what it was of, what it is of, its name then */
    public static function mended(): array
    {
        return [
            'another number' => ['2 Mon, Boxes', '2', '5', '5 Mon, Boxes'],
            'as it was printed' => ['2. Why did it turn?', '2', '5', '5 Why did it turn?'],
            'a part of another' => ['3b When is it less?', '3b', '4b', '4b When is it less?'],
            'of none any more' => ['2 Mon, Boxes', '2', '', 'Mon, Boxes'],
            'of one for the first time' => ['Mon, Boxes', '', '5', '5 Mon, Boxes'],
            'of the same' => ['2. Why did it turn?', '2', '2', '2. Why did it turn?'],
            'a number that only begins so' => ['25 boats', '2', '5', '5 25 boats'],
            'nothing but the number' => ['IV', 'IV', 'V', 'V'],
        ];
    }

    #[DataProvider('mended')]
    public function test_after_mending_it_says_its_question_as_it_is_now(
        string $name,
        string $was,
        string $is,
        string $then,
    ): void {
        $blank = new Blank(BlankKind::Line, Frame::of(10, 10, 80, 18), 0.9, label: $name);
        $of = fn (string $number): array => $number === ''
            ? []
            : [new Question($number, Frame::of(0, 0, 200, 100), [3])];

        $this->assertSame($then, NumberedBlanks::anew([3 => $blank], $of($was), $of($is))[3]->label);
    }

    public function test_what_questions_do_not_list_is_called_by_the_one_that_it_lies_in(): void
    {
        $room = new Blank(BlankKind::Box, Frame::of(10, 10, 80, 40), 0.4, label: '2. Why?');
        $question = fn (string $number, int ...$blanks): Question => new Question(
            $number,
            Frame::of(0, 0, 200, 100),
            array_values($blanks),
        );

        $this->assertSame('3 Why?', NumberedBlanks::anew([$room], [$question('2')], [$question('3', 0)])[0]->label);
    }
}
