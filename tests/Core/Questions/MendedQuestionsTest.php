<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\MendedQuestions;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MendedQuestionsTest extends TestCase
{
    public function test_they_are_read_down_each_column_however_they_were_marked(): void
    {
        $marked = [
            self::question('4', 320, 300),
            self::question('2', 40, 400),
            self::question('1', 40, 100),
            self::question('3', 320, 90),
        ];

        $this->assertSame(['1', '2', '3', '4'], array_column(self::mended($marked), 'number'));
    }

    public function test_columns_share_less_than_three_tenths_of_the_narrower(): void
    {
        $beside = fn (float $x): array => array_column(
            self::mended([self::question('low', 40, 300, 200), self::question('high', $x, 100, 100)]),
            'number',
        );

        $this->assertSame(['low', 'high'], $beside(210), '30 of 100 points are shared');
        $this->assertSame(['high', 'low'], $beside(209), '31 of 100 points are shared');
    }

    public function test_a_part_stands_in_its_whole_and_behind_it(): void
    {
        $mended = self::mended([
            self::question('3a', 50, 120, 400, 40),
            self::question('3b', 50, 500, 400, 40),
            self::question('31', 60, 170, 400, 20),
            self::question('3', 40, 100, 500, 200),
        ]);

        $this->assertSame(
            ['3' => null, '3a' => '3', '31' => null, '3b' => null],
            array_column($mended, 'of', 'number'),
            '3b lies elsewhere, and 31 is a number of its own',
        );
    }

    public function test_a_blank_belongs_to_the_smallest_question_round_it_and_to_the_whole_of_that(): void
    {
        $questions = self::mended([
            self::question('3', 40, 100, 500, 200),
            self::question('3a', 50, 120, 400, 40),
            self::question('4', 40, 400, 500, 100),
        ]);
        $blanks = [self::blank(100, 130), self::blank(100, 250), self::blank(100, 450), self::blank(100, 700)];

        $this->assertSame(
            ['3' => [0, 1], '3a' => [0], '4' => [2]],
            array_column(MendedQuestions::withBlanks($questions, $blanks), 'blanks', 'number'),
        );
        $this->assertSame(
            ['3' => [7], '3a' => [7], '4' => []],
            array_column(MendedQuestions::withBlanks($questions, [7 => $blanks[0]]), 'blanks', 'number'),
            'blanks keep their places',
        );
    }

    public function test_what_was_marked_over_the_edge_ends_there_and_what_went_on_still_does(): void
    {
        $mended = self::mended([new Question(' 5 ', Frame::of(-20, 700, 900, 300), [], true)])[0];

        $this->assertEquals(Frame::of(0, 700, 612, 92), $mended->frame);
        $this->assertSame(['5', true], [$mended->number, $mended->goesOn]);
    }

    /** @return array<string, array{string, bool}> */
    public static function numbers(): array
    {
        return [
            'a number' => ['12', true],
            'with a letter' => ['3a', true],
            'Roman' => ['IV', true],
            'a letter' => ['É', true],
            'as long as may be' => ['12345678', true],
            'longer' => ['123456789', false],
            'nothing' => ['  ', false],
            'a sign' => ['3)', false],
            'two words' => ['3 a', false],
        ];
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_of_letters_and_digits(string $number, bool $is): void
    {
        $is || $this->expectException(QuestionsRefused::class);

        $this->assertSame($number, self::mended([self::question($number, 40, 40)])[0]->number);
    }

    public function test_off_the_page_and_far_too_small_and_too_many_are_refused_in_words(): void
    {
        $this->assertStringContainsString('off the page', self::refused([self::question('1', 700, 100)]));
        $this->assertStringContainsString('too small', self::refused([self::question('1', 40, 40, 7.9, 100)]));
        $this->assertCount(1, self::mended([self::question('1', 40, 40, 8, 8)]));
        $this->assertCount(100, self::mended(array_fill(0, 100, self::question('1', 40, 40))));
        $many = array_fill(0, 101, self::question('1', 40, 40));
        $this->assertStringContainsString('at most 100', self::refused($many));
        $this->assertStringContainsString('has no number', self::refused([self::question(' ', 40, 40)]));
        $this->assertStringContainsString('“3)” is no number', self::refused([self::question('3)', 40, 40)]));
    }

    /** @param  list<Question>  $marked */
    private static function refused(array $marked): string
    {
        try {
            self::mended($marked);
        } catch (QuestionsRefused $refusal) {
            return $refusal->getMessage();
        }

        return '';
    }

    /**
     * @param  list<Question>  $marked
     * @return list<Question>
     */
    private static function mended(array $marked): array
    {
        return MendedQuestions::of($marked, Size::of(612, 792));
    }

    private static function question(
        string $number,
        float $x,
        float $y,
        float $width = 240,
        float $height = 60,
    ): Question {
        return new Question($number, Frame::of($x, $y, $width, $height), []);
    }

    private static function blank(float $x, float $y): Blank
    {
        return new Blank(BlankKind::Line, Frame::of($x, $y, 100, 18), 0.9);
    }
}
