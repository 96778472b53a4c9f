<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapDots;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\BitmapOutlines;
use OpenSlate\Blanks\BitmapRings;
use OpenSlate\Blanks\BitmapRules;
use OpenSlate\Blanks\BitmapSquares;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\SeenRule;
use OpenSlate\Blanks\WordFeet;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Pages that are nothing but pictures: a pixel is half a point here. */
final class BitmapTest extends TestCase
{
    private const WIDTH = 800;

    private const HEIGHT = 1000;

    public function test_ink_is_told_from_paper_by_the_light_round_it(): void
    {
        // Darker to the right: paper there is darker than ink at the left.
        $levels = '';
        for ($y = 0; $y < 60; $y++) {
            for ($x = 0; $x < 300; $x++) {
                $paper = 250 - intdiv($x, 2);
                $levels .= chr($y === 30 && $x % 100 > 20 ? (int) ($paper * 0.5) : $paper);
            }
        }
        $bitmap = Bitmap::of($levels, 300, 60, 0.5);
        $this->assertSame(str_repeat(str_repeat('0', 21).str_repeat('1', 79), 3), $bitmap->rows[30]);
        $this->assertSame(str_repeat('0', 300), $bitmap->rows[10]);
    }

    public function test_beyond_its_edges_all_is_white(): void
    {
        $bitmap = Bitmap::of(str_repeat("\x10", 40 * 30), 40, 30, 0.5);
        $this->assertSame(16, $bitmap->level(0, 0));
        $this->assertSame(16, $bitmap->level(39, 29));
        foreach ([[-1, 5], [40, 5], [5, -1], [5, 30]] as [$x, $y]) {
            $this->assertSame(255, $bitmap->level($x, $y));
        }
        $this->assertSame(16, $bitmap->paper(10.0, 7.0, 0.8));
        // Round a place at an edge and far beyond it the paper is that of the edge, not of the other side.
        $halves = Bitmap::of(str_repeat(str_repeat("\x10", 20).str_repeat("\xf0", 20), 30), 40, 30, 0.5);
        $along = fn (float $x): int => $halves->paper($x, 7.0, 0.8);
        $this->assertSame([16, 16, 240], array_map($along, [0.2, -9.0, 29.0]));
        $this->assertSame([16, 16], array_map(fn (float $y): int => $halves->paper(2.0, $y, 0.8), [0.2, -9.0]));
    }

    public function test_lines_are_found_level_and_askew_with_their_slope(): void
    {
        foreach ([0.0, 0.01, -0.02] as $slope) {
            $rules = BitmapRules::find(
                $this->bitmap(
                    fn (int $x, int $y): bool => $x >= 100 && $x < 700 && abs($y - (500 + $slope * ($x - 400))) <= 1,
                ),
            );
            $level = array_values(array_filter($rules, fn (SeenRule $rule): bool => $rule->rule->level));
            $this->assertCount(1, $level);
            $this->assertEqualsWithDelta($slope, $level[0]->slope, 0.002);
            $this->assertEqualsWithDelta(
                [250.0, 50.0, 350.0],
                [$level[0]->rule->at, $level[0]->rule->from, $level[0]->rule->to],
                1.0,
            );
        }
    }

    public function test_boxes_and_lines_are_found_on_a_page_askew_where_it_has_them(): void
    {
        $by = 0.018;
        $box = $this->bitmap(function (int $x, int $y) use ($by): bool {
            [$u, $v] = [
                400 + ($x - 400) * cos($by) + ($y - 500) * sin($by),
                500 - ($x - 400) * sin($by) + ($y - 500) * cos($by),
            ];
            $edge = fn (float $at, float $side): bool => abs($at - $side) <= 1.0;

            return $u >= 199 &&
                $u <= 601 &&
                $v >= 299 &&
                $v <= 451 &&
                ($edge($u, 200) || $edge($u, 600) || $edge($v, 300) || $edge($v, 450));
        });
        $marks = BitmapMarks::of($box, Size::of(400, 500), []);
        $this->assertEqualsWithDelta($by, $marks->tilt, 0.003);
        $found = BlankFinder::find($marks);
        $this->assertCount(1, $found);
        $this->assertSame(BlankKind::Box, $found[0]->kind);
        $this->assertEqualsWithDelta([200, 75], [$found[0]->frame->width, $found[0]->frame->height], 3.0);
        $this->assertEqualsWithDelta(
            [200 - -62.5 * $by, 187.5],
            [$found[0]->frame->x + $found[0]->frame->width / 2, $found[0]->frame->middle()],
            1.5,
        );
    }

