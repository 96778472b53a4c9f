<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Where one thing begins to be another: what it is on either side of the edge (common practice, no source). */
final class EdgesTest extends TestCase
{
    public function test_a_square_to_tick_is_at_most_a_third_of_an_inch_and_a_larger_one_is_a_box(): void
    {
        $square = fn (float $side): array => $this->sheet()
            ->box(100, 100, $side, $side)
            ->words('yes', 106 + $side, 93 + $side / 2)
            ->said();
        $this->assertSame(['tick: yes'], $square(24.0));
        $this->assertSame(['box'], $square(27.0));
        $this->assertSame(['tick: yes'], $square(8.0));
        $this->assertSame([], $square(5.0));
    }

    public function test_it_is_square_or_nearly_so(): void
    {
        $box = fn (float $width, float $height): array => $this->sheet()
            ->box(100, 100, $width, $height)
            ->words('yes', 126, 101)
            ->said();
        $this->assertSame(['tick: yes'], $box(20, 15.5));
        $this->assertSame(['box'], $box(20, 12.5));
        $this->assertSame(['tick: yes'], $box(15.5, 20));
    }

    public function test_the_words_of_a_square_are_near_on_its_right_and_end_where_the_next_begins(): void
    {
        $beside = fn (float $gap, string $words = 'crab'): array => $this->sheet()
            ->box(100, 100, 14, 14)
            ->words($words, 114 + $gap, 100)
            ->said();
        $this->assertSame(['tick: crab'], $beside(16));
        $this->assertSame(['box'], $beside(22));
        $this->assertSame(['tick: a red crab'], $beside(6, 'a red crab'));
        $this->assertSame(
            ['tick: yes', 'tick: no'],
            $this->sheet()
                ->box(100, 100, 14, 14)
                ->words('yes', 120, 100)
                ->box(160, 100, 14, 14)
                ->words('no', 180, 100)
                ->said(),
        );
    }

    public function test_words_above_or_below_a_square_are_not_its_own(): void
    {
        $at = fn (float $y): array => $this->sheet()->box(100, 100, 14, 14)->words('crab', 118, $y)->said();
        $this->assertSame(['tick: crab'], $at(105));
        $this->assertNotSame(['tick: crab'], $at(112));
        $this->assertNotSame(['tick: crab'], $at(88));
    }

    public function test_a_ring_is_ticked_where_words_stand_beside_it_and_nothing_in_it(): void
    {
        $this->assertSame(['tick: ebb'], $this->sheet()->ring(100, 100, 14, 14)->words('ebb', 120, 100)->said());
        $this->assertSame([], $this->sheet()->ring(100, 100, 14, 14)->said());
        $this->assertSame(
            [],
            $this->sheet()->ring(100, 100, 14, 14)->words('A', 104, 100)->words('ebb', 120, 100)->said(),
        );
    }

    public function test_a_box_is_as_high_and_as_wide_as_one_can_write_in(): void
    {
        $box = fn (float $width, float $height): array => $this->sheet()->box(100, 100, $width, $height)->said();
        $this->assertSame(['box'], $box(60, 12.5));
        $this->assertSame([], $box(60, 10.0));
        $this->assertSame(['box'], $box(14, 40));
        $this->assertSame([], $box(11, 40));
    }

    public function test_a_frame_round_the_whole_page_is_none_and_one_round_half_of_it_is(): void
    {
        $this->assertSame([], $this->sheet()->box(20, 40, 560, 720)->said());
        $this->assertSame(['box'], $this->sheet()->box(20, 40, 560, 600)->said());
        $this->assertSame(['box'], $this->sheet()->box(20, 40, 500, 720)->said());
    }

