<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\PrintedQuestions;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

final class PrintedQuestionsTest extends TestCase
{
    public function test_a_box_is_asked_by_the_words_before_it_or_else_above(): void
    {
        $this->assertSame(
            ['a' => '1. When is low water?', 'b' => 'Say why the ebb runs fast.'],
            $this->asked(
                [$this->line('1. When is low water?', 50, 100), $this->line('Say why the ebb runs fast.', 50, 200)],
                $this->box('a', 230, 98, 150, 16),
                $this->box('b', 50, 220, 400, 80),
            ),
        );
    }

    public function test_what_the_teacher_says_is_added_to_what_is_printed_where_it_says_more(): void
    {
        $asked = fn (string $prompt): string => $this->asked(
            [$this->line('1. When is low water?', 50, 100)],
            new AnswerBox('a', Frame::of(230, 98, 150, 16), prompt: $prompt),
        )['a'];

        $this->assertSame('1. When is low water? Give two times', $asked('Give two times'));
        $this->assertSame('1. When is low water?', $asked('low water'));
        $longer = 'Look at the chart: 1. When is low water?';
        $this->assertSame($longer, $asked($longer));
        $this->assertSame('1. When is low water? lo', $asked('lo'), 'words are compared whole');
    }

    public function test_where_nothing_is_printed_it_is_what_the_teacher_says(): void
    {
        $box = new AnswerBox('a', Frame::of(230, 98, 150, 16), prompt: 'Low water');

        $this->assertSame(['a' => 'Low water'], $this->asked([], $box));
    }

    public function test_boxes_in_a_printed_table_are_named_by_their_row_and_column(): void
    {
        $lines = [
            $this->line('High', 260, 100),
            $this->line('Range', 360, 100),
            $this->line('Monday morning', 50, 130),
            $this->line('4.8 m', 250, 130),
            $this->line('Tuesday', 50, 160),
            $this->line('5.1 m', 250, 160),
        ];
        $expected = ['a' => 'Monday morning, Range', 'b' => 'Tuesday, Range'];
        $boxes = [$this->box('a', 350, 122, 90, 26), $this->box('b', 350, 152, 90, 26)];

        $this->assertSame($expected, $this->asked($lines, ...$boxes));
    }

    public function test_cells_of_a_table_laid_over_a_printed_one_are_named_by_the_print(): void
    {
        $table = new Table(
            't',
            Frame::of(200, 120, 200, 60),
            [0.5, 0.5],
            [0.5, 0.5],
            array_fill(0, 4, new TableCell('', true)),
        );

        $this->assertSame(
            ['t.1-1' => 'Mon, Ebb', 't.1-2' => 'Mon, Flood', 't.2-1' => 'Tue, Ebb', 't.2-2' => 'Tue, Flood'],
            $this->asked(
                [
                    $this->line('Ebb', 230, 100),
                    $this->line('Flood', 330, 100),
                    $this->line('Mon', 50, 128),
                    $this->line('Tue', 50, 158),
                ],
                $table,
            ),
        );
    }

    public function test_a_label_asks_like_print(): void
    {
        $label = new Label('l', Frame::of(50, 90, 300, 40), "Read the log.\nWho was aboard?", 12);

        $this->assertSame(['a' => 'Who was aboard?'], $this->asked([], $label, $this->box('a', 50, 124, 300, 30)));
    }

    public function test_two_places_of_one_question_are_told_apart(): void
    {
        $this->assertSame(
            ['a' => 'Give two reasons., 1 of 2', 'b' => 'Give two reasons., 2 of 2'],
            $this->asked(
                [$this->line('Give two reasons.', 50, 100)],
                $this->box('a', 50, 118, 300, 16),
                $this->box('b', 50, 138, 300, 16),
            ),
        );
    }

    public function test_where_nothing_stands_nothing_is_asked(): void
    {
        $this->assertSame([], $this->asked([], $this->box('a', 50, 100, 300, 20)));
    }

    private function line(string $text, float $x, float $y): TextLine
    {
        $words = [];
        foreach (explode(' ', $text) as $word) {
            $width = 6.5 * strlen($word);
            $words[] = new Word($word, Frame::of($x, $y, $width, 12));
            $x += $width + 4;
        }

        return TextLine::of(...$words);
    }

    private function box(string $id, float $x, float $y, float $width, float $height): AnswerBox
    {
        return new AnswerBox($id, Frame::of($x, $y, $width, $height));
    }

    /**
     * @param  list<TextLine>  $lines
     * @return array<string, string>
     */
    private function asked(array $lines, Element ...$elements): array
    {
        return PrintedQuestions::of(
            new Page(Size::of(600, 800), Colour::white(), null, array_values($elements)),
            $lines,
        );
    }
}