    public function test_lines_leave_no_ink_behind_that_would_be_taken_for_words_and_letters_on_them_stay(): void
    {
        // A line that wanders by a pixel, is broken here and there, and goes down to the right; and a letter on it.
        $page = $this->bitmap(function (int $x, int $y): bool {
            $at = 500 + 0.004 * ($x - 400) + (intdiv($x, 40) % 2);
            $isLine = $x >= 100 && $x < 700 && abs($y - $at) <= 1 && $x % 53 > 2;
            $isLetter = $x >= 200 && $x < 214 && $y >= 470 && $y < 499;

            return $isLine || $isLetter;
        });
        $marks = BitmapMarks::of($page, Size::of(400, 500), []);
        $level = array_values(array_filter($marks->rules, fn (Rule $rule): bool => $rule->level));
        $this->assertCount(1, $level);
        $this->assertEqualsWithDelta([50.0, 350.0], [$level[0]->from, $level[0]->to], 6.0);
        $this->assertCount(1, $marks->lines, 'only the letter');
        $this->assertEqualsWithDelta(103.5, $marks->lines[0]->frame->centre()->x, 4.0);
    }

    public function test_small_squares_and_rings_that_stand_alone_are_to_be_ticked(): void
    {
        $square = fn (int $x, int $y, int $left, int $top, int $side): bool => $x >= $left &&
            $x < $left + $side &&
            $y >= $top &&
            $y < $top + $side &&
            min($x - $left, $y - $top, $left + $side - 1 - $x, $top + $side - 1 - $y) < 2;
        $ring = fn (int $x, int $y, int $left, int $top, int $across): bool => abs(
            hypot($x - $left - ($across - 1) / 2, $y - $top - ($across - 1) / 2) - ($across / 2 - 1),
        ) <= 1.0;
        // With a word beside it.
        $found = function (callable $ink): int {
            $word = fn (int $x, int $y): bool => $x >= 180 && $x < 210 && $y >= 206 && $y < 220 && $x % 5 < 3;
            $page = $this->bitmap(fn (int $x, int $y): bool => $ink($x, $y) || $word($x, $y));

            return count(BlankFinder::find(BitmapMarks::of($page, Size::of(400, 500), [])));
        };

        foreach ([14, 18, 22, 30, 44] as $side) {
            $squares = $found(fn (int $x, int $y): bool => $square($x, $y, 168 - $side, 203, $side));
            $rings = $found(fn (int $x, int $y): bool => $ring($x, $y, 168 - $side, 203, $side));
            $this->assertSame([1, (int) ($side > 16)], [$squares, $rings], "{$side}");
        }
        $this->assertSame(0, $found(fn (int $x, int $y): bool => $square($x, $y, 160, 203, 8)));
        $this->assertSame(0, $found(fn (int $x, int $y): bool => $ring($x, $y, 160, 203, 8)));
        // A letter in a word; one that is ticked already; a block; three sides of a square.
        $none = [
            fn (int $x, int $y): bool => $ring($x, $y, 146, 203, 20) ||
                ($x >= 169 && $x < 172 && $y >= 203 && $y < 223),
            fn (int $x, int $y): bool => $square($x, $y, 146, 203, 22) ||
                ($y > 205 && $y < 222 && abs($x - $y + 57) < 3),
            fn (int $x, int $y): bool => $x >= 146 && $x < 168 && $y >= 203 && $y < 225,
            fn (int $x, int $y): bool => $square($x, $y, 146, 203, 22) && $x > 148,
        ];
        foreach ($none as $index => $ink) {
            $this->assertSame(0, $found($ink), "{$index}");
        }
    }