    public function test_a_box_with_words_or_a_drawing_or_lines_in_it_is_a_frame_round_them(): void
    {
        $this->assertSame([], $this->sheet()->box(100, 100, 200, 60)->words('Read this first', 110, 120)->said());
        $this->assertSame([], $this->sheet()->box(100, 100, 200, 60)->drawing(120, 110, 60, 40)->said());
        $this->assertSame(['box'], $this->sheet()->box(100, 100, 200, 60)->drawing(120, 110, 8, 8)->said());
        $this->assertNotContains('box', $this->sheet()->box(100, 100, 200, 90)->across(150, 120, 280)->said());
    }

    public function test_a_dark_cell_heads_what_stands_beside_it_and_is_not_filled_in(): void
    {
        $table = fn (float $lightness): array => $this->sheet()
            ->grid(100, 100, [100, 100], [20, 20])
            ->words('Boat', 110, 103)
            ->shade(200, 100, 100, 20, $lightness)
            ->said();
        $this->assertCount(2, $table(0.9));
        $this->assertCount(3, $table(0.99));
    }

    public function test_a_bar_of_which_some_is_filled_in_is_a_drawing(): void
    {
        $bar = $this->sheet()->grid(100, 100, [30, 30, 30, 30], [20]);
        $this->assertCount(4, $bar->said());
        $this->assertSame([], $bar->shade(100, 100, 30, 20, 0.4)->said());
    }

    public function test_many_small_squares_are_graph_paper_and_fewer_or_larger_ones_are_cells(): void
    {
        $squares = fn (int $columns, int $rows, float $side): int => count(
            $this->sheet()->grid(60, 100, array_fill(0, $columns, $side), array_fill(0, $rows, $side * 0.7))->said(),
        );
        $this->assertSame(0, $squares(10, 4, 20.0));
        $this->assertSame(39, $squares(13, 3, 20.0));
        $this->assertSame(40, $squares(10, 4, 26.0));
    }

    public function test_what_goes_on_behind_a_gap_at_the_beginning_of_a_line_is_its_prompt(): void
    {
        $this->assertSame(
            ['gap: The boat sails.', 'gap: The anchor is up.'],
            $this->sheet()
                ->words('Number these.', 60, 70)
                ->words('____ The boat sails.', 60, 100)
                ->words('____ The anchor is up.', 60, 130)
                ->said(),
        );
        $this->assertSame(
            ['gap: How fast is it?'],
            $this->sheet()->words('How fast is it?', 60, 70)->words('____ km/h', 60, 100)->said(),
            'a unit says nothing',
        );
    }

    public function test_a_ring_between_two_numbers_is_for_a_sign_and_those_of_a_scale_are_ticked(): void
    {
        $this->assertSame(
            ['box', 'box'],
            array_map(
                fn (string $said): string => explode(':', $said)[0],
                $this->sheet()->words('4', 100, 100)->ring(112, 98, 14, 14)->words('7', 132, 100)
                    ->words('9', 260, 100)->ring(272, 98, 14, 14)->words('3', 292, 100)->said(),
            ),
        );
        $scale = $this->sheet()->words('1', 100, 100)->ring(110, 98, 14, 14)->words('2', 130, 100)
            ->ring(140, 98, 14, 14)->words('3', 160, 100)->ring(170, 98, 14, 14);
        $this->assertNotContains('box', array_map(
            fn (string $said): string => explode(':', $said)[0],
            $scale->said(),
        ));
    }

    public function test_sixteen_small_empty_squares_of_one_size_are_a_chart_and_oblongs_are_a_table(): void
    {
        $grid = fn (int $columns, float $wide, float $high): int => count(
            $this->sheet()->grid(60, 100, array_fill(0, $columns, $wide), array_fill(0, 4, $high))->said(),
        );
        $this->assertSame(0, $grid(4, 30, 30));
        $this->assertSame(0, $grid(4, 36, 30));
        $this->assertSame(16, $grid(4, 39, 30));
        $this->assertSame(12, $grid(3, 30, 30));
        $this->assertSame([0, 16, 16], [$grid(4, 39.5, 39.5), $grid(4, 41, 41), $grid(4, 120, 99)], 'room for a word');
    }

