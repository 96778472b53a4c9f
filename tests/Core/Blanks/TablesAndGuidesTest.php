<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Tables that are ruled between their rows alone, what names a cell, and the lines of beginners. */
final class TablesAndGuidesTest extends TestCase
{
    public function test_a_table_without_uprights_has_cells_under_its_heads_where_nothing_stands(): void
    {
        $table = fn (PrintedSheet $sheet): PrintedSheet => $sheet
            ->words('Word', 76, 180)
            ->words('Meaning', 200, 180)
            ->words('ebb', 76, 205)
            ->words('neap', 76, 230)
            ->across(200, 72, 400)
            ->across(225, 72, 400)
            ->across(250, 72, 400);
        $blanks = $table(new PrintedSheet())->blanks();
        $this->assertSame(['cell: ebb, Meaning', 'cell: neap, Meaning'], $table(new PrintedSheet())->said());
        $this->assertEqualsWithDelta([198, 200, 200, 25], self::numbers($blanks[0]->frame), 0.01);
        $this->assertSame(
            ['cell: neap, Meaning'],
            $table(new PrintedSheet())->words('to fall', 204, 205)->said(),
            'what says something is not to be filled in',
        );
        $this->assertSame(
            ['cell: ebb, Meaning', 'cell: neap, Meaning'],
            $table(new PrintedSheet())->across(176, 72, 400)->said(),
            'a rule over the heads as well',
        );
    }

    public function test_its_rows_are_named_and_lines_below_each_other_are_to_be_written_on(): void
    {
        $lines = (new PrintedSheet())
            ->words('Word', 76, 180)
            ->words('Meaning', 200, 180)
            ->across(200, 72, 400)
            ->across(225, 72, 400)
            ->across(250, 72, 400);
        $this->assertSame(['lines: Word'], $lines->said());
        $this->assertSame(2, $lines->blanks()[0]->count);
    }

    public function test_a_table_that_is_full_is_there_to_be_read(): void
    {
        $full = (new PrintedSheet())->across(176, 72, 400)->across(200, 72, 400)->across(250, 72, 400);
        foreach (['Shape' => 76, 'Sides' => 180, 'Angles' => 300] as $head => $x) {
            $full->words($head, $x, 180)->words('four', $x, 206)->words('three', $x, 228);
        }
        $this->assertSame([], $full->said());
    }

    public function test_a_grid_that_says_something_everywhere_is_read_and_one_of_captions_is_written_in(): void
    {
        $grid = function (array $rows): array {
            $sizes = [array_fill(0, count($rows[0]), 120), array_fill(0, count($rows), 60)];
            $sheet = (new PrintedSheet())->grid(40, 100, ...$sizes);
            foreach ($rows as $y => $row) {
                foreach ($row as $x => $said) {
                    $said === '' || $sheet->words($said, 46 + 120 * $x, 104 + 60 * $y);
                }
            }

            return $sheet->blanks();
        };
        $heads = ['Aim', 'Starts', 'Secure', 'Deep'];
        $rubric = [$heads, ['Tells', 'names things', 'art words', 'some parts'], ['Shows', 'a list', 'a map', 'a dot']];
        $this->assertCount(0, $grid($rubric));
        $this->assertCount(12, $grid([$heads, ['ebb', 'neap', 'spring', 'flood'], ['bay', 'quay', 'pier', 'slip']]));
        $this->assertCount(12, $grid([['1', '2', '3', '4'], ['5', '6', '7', '8'], ['9', '10', '11', '12']]));
        $this->assertCount(4, $grid([['What it is', 'A picture'], ['It is like', 'It is not']]));
        $this->assertCount(8, $grid(array_slice($rubric, 0, 2)), 'two rows');
        $rubric[2][3] = '';
        $this->assertCount(1, $grid($rubric));
    }

    public function test_a_cell_is_named_by_the_heads_of_its_row_and_column_and_not_by_values(): void
    {
        $table = (new PrintedSheet())->words('Fill the table.', 72, 70)->grid(72, 100, [100, 80, 80], [20, 20, 20]);
        foreach ([['Day', 'High', 'Low'], ['Monday', '5.2', ''], ['Tuesday', '', '0.8']] as $row => $cells) {
            foreach ($cells as $column => $words) {
                $words === '' || $table->words($words, 76 + ($column > 0 ? 20 : 0) + 80 * $column, 103 + 20 * $row);
            }
        }
        $this->assertSame(['cell: Monday, Low', 'cell: Tuesday, High'], $table->said());
    }