    public function test_a_row_of_dots_is_a_line_to_write_on_unless_it_leads_on(): void
    {
        $dots = fn (int $x, int $y): bool => $x >= 200 && $x < 500 && $x % 7 < 2 && $y >= 499 && $y < 501;
        $found = BitmapDots::find($this->bitmap($dots));
        $this->assertCount(1, $found);
        $this->assertEqualsWithDelta(
            [250.0, 101.0, 249.0],
            [$found[0]->rule->at, $found[0]->rule->from, $found[0]->rule->to],
            2.0,
        );
        // What it leads to stands behind it, and what it leads from before it; without that it asks for a price.
        $price = fn (int $x, int $y): bool => $x >= 508 && $x < 570 && $y >= 488 && $y < 501;
        $name = fn (int $x, int $y): bool => $x >= 150 && $x < 190 && $y >= 488 && $y < 501;
        $both = fn (int $x, int $y): bool => $dots($x, $y) || $price($x, $y);
        $this->assertCount(1, BitmapDots::find($this->bitmap($both)));
        $row = fn (int $x, int $y): bool => $both($x, $y) || $name($x, $y);
        $this->assertSame([], BitmapDots::find($this->bitmap($row)));
        // A unit or the worth of an answer is shorter, and no list of them stands close below each other.
        $unit = fn (int $x, int $y): bool => $row($x, $y) && $x < 540;
        $this->assertCount(1, BitmapDots::find($this->bitmap($unit)));
        $list = fn (int $pitch): int => count(
            BitmapDots::find(
                $this->bitmap(fn (int $x, int $y): bool => $unit($x, $y) || $unit($x + 10, $y + $pitch)),
            ),
        );
        $this->assertSame([0, 2], [$list(60), $list(120)]);
        $goesOn = fn (int $x, int $y): bool => $x >= 600 && $x < 640 && $y >= 488 && $y < 501;
        $this->assertCount(
            1,
            BitmapDots::find(
                $this->bitmap(fn (int $x, int $y): bool => $row($x, $y) || $goesOn($x, $y)),
            ),
        );
        // Strokes of letters are as even, and high.
        $strokes = fn (int $x, int $y): bool => $x >= 200 && $x < 500 && $x % 7 < 2 && $y >= 485 && $y < 501;
        $this->assertSame([], BitmapDots::find($this->bitmap($strokes)));
        // So are few dots, and uneven ones.
        $this->assertSame([], BitmapDots::find($this->bitmap(fn (int $x, int $y): bool => $dots($x, $y) && $x < 245)));
        $this->assertSame(
            [],
            BitmapDots::find(
                $this->bitmap(
                    fn (int $x, int $y): bool => $y >= 499 &&
                        $y < 501 &&
                        $x >= 200 &&
                        $x < 500 &&
                        in_array($x % 22, [0, 5, 14], true),
                ),
            ),
        );
    }

    public function test_a_row_of_dots_of_which_the_upper_halves_are_seen_at_one_end_alone_is_level(): void
    {
        $seen = BitmapDots::find(
            $this->bitmap(
                fn (int $x, int $y): bool => $x >= 100 && $x % 5 < 3 && (
                    ($y === 500 && $x < 130) || ($y === 501 && $x < 180)
                ),
            ),
        );
        $this->assertCount(1, $seen);
        $this->assertLessThan(0.02, abs($seen[0]->slope));
        $this->assertEqualsWithDelta([50.0, 89.0], [$seen[0]->rule->from, $seen[0]->rule->to], 1.5);
    }

    public function test_dots_far_apart_are_a_line_where_they_are_many(): void
    {
        $found = fn (int $step, int $to): int => count(
            BitmapDots::find(
                $this->bitmap(
                    fn (int $x, int $y): bool => $x >= 200 &&
                        $x < $to &&
                        ($x - 200) % $step < 2 &&
                        $y >= 499 &&
                        $y < 501,
                ),
            ),
        );

        $this->assertSame([1, 1], [$found(12, 500), $found(16, 500)]);
        $this->assertSame(0, $found(16, 265), 'five of them are none');
        $this->assertSame(0, $found(24, 500));
    }

