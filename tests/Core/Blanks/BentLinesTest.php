<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\BitmapRules;
use OpenSlate\Blanks\SeenRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Runs of ink that go on from each other, a pixel being half a point. */
final class BentLinesTest extends TestCase
{
    /** @return iterable<string, array{list<array{int, int, float}>, list<array{float, float}>}> */
    public static function lines(): iterable
    {
        yield 'level' => [[[0, 240, 0.0]], [[0.0, 120.0]]];
        yield 'askew all along' => [[[0, 240, 0.06]], [[0.0, 120.0]]];
        yield 'a line to write on and the pointer that it ends in' => [
            [[0, 160, 0.0], [160, 280, 0.2]],
            [[0.0, 80.0], [80.0, 140.0]],
        ];
        yield 'the pointer before the line' => [
            [[0, 120, 0.25], [120, 300, 0.0]],
            [[0.0, 60.0], [60.0, 150.0]],
        ];
        yield 'one arm is too short to be a line' => [[[0, 200, 0.0], [200, 240, 0.2]], [[0.0, 120.0]]];
        yield 'all of it is too short to be two' => [[[0, 50, 0.0], [50, 100, 0.3]], [[0.0, 50.0]]];
        yield 'so flat an angle is a page that is not flat' => [[[0, 120, 0.0], [120, 240, 0.025]], [[0.0, 120.0]]];
    }

    /**
     * @param  list<array{int, int, float}>  $arms  from and to in pixels, and how steep
     * @param  list<array{float, float}>  $expected  from and to in points
     */
    #[DataProvider('lines')]
    public function test_two_lines_that_meet_are_told_from_one(array $arms, array $expected): void
    {
        $runs = [];
        $y = 100.0;
        foreach ($arms as [$from, $to, $slope]) {
            $start = $from;
            for ($x = $from; $x < $to; $x++) {
                if (round($y) !== round($y + $slope) || $x === $to - 1) {
                    $runs[] = [(int) round($y), $start, $x + 1];
                    $start = $x + 1;
                }
                $y += $slope;
            }
        }
        $found = array_map(
            fn (SeenRule $seen): array => [$seen->rule->from, $seen->rule->to],
            BitmapRules::chains($runs, 0.5, true),
        );
        sort($found);
        $this->assertCount(count($expected), $found);
        foreach ($expected as $at => [$from, $to]) {
            $this->assertEqualsWithDelta($from, $found[$at][0], 6.0);
            $this->assertEqualsWithDelta($to, $found[$at][1], 6.0);
        }
    }

    public function test_each_arm_lies_as_its_own_ink_does(): void
    {
        $runs = [[100, 0, 160]];
        for ($step = 0; $step < 24; $step++) {
            $runs[] = [101 + $step, 160 + 5 * $step, 165 + 5 * $step];
        }
        [$line, $pointer] = BitmapRules::chains($runs, 0.5, true);
        $this->assertEqualsWithDelta(0.0, $line->slope, 0.02);
        $this->assertEqualsWithDelta(50.25, $line->rule->at, 0.5);
        $this->assertEqualsWithDelta(0.2, $pointer->slope, 0.01);
        $this->assertTrue($line->rule->level);
    }

    public function test_of_straight_runs_the_fit_is_the_line_itself(): void
    {
        // y = 40 + x / 10, as runs of ten pixels: the ink of each lies at the middle of its run.
        $runs = array_map(fn (int $n): array => [40 + $n, 10 * $n, 10 * $n + 10], range(0, 9));
        [$middle, $slope, $off] = BitmapRules::fit($runs);
        $this->assertEqualsWithDelta(44.5, $middle, 1e-9);
        $this->assertEqualsWithDelta(0.1, $slope, 0.002);
        $this->assertLessThan(0.1, $off);
        $this->assertSame([7.0, 0.0, 0.0], BitmapRules::fit([[7, 3, 90]]));
    }

    public function test_what_breaks_off_goes_on_after_four_points_and_not_after_more(): void
    {
        $this->assertCount(1, BitmapRules::chains([[100, 0, 60], [100, 68, 130]], 0.5, true));
        $this->assertCount(2, BitmapRules::chains([[100, 0, 60], [100, 69, 130]], 0.5, true));
        $this->assertCount(1, BitmapRules::chains([[100, 0, 60], [102, 60, 130]], 0.5, true), 'two pixels lower');
        $this->assertCount(2, BitmapRules::chains([[100, 0, 60], [103, 60, 130]], 0.5, true), 'three pixels lower');
    }

    public function test_what_is_short_or_thick_is_no_line(): void
    {
        $this->assertCount(1, BitmapRules::chains([[100, 0, 12]], 0.5, true));
        $this->assertSame([], BitmapRules::chains([[100, 0, 11]], 0.5, true));
        // Each row of it a little longer than the one above, as the foot of a drawing is.
        $thick = fn (int $rows): array => array_map(fn (int $y): array => [100 + $y, 0, 80 + $y], range(0, $rows - 1));
        $this->assertCount(1, BitmapRules::chains($thick(7), 0.5, true));
        $this->assertSame([], BitmapRules::chains($thick(9), 0.5, true));
        $this->assertSame(0.5, BitmapRules::chains([[100, 0, 80]], 0.25, true)[0]->rule->weight, 'none is thinner');
    }
}