    public function test_a_cell_under_two_rows_of_heads_is_named_by_both(): void
    {
        $sheet = (new PrintedSheet())
            ->box(72, 100, 80, 40)
            ->box(152, 100, 160, 20)
            ->box(312, 100, 80, 40)
            ->box(152, 120, 80, 20)
            ->box(232, 120, 80, 20)
            ->grid(72, 140, [80, 80, 80, 80], [20, 20]);
        $heads = [['Day', 76, 113], ['Wind', 210, 103], ['Rain', 330, 113], ['from', 170, 123], ['force', 250, 123]];
        foreach ([...$heads, ['Monday', 76, 143], ['W', 170, 143], ['Tuesday', 76, 163], ['2', 330, 163]] as $said) {
            $sheet->words(...$said);
        }

        $this->assertSame(
            ['Monday, Wind force', 'Monday, Rain', 'Tuesday, Wind from', 'Tuesday, Wind force'],
            array_column($sheet->blanks(), 'label'),
        );
    }

    public function test_a_box_is_named_by_what_stands_under_its_middle_unless_something_nearer_stands_above(): void
    {
        $boxes = fn (): PrintedSheet => (new PrintedSheet())->box(100, 100, 150, 90)->words('the pilot', 148, 196);

        $this->assertSame(['box: the pilot'], $boxes()->words('Who works here?', 100, 60)->said());
        $this->assertSame(['box: Beginning'], $boxes()->words('Beginning', 148, 84)->said());
        $this->assertSame(
            ['box: Draw it.'],
            (new PrintedSheet())
                ->box(100, 100, 150, 90)
                ->words('Draw it.', 100, 60)
                ->words('2. Why?', 100, 196)
                ->said(),
            'what stands to the left under it is of something else',
        );
    }

    public function test_what_asks_at_the_height_of_an_answer_names_it_before_what_only_stands_above(): void
    {
        $sheet = fn (string $above): PrintedSheet => (new PrintedSheet())
            ->words($above, 330, 80)
            ->words('1. How much do two cost?', 72, 110)
            ->across(123, 320, 420);

        $this->assertSame(['line: 1. How much do two cost?'], $sheet('hake')->said());
        $this->assertSame(['line: And who?'], $sheet('And who?')->said());
    }

    public function test_numbers_that_count_rows_are_no_places_and_name_them_with_the_words_behind(): void
    {
        $blanks = BlankFinder::find($this->countedRows(['What is sand?', 'What is mud?']));

        $this->assertSame(
            ['1 What is sand?, Your answer', '2 What is mud?, Your answer'],
            array_column($blanks, 'label'),
        );
        $this->assertGreaterThanOrEqual(
            6,
            count(BlankFinder::find($this->countedRows(['', '']))),
            'with nothing beside them, the numbers stand in the corners of places',
        );
    }

    public function test_an_answer_goes_on_below_where_its_line_ends(): void
    {
        $line = fn (float $above, float $below, float $from = 220): array => array_map(
            fn (Blank $blank): float => round($blank->frame->bottom()),
            BlankFinder::find(
                new Marks(
                    Size::of(600, 800),
                    [new Rule(true, $above, $from, 500, 0.7), new Rule(true, $below, 60, 500, 0.7)],
                    lines: [TextLine::of(
                        new Word('Limestone', Frame::of(60, 100, 90, 14)),
                        new Word('fizzes', Frame::of(155, 100, 60, 14)),
                    )],
                ),
            ),
        );

        $this->assertSame([112.0, 136.0], $line(112, 136));
        $this->assertSame([112.0], $line(112, 160), 'too far below, it parts the page');
    }

    public function test_rows_of_values_are_named_by_what_begins_them_and_places_for_an_order_by_what_follows(): void
    {
        $values = (new PrintedSheet())->grid(72, 100, [80, 60, 60], [20, 20]);
        $values->words('Boats', 76, 103)->words('1', 160, 103)->words('Seats', 76, 123)->words('12', 160, 123);
        $this->assertSame(['cell: Boats', 'cell: Seats'], $values->said());

        $order = (new PrintedSheet())->words('Put them in order.', 72, 70)->grid(72, 100, [30, 200], [20, 20]);
        $order->words('Cast off.', 106, 103)->words('Row home.', 106, 123);
        $this->assertSame(['cell: Cast off.', 'cell: Row home.'], $order->said());
    }

    public function test_two_boxes_side_by_side_are_named_by_the_whole_line_above(): void
    {
        $boxes = (new PrintedSheet())->words('Draw the hands at ten to four.', 72, 80)->grid(72, 100, [90, 90], [60]);
        $this->assertSame(
            ['cell: Draw the hands at ten to four.', 'cell: Draw the hands at ten to four.'],
            $boxes->said(),
        );
    }