    public function test_a_page_without_a_line_lies_as_its_rows_of_print_do(): void
    {
        // Twenty rows of print that go down by a twentieth.
        $print = fn (float $slope) => function (int $x, int $y) use ($slope): bool {
            $down = $y - $slope * ($x - 400);

            return $x >= 100 &&
                $x < 700 &&
                $down >= 100 &&
                $down < 900 &&
                fmod($down, 40.0) < 14 &&
                (intdiv($x, 4) * 7919) % 5 < 3;
        };
        $marks = fn (float $slope) => BitmapMarks::of($this->bitmap($print($slope)), Size::of(400, 500), []);

        $this->assertEqualsWithDelta(0.05, $marks(0.05)->tilt, 0.002);
        $this->assertEqualsWithDelta(-0.03, $marks(-0.03)->tilt, 0.002);
        $this->assertSame(0.0, $marks(0.12)->tilt, 'that is no page that lies askew');
    }

    public function test_several_short_lines_that_slope_alike_say_how_a_page_lies(): void
    {
        // Five lines of 45 points that go down by a fortieth.
        $short = fn (int $x, int $y): bool => $x >= 300 &&
            $x < 390 &&
            $y >= 200 &&
            $y < 700 &&
            in_array((int) floor($y - 0.025 * ($x - 300)) % 100, [50, 51], true);
        $tilt = BitmapMarks::of($this->bitmap($short), Size::of(400, 500), [])->tilt;

        $this->assertEqualsWithDelta(0.025, $tilt, deg2rad(0.35));
    }

    public function test_print_above_and_below_a_line_of_a_table_is_two_words(): void
    {
        // Two numbers so close to the line between their rows that they seem one.
        $ink = fn (int $x, int $y): bool => (abs($y - 500) <= 1 && $x >= 100 && $x < 500) ||
            (abs($x - 300) <= 24 && abs($y - 500) >= 5 && abs($y - 500) <= 18 && ($x * 7 + $y * 3) % 5 < 3);
        $words = BitmapMarks::of($this->bitmap($ink), Size::of(400, 500), [])->lines;

        $this->assertCount(2, $words);
        $this->assertLessThanOrEqual(250.5, $words[0]->frame->bottom());
        $this->assertGreaterThanOrEqual(249.5, $words[1]->frame->y);
    }

    public function test_print_in_cells_side_by_side_is_of_each(): void
    {
        // Counters in the first and the last cell of three.
        $marks = fn (array $filled): Marks => BitmapMarks::of(
            $this->bitmap(function (int $x, int $y) use ($filled): bool {
                foreach ($filled as $cell) {
                    if (hypot($x - 320 - 40 * $cell, $y - 520) <= 14) {
                        return true;
                    }
                }

                return ($x >= 300 && $x <= 420 && $y >= 500 && $y <= 540) &&
                    (($x - 300) % 40 <= 1 || ($y - 500) % 40 <= 1);
            }),
            Size::of(400, 500),
            [],
        );
        $free = fn (array $filled): array => array_map(
            fn (Blank $blank): int => intdiv((int) $blank->frame->centre()->x - 150, 20),
            BlankFinder::find($marks($filled)),
        );

        $this->assertSame([2], $free([0, 1]));
        $this->assertSame([1], $free([0, 2]));
    }

    public function test_the_feet_of_the_word_before_a_line_are_none_of_it(): void
    {
        // A word of three letters with feet, a gap of two pixels, and a line on the row of the feet.
        $letter = fn (int $x, int $y): bool => $x >= 200 &&
            $x < 230 &&
            (($x % 10 < 4 && $y >= 484 && $y < 501) || ($y >= 499 && $y < 501));
        $line = fn (int $x, int $y): bool => $x >= 232 && $x < 500 && $y >= 499 && $y < 501;
        $page = $this->bitmap(fn (int $x, int $y): bool => $letter($x, $y) || $line($x, $y));
        $cut = WordFeet::cut($page, new SeenRule(new Rule(true, 250.0, 100.0, 250.0, 1.0), 0.0));
        $this->assertSame([116.0, 250.0], [$cut->rule->from, $cut->rule->to]);

        // Of a line that is one with the feet, and of one that words stand on all along, nothing is cut.
        $whole = $this->bitmap(fn (int $x, int $y): bool => $y >= 499 && $y < 501 && $x >= 200 && $x < 500);
        $seen = new SeenRule(new Rule(true, 250.0, 100.0, 250.0, 1.0), 0.0);
        $this->assertSame($seen, WordFeet::cut($whole, $seen));
        $broken = $this->bitmap(
            fn (int $x, int $y): bool => $y >= 499 && $y < 501 && $x >= 200 && $x < 500 && $x !== 220,
        );
        $this->assertSame($seen, WordFeet::cut($broken, $seen), 'a gap alone is but a fault of the scan');
    }

