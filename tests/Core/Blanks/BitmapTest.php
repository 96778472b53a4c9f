<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BitmapMarks;
use OpenSlate\Blanks\BitmapRules;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\SeenRule;
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
