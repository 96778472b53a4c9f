<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\LineLabels;
use OpenSlate\Blanks\Marks;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Which lines below each other have a label each (common practice of worksheets, no source). */
final class LineLabelsTest extends TestCase
{
    public function test_labels_that_begin_or_end_below_each_other_give_each_line_its_own(): void
    {
        $this->assertSame(3, $this->labelled([[72, 'Mon'], [72, 'Tuesday'], [72, 'Wed']]));
        // Flush right: each ends at 150.
        $this->assertSame(3, $this->labelled([[132, 'Mon'], [108, 'Tuesday'], [132, 'Wed']]));
        $this->assertSame(0, $this->labelled([[72, 'Mon'], [90, 'Tuesday'], [120, 'Wed']]));
    }

    public function test_of_four_lines_three_with_a_label_are_enough_and_two_are_not(): void
    {
        $this->assertSame(3, $this->labelled([[72, 'Mon'], [72, 'Tue'], [72, 'Wed'], null]));
        $this->assertSame(0, $this->labelled([[72, 'Mon'], [72, 'Tue'], null, null]));
        $this->assertSame(0, $this->labelled([[72, 'Mon']]));
    }

    public function test_what_stands_far_before_a_line_is_its_label_only_where_it_is_a_number(): void
    {
        $this->assertSame(0, $this->labelled([[72, 'Mon'], [72, 'Tue']], from: 260));
        $this->assertSame(2, $this->labelled([[72, '1.'], [72, '2.']], from: 260));
        $this->assertSame(2, $this->labelled([[72, 'a)'], [72, 'b)']], from: 260));
    }

    public function test_numbers_are_told_from_words(): void
    {
        $is = fn (string $text): bool => LineLabels::isNumber(new Word($text, Frame::of(0, 0, 10, 10)));
        foreach (['3.', '12)', '(4)', '3a)', 'b.', 'iv.', '7:'] as $number) {
            $this->assertTrue($is($number), $number);
        }
        foreach (['3', '123.', 'Mon.', '3ab)', '', '.'] as $word) {
            $this->assertFalse($is($word), $word);
        }
    }

    public function test_what_is_read_on_a_picture_lies_upright_with_what_was_seen_and_can_be_read(): void
    {
        $marks = new Marks(Size::of(600, 800), [], readable: false, tilt: 0.02);
        $line = TextLine::of(new Word('Why?', Frame::of(500, 400, 40, 12)));
        $read = $marks->read([$line]);
        $this->assertTrue($read->readable);
        $this->assertNotEqualsWithDelta($line->frame->y, $read->lines[0]->frame->y, 1.0);
        $this->assertFalse($marks->readable);
    }

    /** @param  list<array{float, string}|null>  $labels  where each begins, and what it says, of lines 30 points apart */
    private function labelled(array $labels, float $from = 160): int
    {
        $sheet = new PrintedSheet();
        foreach ($labels as $at => $label) {
            $label === null || $sheet->words($label[1], $label[0], 100 + 30 * $at);
            $sheet->across(112 + 30 * $at, $from, 500);
        }
        $marks = $sheet->marks();

        return count(LineLabels::labelled(new Ground($marks), $marks->rules));
    }
}