    public function test_a_square_between_a_letter_and_what_is_to_be_ticked_is_one(): void
    {
        $square = fn (int $side): int => count(
            BitmapSquares::find(
                $this->bitmap(function (int $x, int $y) use ($side): bool {
                    [$u, $v] = [$x - 300, $y - 500];
                    $isSide = $u >= 0 && $v >= 0 && $u < $side && $v < $side;
                    $isIn = $u >= 2 && $v >= 2 && $u < $side - 2 && $v < $side - 2;
                    // Letters three and a half points before it and behind it.
                    $isLetter = ($u >= -25 && $u < -7) || ($u >= $side + 7 && $u < $side + 60);

                    return ($isSide && ! $isIn) || ($isLetter && $v >= 0 && $v < $side && $x % 6 < 5);
                }),
            ),
        );

        $this->assertSame(1, $square(22));
        $this->assertSame(0, $square(16), 'as small as a letter it may be one');
    }

    public function test_two_letters_with_feet_are_no_square_and_a_square_with_a_fault_in_a_side_is_one(): void
    {
        $found = fn (bool $above, bool $below): int => count(
            BitmapSquares::find(
                $this->bitmap(function (int $x, int $y) use ($above, $below): bool {
                    [$u, $v] = [$x - 300, $y - 500];
                    $isSide = $u >= 0 && $v >= 0 && $u < 20 && $v < 20;
                    $isIn = $u >= 2 && $v >= 2 && $u < 18 && $v < 18;
                    $isOpen = $u >= 9 && $u < 11 && (($above && $v < 2) || ($below && $v >= 18));

                    return $isSide && ! $isIn && ! $isOpen;
                }),
            ),
        );

        $this->assertSame(0, $found(true, true));
        $this->assertSame([1, 1, 1], [$found(false, false), $found(true, false), $found(false, true)]);
    }

    public function test_rows_of_print_near_to_each_other_are_rows_and_what_goes_down_through_them_is_a_drawing(): void
    {
        // Eight rows of letters, none like the other, 14 points from one to the next.
        $isPrint = function (int $x, int $y): bool {
            [$row, $letter] = [intdiv($y - 200, 28), intdiv($x, 4)];

            return $y >= 200 &&
                $y < 424 &&
                $x >= 100 &&
                $x < 400 &&
                ($letter * 7919 + $row * 104729) % 5 < 3 &&
                ($y - 200) % 28 < (($letter + 3 * $row) % 9 === 0 ? 20 : 16);
        };
        $marks = fn (callable $ink) => BitmapMarks::of($this->bitmap($ink), Size::of(400, 500), []);
        $print = $marks($isPrint);
        $this->assertSame([8, 0], [count($print->lines), count($print->drawings)]);
        $this->assertEqualsWithDelta(10, $print->lines[0]->frame->height, 3);

        $drawn = $marks(
            fn (int $x, int $y): bool => $isPrint($x, $y) || ($y >= 200 && $y < 424 && abs($x - $y + 60) < 9),
        );
        $this->assertCount(1, $drawn->drawings, 'a stroke through all rows makes them one');
    }

    public function test_the_flat_parts_of_a_round_are_no_lines_and_a_line_of_their_length_is_one(): void
    {
        $level = fn (callable $ink): int => count(
            array_filter(
                BitmapMarks::of($this->bitmap($ink), Size::of(400, 500), [])->rules,
                fn (Rule $rule): bool => $rule->level,
            ),
        );
        $isOval = fn (int $x, int $y): bool => abs(hypot(($x - 400) / 2, $y - 300) - 90) <= 1;
        $this->assertSame(0, $level($isOval));
        $this->assertSame(1, $level(fn (int $x, int $y): bool => abs($y - 390) <= 1 && abs($x - 400) <= 35));
        $this->assertSame(
            2,
            $level(
                fn (int $x, int $y): bool => (abs($x - 400) <= 40 && in_array(abs($y - 300), [25, 26], true)) ||
                    (abs($y - 300) <= 26 && in_array(abs($x - 400), [39, 40], true)),
            ),
            'the sides of a box turn off at right angles',
        );
    }