    public function test_three_lines_with_a_dashed_one_between_are_one_place_to_write_after_what_is_to_be_copied(): void
    {
        $guides = fn (float $height, bool $dashed = true, float $share = 0.5): PrintedSheet => (new PrintedSheet())
            ->words('Copy the word.', 72, 70)
            ->across(100, 72, 500)
            ->across(100 + $share * $height, 72, 500, 1, $dashed)
            ->across(100 + $height, 72, 500);
        $blanks = $guides(28)->words('boat', 76, 110)->blanks();
        $this->assertCount(1, $blanks);
        $this->assertEqualsWithDelta([106, 100, 394, 28], self::numbers($blanks[0]->frame), 0.01);
        $this->assertEqualsWithDelta([72, 100, 428, 28], self::numbers($guides(28)->blanks()[0]->frame), 0.01);
        $this->assertSame(
            [],
            array_filter(
                $guides(28)->words(str_repeat('boat ', 13), 76, 110)->blanks(),
                fn (Blank $blank): bool => $blank->frame->width > 100,
            ),
            'a row that is full is to be traced',
        );
        $short = (new PrintedSheet())->across(100, 72, 500)->across(114, 140, 500, 1, true)->across(128, 72, 500);
        $this->assertCount(1, $short->words('boat', 76, 108)->blanks(), 'the word may hide where the dashes begin');
        $heights = fn (PrintedSheet $sheet): array => array_map(
            fn (Blank $blank): float => $blank->frame->height,
            $sheet->blanks(),
        );
        $this->assertSame([42.0], $heights($guides(28, false)), 'three whole lines are three');
        $this->assertSame([100.0], $heights($guides(100)), 'so high they are apart');
        $this->assertNotContains(28.0, $heights($guides(28, true, 0.1)));
    }

    public function test_the_bar_of_a_root_and_of_a_fraction_is_not_written_on(): void
    {
        $this->assertSame(
            [],
            (new PrintedSheet())->words('√', 94, 100)->words('49', 101, 104)->across(102, 100, 130)->said(),
        );
        $this->assertSame([], (new PrintedSheet())->words('√49 is seven', 94, 100)->across(102, 100, 130)->said());
        $root = (new PrintedSheet())->words('√49 =', 94, 100)->across(114, 130, 170);
        $this->assertSame(['line: √49 ='], $root->said());
    }

    public function test_marks_at_the_end_of_the_last_line_do_not_part_it_from_the_others(): void
    {
        $lines = fn (string $end): PrintedSheet => (new PrintedSheet())
            ->words('Why is the shadow shortest?', 72, 70)
            ->across(110, 72, 500)
            ->across(135, 72, 500)
            ->across(160, 72, 475)
            ->words($end, 480, 148);
        $this->assertSame([3], array_column($lines('[2]')->blanks(), 'count'));
        $this->assertSame([3], array_column($lines('(1 mark)')->blanks(), 'count'));
        $this->assertSame([2, 1], array_column($lines('metres')->blanks(), 'count'));
        // In a picture their words are not known, but how long they are.
        $seen = fn (string $end): array => array_column(BlankFinder::find($lines($end)->marks(true)), 'count');
        $this->assertSame([[3], [2, 1]], [$seen('[2]'), $seen('metres')]);
    }

    public function test_a_square_beside_the_sign_of_a_sum_is_for_a_number(): void
    {
        $this->assertSame(['box: 45 >'], (new PrintedSheet())->words('45 > ☐', 72, 100)->said());
        $this->assertSame(['box'], (new PrintedSheet())->words('☐ = 10 + 9', 72, 100)->said());
        $this->assertSame(['box'], (new PrintedSheet())->box(100, 100, 16, 16)->words('+ 4 = 9', 120, 101)->said());
        $this->assertSame(['tick: seven'], (new PrintedSheet())->words('☐ seven', 72, 100)->said());
    }

    public function test_a_square_has_the_words_that_are_plainly_nearer(): void
    {
        $after = (new PrintedSheet())->words('True', 72, 100)->box(100, 101, 12, 12)->words('False', 126, 100);
        $after->box(160, 101, 12, 12);
        $this->assertSame(['tick: True', 'tick: False'], $after->said());
    }