    public function test_small_squares_under_a_row_of_heads_are_a_table(): void
    {
        $sheet = $this->sheet()->grid(60, 100, array_fill(0, 5, 36.0), array_fill(0, 5, 36.0));
        foreach (['Mon', 'Tue', 'Wed', 'Thu'] as $at => $day) {
            $sheet->words($day, 66 + 36 * $at, 110);
        }
        $this->assertSame([], $sheet->said(), 'the last has no head');
        $this->assertCount(20, $sheet->words('Fri', 210, 110)->said());
    }

    public function test_a_chart_has_most_of_its_squares_empty(): void
    {
        $written = function (int $many): int {
            $sheet = $this->sheet()->grid(60, 100, array_fill(0, 4, 36.0), array_fill(0, 4, 36.0));
            for ($n = 0; $n < $many; $n++) {
                $sheet->words('ab', 70 + 36 * ($n % 4), 218 - 36 * intdiv($n, 4));
            }

            return count($sheet->said());
        };
        $this->assertSame(0, $written(6));
        $this->assertSame(8, $written(8));
    }

    public function test_a_drawing_over_several_cells_has_them_for_its_ground(): void
    {
        $table = fn (): PrintedSheet => $this->sheet()->grid(100, 100, [100, 100], [30, 30]);
        $this->assertSame([], $table()->drawing(100, 100, 190, 55)->said());
        $this->assertCount(3, $table()->drawing(110, 105, 80, 20)->said());
    }

    public function test_a_frame_with_lines_from_side_to_side_is_one_pad_to_write_on(): void
    {
        $pad = fn (float $width, array $rows): array => $this->sheet()
            ->grid(100, 100, [$width], $rows)
            ->said();
        $this->assertSame(['lines'], $pad(160, [25.0, 25.0, 25.0]));
        $this->assertSame(['cell', 'cell', 'cell'], $pad(140, [25.0, 25.0, 25.0]));
        $this->assertSame(['cell', 'cell', 'cell'], $pad(160, [42.0, 42.0, 42.0]));
        $this->assertSame(['cell', 'cell'], $pad(160, [25.0, 25.0]));
        $this->assertSame(['cell', 'cell', 'cell'], $pad(160, [25.0, 25.0, 31.0]));
        $this->assertSame(['lines'], $pad(160, [25.0, 25.0, 26.0]));
    }

    public function test_a_pad_says_how_many_lines_it_has_and_how_far_apart(): void
    {
        [$pad] = $this->sheet()
            ->grid(100, 100, [300], [24.0, 24.0, 24.0, 24.0])
            ->blanks();
        $this->assertEqualsWithDelta(24.0, $pad->pitch, 1.1);
        $this->assertSame(4, $pad->count);
    }

    public function test_a_line_asks_for_words_where_some_stand_to_its_left_or_just_behind_it(): void
    {
        $left = fn (float $gap): array => $this->sheet()
            ->words('Name', 100, 288)
            ->across(300, 124 + $gap, 300)
            ->said();
        $this->assertSame(['line: Name'], $left(8));
        $right = fn (float $gap): string => $this->sheet()
            ->across(300, 100, 200)
            ->words('crates', 200 + $gap, 288)
            ->words('All of this is a line of text', 100, 330)
            ->said()[0] ?? '';
        $this->assertSame('line', $right(4));
    }

    public function test_a_rule_under_words_underlines_them(): void
    {
        $under = fn (float $from): array => $this->sheet()->words('Harbour', 100, 286)->across(301, $from, 240)->said();
        $this->assertSame([], $under(100));
        $this->assertSame(['line: Harbour'], $under(150));
    }

    public function test_heavy_rules_and_those_at_the_edge_of_the_page_are_decoration(): void
    {
        $rule = fn (float $y, float $weight): array => $this->sheet()
            ->words('Name', 100, $y - 12)
            ->across($y, 130, 300, $weight)
            ->said();
        $this->assertSame(['line: Name'], $rule(300, 3.0));
        $this->assertSame([], $rule(300, 4.0));
        $this->assertSame([], $rule(28, 1.0));
        $this->assertSame(['line: Name'], $rule(40, 1.0));
        $this->assertSame([], $rule(775, 1.0));
    }