    public function test_a_box_with_round_corners_is_a_box(): void
    {
        $page = $this->bitmap(function (int $x, int $y): bool {
            // The distance to the edge of a box of 400 by 150 pixels, its corners 20 pixels round.
            [$u, $v] = [abs($x - 400) - 180, abs($y - 500) - 55];
            $far = hypot(max($u, 0), max($v, 0)) + min(max($u, $v), 0) - 20;

            return abs($far) <= 1.0;
        });
        $found = BlankFinder::find(BitmapMarks::of($page, Size::of(400, 500), []));
        $this->assertCount(1, $found);
        $this->assertSame(BlankKind::Box, $found[0]->kind);
        $this->assertEqualsWithDelta([200, 75], [$found[0]->frame->width, $found[0]->frame->height], 3.0);
    }

    public function test_lines_that_do_not_meet_are_a_box_only_where_round_corners_are_seen(): void
    {
        $box = fn (float $round): int => count(
            BlankFinder::find(
                BitmapMarks::of(
                    $this->bitmap(function (int $x, int $y) use ($round): bool {
                        [$u, $v] = [abs($x - 400) - 200 + $round, abs($y - 500) - 100 + $round];
                        $far = hypot(max($u, 0), max($v, 0)) + min(max($u, $v), 0) - $round;

                        return abs($far) <= 1.0;
                    }),
                    Size::of(400, 500),
                    [],
                ),
            ),
        );
        $this->assertSame(1, $box(60), 'thirty points');

        // A cross of five squares, as in a crossword: its arms are no box.
        $cross = $this->bitmap(function (int $x, int $y): bool {
            [$u, $v] = [$x - 400, $y - 500];
            $isIn = fn (int $a, int $b): bool => abs($a) <= 16 && abs($b) <= 48;
            $isOn = fn (int $a, array $lines): bool => in_array($a, $lines, true) || in_array($a - 1, $lines, true);

            return ($isIn($u, $v) && ($isOn($u, [-16, 15]) || $isOn($v, [-48, -16, 15, 47]))) ||
                ($isIn($v, $u) && ($isOn($v, [-16, 15]) || $isOn($u, [-48, -16, 15, 47])));
        });
        foreach (BlankFinder::find(BitmapMarks::of($cross, Size::of(400, 500), [])) as $blank) {
            $this->assertLessThan(20, $blank->frame->width);
            $this->assertTrue(
                abs($blank->frame->centre()->x - 200) < 4 || abs($blank->frame->middle() - 250) < 4,
                'none lies in its corners',
            );
        }
    }

    public function test_what_is_filled_with_ink_stays_so_with_white_words_in_it_and_nothing_white_is_a_word(): void
    {
        $solid = function (callable $white): Marks {
            $levels = '';
            for ($y = 0; $y < 300; $y++) {
                for ($x = 0; $x < 700; $x++) {
                    $isIn = $x >= 100 && $x < 600 && $y >= 100 && $y < 180;
                    $levels .= chr($isIn && ! $white($x, $y) ? 60 : 240);
                }
            }

            return BitmapMarks::of(Bitmap::of($levels, 700, 300, 0.5), Size::of(350, 150), []);
        };
        $letters = fn (int $x, int $y): bool => $x >= 140 && $x < 300 && $y >= 130 && $y < 150 && $x % 10 < 5;

        $this->assertSame([], $solid(fn (): bool => false)->lines);
        $this->assertSame([], $solid($letters)->lines, 'letters in it are part of what is filled');
        $this->assertSame([], BlankFinder::find($solid($letters)));
        $box = $solid(fn (int $x, int $y): bool => $x >= 300 && $x < 500 && $y >= 120 && $y < 160);
        $this->assertCount(0, $box->lines);
    }