    public function test_a_round_that_lines_join_to_full_ones_is_to_be_filled(): void
    {
        $model = fn (): PrintedSheet => (new PrintedSheet())
            ->words('Fill in.', 72, 60)
            ->ring(100, 100, 34, 34)
            ->ring(70, 150, 34, 34)
            ->ring(130, 150, 34, 34)
            ->drawing(87, 117, 30, 50)
            ->drawing(117, 117, 30, 50)
            ->words('10', 111, 110)
            ->words('7', 84, 160);
        $this->assertCount(1, $model()->blanks());
        $this->assertSame([], $model()->words('3', 144, 160)->blanks());
        $this->assertSame([], $model()->drawing(140, 160, 12, 12)->blanks(), 'what is drawn in it is what it shows');
    }

    public function test_ovals_below_each_other_with_a_choice_each_are_to_be_shaded(): void
    {
        $sheet = (new PrintedSheet())->words('A coin', 72, 100)->ring(112, 103, 16, 10)->words('A cork', 72, 116);
        $this->assertSame([], $sheet->said(), 'one by itself is a drawing');
        $this->assertSame(['tick: A coin', 'tick: A cork'], $sheet->ring(112, 119, 16, 10)->said());
    }

    public function test_the_heads_of_columns_of_ticks_are_theirs_and_running_text_above_is_not(): void
    {
        $sheet = (new PrintedSheet())->words('True', 180, 85)->words('False', 240, 85)->words('It floats.', 72, 100);
        $sheet->box(186, 101, 12, 12)->box(248, 101, 12, 12);
        $this->assertSame(['tick: It floats., True', 'tick: It floats., False'], $sheet->said());
        $run = (new PrintedSheet())->words('Number these events from 1 to 4.', 72, 80)->words('It floats.', 72, 100);
        $this->assertSame(
            ['tick: It floats.', 'tick: It floats.'],
            $run->box(186, 101, 12, 12)->box(230, 101, 12, 12)->said(),
        );
    }

    public function test_a_short_rule_in_the_middle_of_a_page_with_nothing_above_it_adorns_it(): void
    {
        $rule = fn (float $x, float $y): array => (new PrintedSheet())
            ->words('All of these boats went out to sea in the morning.', 72, 80)
            ->words('Why did it turn back?', 72, 100)
            ->across($y, $x, $x + 140)
            ->said();
        $this->assertSame([], $rule(230, 600));
        $this->assertCount(1, $rule(230, 150));
        $this->assertSame(['line'], $rule(72, 600));
    }

    public function test_a_tinted_box_that_the_edge_of_another_tint_goes_through_is_part_of_a_drawing(): void
    {
        $box = fn (): PrintedSheet => (new PrintedSheet())->shade(100, 100, 60, 40, 0.85)->box(100, 100, 60, 40);
        $this->assertSame(['box'], $box()->said());
        $this->assertSame([], $box()->shade(80, 120, 200, 80, 0.9)->said());
    }

    public function test_the_number_of_a_clock_above_a_line_is_no_prompt(): void
    {
        $sheet = (new PrintedSheet())->words('What time is it?', 72, 80)->words('6', 96, 110)->across(145, 72, 140);
        $this->assertSame(['line: What time is it?'], $sheet->said());
    }

    public function test_a_heading_below_is_not_part_of_a_prompt(): void
    {
        $sheet = (new PrintedSheet())->words('Rivers', 150, 109)->words('Date:', 200, 100)->across(113, 234, 320);
        $this->assertSame(['line: Date:'], $sheet->said());
    }

    /**
     * A table of which the rows are counted, each with a question and room for the answer.
     *
     * @param  list<string>  $asked
     */
    private function countedRows(array $asked): Marks
    {
        $rows = count($asked) + 1;
        $rules = [];
        for ($row = 0; $row <= $rows; $row++) {
            $rules[] = new Rule(true, 100 + 40 * $row, 60, 500, 0.7);
        }
        foreach ([60, 90, 280, 500] as $x) {
            $rules[] = new Rule(false, $x, 100, 100 + 40 * $rows, 0.7);
        }
        $words = [
            new Word('Question', Frame::of(94, 104, 60, 12)),
            new Word('Your answer', Frame::of(284, 104, 70, 12)),
        ];
        foreach ($asked as $at => $said) {
            $y = 144 + 40 * $at;
            $words[] = new Word((string) ($at + 1), Frame::of(64, $y, 6, 12));
            $said === '' || ($words[] = new Word($said, Frame::of(94, $y, 100, 12)));
        }

        return new Marks(
            Size::of(600, 800),
            $rules,
            lines: array_map(fn (Word $word): TextLine => TextLine::of($word), $words),
        );
    }

    /** @return list<float> */
    private static function numbers(Frame $frame): array
    {
        return [$frame->x, $frame->y, $frame->width, $frame->height];
    }
}