    public function test_a_dashed_rule_across_the_page_is_to_cut_along_and_a_shorter_one_to_write_on(): void
    {
        $dashed = fn (float $to): array => $this->sheet()
            ->words('Sign', 20, 288)
            ->across(300, 46, $to, 1.0, true)
            ->said();
        $this->assertSame([], $dashed(580));
        $this->assertSame(['line: Sign'], $dashed(400));
    }

    public function test_a_rule_that_a_drawing_touches_is_part_of_it(): void
    {
        $near = fn (float $y): array => $this->sheet()
            ->words('Mast', 100, 288)
            ->across(300, 130, 300)
            ->drawing(280, $y, 60, 40)
            ->said();
        $this->assertSame([], $near(290));
        $this->assertSame(['line: Mast'], $near(310));
    }

    public function test_lines_belong_together_while_they_are_alike_and_evenly_apart(): void
    {
        $lines = function (float ...$at): array {
            $sheet = $this->sheet()->words('Why did it turn back?', 72, 230);
            foreach ($at as $y) {
                $sheet->across($y, 72, 540);
            }

            return array_map(fn ($blank): array => [$blank->kind->value, $blank->count], $sheet->blanks());
        };
        $this->assertSame([['lines', 4]], $lines(280, 306, 332, 358));
        $this->assertSame([['lines', 3]], $lines(280, 306, 334));
        $this->assertSame([['lines', 2], ['line', 1]], $lines(280, 306, 340));
        $this->assertSame([['lines', 2]], $lines(280, 344));
        $this->assertSame([['line', 1], ['line', 1]], $lines(280, 350));
    }

    public function test_words_between_two_lines_or_beside_the_lower_part_them(): void
    {
        $two = fn (): PrintedSheet => $this->sheet()->across(300, 110, 400)->across(326, 110, 400);
        $this->assertSame(['lines'], $two()->said());
        $this->assertSame(['line: 1.', 'line: 2.'], $two()->words('1.', 90, 288)->words('2.', 90, 314)->said());
    }

    public function test_dots_that_lead_to_a_number_a_price_or_a_time_are_no_gap(): void
    {
        $said = fn (string $words): array => $this->sheet()->words($words, 100, 100)->said();
        $led = ['Tides .......... 41', 'Rope ........... £4.50', 'First boat .......... 06:40', 'Depth ......... 12 m'];
        foreach ($led as $list) {
            $this->assertSame([], $said($list), $list);
        }
        $asked = ['Depth .......... m', 'Score .......... / 10', '3 + .......... = 7', 'Why? ..........'];
        foreach ($asked as $words) {
            $this->assertCount(1, $said($words), $words);
        }
    }

    public function test_a_prompt_is_what_stands_before_a_blank_on_its_line_else_the_line_above(): void
    {
        $this->assertSame(
            ['box: Draw the flag.'],
            $this->sheet()->words('Draw the flag.', 100, 80)->box(100, 100, 200, 80)->said(),
        );
        $this->assertSame(['box'], $this->sheet()->words('Draw the flag.', 100, 20)->box(100, 160, 200, 80)->said());
        $this->assertSame(['box: Height'], $this->sheet()->words('Height', 60, 102)->box(100, 100, 60, 18)->said());
    }

    public function test_of_two_lines_above_a_blank_the_nearer_is_its_prompt_and_one_beside_it_is_not(): void
    {
        $this->assertSame(
            ['box: Draw it.'],
            $this->sheet()
                ->words('Look at the flag.', 100, 60)
                ->words('Draw it.', 100, 80)
                ->words('Elsewhere', 400, 84)
                ->box(100, 100, 200, 80)
                ->said(),
        );
    }

    private function sheet(): PrintedSheet
    {
        return new PrintedSheet();
    }
}