    public function test_lines_hardly_darker_than_paper_are_found_and_the_edges_of_tints_are_none(): void
    {
        $rules = function (callable $level): array {
            mt_srand(7); // Dust of the scanner's light.
            $levels = '';
            for ($y = 0; $y < 300; $y++) {
                for ($x = 0; $x < 700; $x++) {
                    $levels .= chr($level($x, $y) + mt_rand(-6, 6));
                }
            }

            return BitmapMarks::of(Bitmap::of($levels, 700, 300, 0.65), Size::of(455, 195), [])->rules;
        };
        $grey = fn (callable $isGrey): array => $rules(fn (int $x, int $y): int => $isGrey($x, $y) ? 212 : 240);
        $line = $grey(fn (int $x, int $y): bool => $x >= 100 && $x < 600 && in_array($y, [150, 151], true));
        $this->assertCount(1, $line);
        $this->assertEqualsWithDelta(
            [0.65 * 151, 65.0, 390.0],
            [$line[0]->at, $line[0]->from, $line[0]->to],
            3.0,
        );
        $upright = $grey(fn (int $x, int $y): bool => $y >= 80 && $y < 220 && in_array($x, [300, 301], true));
        $this->assertCount(1, $upright);
        $this->assertFalse($upright[0]->level);
        $this->assertSame([], $grey(fn (int $x, int $y): bool => $y >= 150), 'a tint begins there');
        $this->assertSame([], $rules(fn (int $x, int $y): int => 240 - intdiv($x, 20)), 'a shadow');
        $this->assertSame([], $grey(fn (int $x, int $y): bool => $x >= 100 && $x < 130 && $y === 150), 'it is short');
    }

    public function test_an_oval_is_shaded_and_a_nought_is_not(): void
    {
        $oval = fn (int $wide, int $high): array => BitmapRings::find(
            $this->bitmap(
                fn (int $x, int $y): bool => hypot(($x - 200) / ($wide + 0.8), ($y - 300) / ($high + 0.8)) <= 1 &&
                    hypot(($x - 200) / ($wide - 1.2), ($y - 300) / ($high - 1.2)) >= 1,
            ),
        )[0];

        foreach ([[24, 15], [32, 16], [20, 17]] as [$wide, $high]) {
            [$found] = $oval($wide, $high);
            $this->assertEqualsWithDelta(
                [100.0, 150.0, $wide, $high],
                [$found->centre()->x, $found->middle(), $found->width, $found->height],
                2.5,
            );
        }
        $this->assertSame([], $oval(15, 24));
        $this->assertSame([], $oval(48, 16));
        // Only half of it.
        $half = fn (int $x, int $y): bool => $x < 205 && abs(hypot(($x - 200) / 24, ($y - 300) / 15) - 1) <= 0.1;
        $this->assertSame([[], []], BitmapRings::find($this->bitmap($half)));
    }

    public function test_a_ring_close_before_a_letter_is_ticked_and_the_round_of_a_letter_is_not(): void
    {
        $ring = fn (int $x, int $y, float $cx, float $cy): bool => abs(hypot($x - $cx, $y - $cy) - 10.5) <= 1.0;
        $letter = fn (int $x, int $y, int $left): bool => $x >= $left && $x < $left + 14 &&
            $y >= 292 && $y < 309 && ($x * 3 + $y) % 5 < 3;
        $count = fn (callable $ink): int => count(BitmapRings::find($this->bitmap($ink))[0]);

        $before = fn (int $room): int => $count(
            fn (int $x, int $y): bool => $ring($x, $y, 200, 300) || $letter($x, $y, 212 + $room),
        );
        $this->assertSame([0, 1, 1], [$before(2), $before(5), $before(12)]);
        // With as little room on both sides it is in a word.
        $this->assertSame(0, $count(
            fn (int $x, int $y): bool => $ring($x, $y, 200, 300) || $letter($x, $y, 217) || $letter($x, $y, 169),
        ));
        // One round on another is an 8.
        $this->assertSame(0, $count(
            fn (int $x, int $y): bool => $ring($x, $y, 200, 300) || $ring($x, $y, 200, 320),
        ));
    }

    public function test_a_d_is_no_square(): void
    {
        $shape = fn (float $bow): int => count(BitmapSquares::find($this->bitmap(
            function (int $x, int $y) use ($bow): bool {
                $right = 217 + $bow * (1 - (($y - 308) / 8) ** 2);

                return $y >= 300 && $y <= 316 && $x >= 200 && $x <= $right &&
                    (min($x - 200, $y - 300, 316 - $y) < 2 || $right - $x < 2);
            },
        )));

        $this->assertSame([1, 0], [$shape(0), $shape(4)]);
    }

