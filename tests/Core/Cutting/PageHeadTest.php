<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use OpenSlate\Cutting\PageHead;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

final class PageHeadTest extends TestCase
{
    public function test_all_above_the_first_question_is_one_piece_as_wide_as_what_is_asked(): void
    {
        $head = $this->head(
            $this->line('Tides', 60),
            $this->line('Answer in sentences.', 90),
            $this->line('1. Why?', 150),
        );

        $this->assertEquals([Frame::of(50, 60, 500, 80)], $head->strips([]));
        $this->assertSame(['tides', 'answer in sentences.'], $head->words());
    }

    public function test_the_running_head_is_not_part_of_it(): void
    {
        $head = $this->head($this->line('Harbour words', 39.9), $this->line('Tides', 40));

        $this->assertSame(['tides'], $head->words());
    }

    public function test_rows_that_were_read_before_are_left_out_and_what_stands_round_them_is_kept_in_pieces(): void
    {
        $head = $this->head(
            $this->line('Day 2', 60),
            $this->line('Name', 80),
            $this->line('Date', 82, 300),
            $this->line('Use the table.', 100),
        );

        $this->assertEquals(
            [Frame::of(50, 60, 500, 20), Frame::of(50, 100, 500, 40)],
            $head->strips(['name', 'date', 'day 1']),
        );
        $this->assertEquals([Frame::of(50, 60, 500, 80)], $head->strips(['name']), 'one of the two is new');
        $this->assertSame([], $head->strips(['day 2', 'name', 'date', 'use the table.']));
    }

    public function test_a_row_read_last_takes_what_is_drawn_below_it_along(): void
    {
        $head = $this->head($this->line('Day 2', 60), $this->line('Name', 80));

        $this->assertEquals([Frame::of(50, 60, 500, 20)], $head->strips(['name']));
        $this->assertEquals([Frame::of(50, 80, 500, 60)], $head->strips(['day 2']));
    }

    public function test_a_line_close_above_the_question_is_kept_whole(): void
    {
        // The question begins at 148, and what is round it is cut with it.
        $this->assertEquals([Frame::of(50, 130, 500, 11)], $this->head($this->line('Mind the gap.', 130))->strips([]));
        $this->assertEquals([Frame::of(50, 135, 500, 11)], $this->head($this->line('As close.', 135))->strips([]));
        $this->assertEquals([Frame::of(50, 139, 500, 11)], $this->head($this->line('Into it.', 139))->strips([]));
        $this->assertSame([], $this->head($this->line('Too low.', 139.1))->words());
    }

    private function head(TextLine ...$lines): PageHead
    {
        return new PageHead(array_values($lines), 148, 8, Frame::of(50, 148, 500, 400), 800);
    }

    private function line(string $words, float $y, float $x = 60): TextLine
    {
        return new TextLine($words, Frame::of($x, $y, 100, 11));
    }
}