    public function test_a_square_with_round_corners_is_one_and_a_round_is_none(): void
    {
        // The outline of all that is no farther from an inner square than a radius.
        $round = fn (int $side, int $radius): array => BitmapSquares::find(
            $this->bitmap(function (int $x, int $y) use ($side, $radius): bool {
                $half = ($side - 1) / 2 - $radius;
                $off = hypot(max(0, abs($x - 200) - $half), max(0, abs($y - 300) - $half));

                return $off <= $radius + 0.5 && $off > $radius - 2;
            }),
        );

        foreach ([22, 30, 41] as $side) {
            foreach ([2, intdiv($side, 6)] as $radius) {
                [$found] = $round($side, $radius) ?: [null];
                $this->assertNotNull($found, "{$side} with corners of {$radius}");
                $this->assertEqualsWithDelta([$side / 2, $side / 2], [$found->width, $found->height], 3.5);
            }
            $this->assertSame([], $round($side, intdiv($side, 2)));
        }
    }

    public function test_the_room_in_an_outline_that_is_no_box_is_found(): void
    {
        $edge = fn (int $x, int $y): float => hypot(($x - 300) / 160, ($y - 300) / 100);
        $cloud = fn (int $x, int $y): bool => abs($edge($x, $y) - 1) <= 0.02;
        [$room] = BitmapOutlines::find($this->bitmap($cloud));
        // The largest rectangle in an ellipse is the square root of two as wide and high as its halves.
        $this->assertEqualsWithDelta(160 * 100 * M_SQRT2 ** 2 * 0.25, $room->width * $room->height, 1300.0);
        $this->assertEqualsWithDelta([150.0, 150.0], [$room->centre()->x, $room->middle()], 6.0);

        $none = [
            'a box' => fn (int $x, int $y): bool => max(abs($x - 300) / 160, abs($y - 300) / 100) <= 1 &&
                max(abs($x - 300) / 160, abs($y - 300) / 100) >= 0.98,
            'one that is open' => fn (int $x, int $y): bool => $cloud($x, $y) && $x < 440,
            'the inside of a letter' => fn (int $x, int $y): bool => abs(hypot($x - 300, $y - 300) - 20) <= 2,
            'the page' => fn (int $x, int $y): bool => hypot(($x - 400) / 399, ($y - 500) / 499) >= 1,
        ];
        foreach ($none as $what => $ink) {
            $this->assertSame([], BitmapOutlines::find($this->bitmap($ink)), $what);
        }
    }

    public function test_the_sides_of_boxes_close_above_each_other_are_lines_and_feet_of_letters_are_none(): void
    {
        $at = fn (callable $ink): array => array_map(
            fn (SeenRule $seen): float => $seen->rule->at,
            array_values(array_filter(
                BitmapRules::find($this->bitmap($ink)),
                fn (SeenRule $seen): bool => $seen->rule->level,
            )),
        );
        $line = fn (int $x, int $y, int $at): bool => $y === $at && $x >= 300 && $x < 380;

        $two = $at(fn (int $x, int $y): bool => $line($x, $y, 400) || $line($x, $y, 403));
        $this->assertEqualsWithDelta([200.25, 201.75], $two, 0.01);
        $this->assertSame([], $at(fn (int $x, int $y): bool => $line($x, $y, 400) ||
            ($y > 380 && $y < 400 && $x >= 300 && $x < 380 && $x % 8 < 3)));
        $thick = $at(fn (int $x, int $y): bool => $x >= 300 && $x < 380 &&
            abs($y - 400 - (($x - 340) / 8) ** 2) <= 3);
        $this->assertSame([], $thick, 'the flat part of a thick bow');
    }

    public function test_a_picture_of_nothing_has_nothing_on_it(): void
    {
        $this->assertSame(
            [],
            BlankFinder::find(BitmapMarks::of($this->bitmap(fn (): bool => false), Size::of(400, 500), [])),
        );
    }

    /** @param  callable(int, int): bool  $ink */
    private function bitmap(callable $ink): Bitmap
    {
        $rows = [];
        for ($y = 0; $y < self::HEIGHT; $y++) {
            $row = '';
            for ($x = 0; $x < self::WIDTH; $x++) {
                $row .= $ink($x, $y) ? '1' : '0';
            }
            $rows[] = $row;
        }

        return new Bitmap($rows, self::WIDTH, 0.5);
    }
}
