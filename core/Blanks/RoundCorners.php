<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use Closure;
use OpenSlate\Geometry\Frame;

/**
 * Boxes whose corners are round are seen in a picture as four lines that do not meet: their sides are drawn out to
 * where they would.
 */
final class RoundCorners
{
    /** How far from the corner a side may end, in points, where it is round. */
    private const ROUND = 48.0;

    /**
     * The middle of a quarter of a round lies so far from both sides, of its radius: 0.29, and more where some of the
     * round is seen as going on with a side.
     */
    private const MIDDLE = [0.22, 0.29, 0.36, 0.43, 0.5, 0.57];

    private const BESIDE = 4.0;

    /** So many of the four corners must be seen. */
    private const SEEN = 3;

    /** How far sides that belong together may differ, in points. */
    private const LIKE = 3.0;

    /** Closer to each other they meet. */
    private const MET = 3.0;

    /**
     * @param  list<Rule>  $rules
     * @param  Closure(float, float): bool  $isInked  whether there is ink at a place, in points
     * @return array{list<Rule>, list<Frame>} the same with the sides of such boxes as long as the boxes, and where the
     *                                        corners are
     */
    public static function squared(array $rules, Closure $isInked): array
    {
        $level = array_filter($rules, fn (Rule $rule): bool => $rule->level);
        $upright = array_filter($rules, fn (Rule $rule): bool => ! $rule->level);
        $corners = [];
        foreach ($level as $top => $above) {
            foreach ($level as $bottom => $below) {
                if (
                    $below->at - $above->at <= self::MET ||
                    abs($below->from - $above->from) > self::LIKE ||
                    abs($below->to - $above->to) > self::LIKE
                ) {
                    continue;
                }
                $left = self::side($upright, $above, $below, min($above->from, $below->from), -1);
                $right = self::side($upright, $above, $below, max($above->to, $below->to), 1);
                if ($left !== null && $right !== null) {
                    [$from, $to] = [$upright[$left]->at, $upright[$right]->at];
                    $ends = [
                        [$from, $above->at, $above->from, $upright[$left]->from],
                        [$to, $above->at, $above->to, $upright[$right]->from],
                        [$from, $below->at, $below->from, $upright[$left]->to],
                        [$to, $below->at, $below->to, $upright[$right]->to],
                    ];
                    $seen = array_filter($ends, fn (array $one): bool => self::isRound($isInked, ...$one));
                    if (count($seen) < self::SEEN) {
                        continue;
                    }
                    array_push($corners, ...array_map(fn (array $one): Frame => self::corner(...$one), $ends));
                    foreach ([$top, $bottom] as $index) {
                        $rules[$index] = self::drawnOut($level[$index], $from, $to);
                    }
                    foreach ([$left, $right] as $index) {
                        $rules[$index] = self::drawnOut($upright[$index], $above->at, $below->at);
                    }
                }
            }
        }

        return [array_values($rules), $corners];
    }

    /**
     * Whether a quarter of a round is seen at a corner.
     *
     * @param  Closure(float, float): bool  $isInked
     * @param  float  $across  where the level side ends
     * @param  float  $down  where the upright one does
     */
    private static function isRound(Closure $isInked, float $x, float $y, float $across, float $down): bool
    {
        foreach (self::MIDDLE as $share) {
            if ($isInked($x + $share * ($across - $x), $y + $share * ($down - $y))) {
                return true;
            }
        }

        return false;
    }

    /** Where nothing is but the round, with some room beside it. */
    private static function corner(float $x, float $y, float $across, float $down): Frame
    {
        return Frame::of(
            min($x, $across) - self::BESIDE,
            min($y, $down) - self::BESIDE,
            abs($across - $x) + 2 * self::BESIDE,
            abs($down - $y) + 2 * self::BESIDE,
        );
    }

    /**
     * @param  array<int, Rule>  $upright
     * @param  float  $end  where the level sides end, and on which side of that it lies
     * @return int|null the upright side of a box between two level ones
     */
    private static function side(array $upright, Rule $above, Rule $below, float $end, int $outward): ?int
    {
        [$side, $nearest] = [null, INF];
        foreach ($upright as $index => $rule) {
            $aside = ($rule->at - $end) * $outward;
            [$down, $up] = [$rule->from - $above->at, $below->at - $rule->to];
            // Where a side ends at the corner, the corner is not round: what lies farther out is of the next box.
            if (abs($aside) <= self::MET && min(abs($down), abs($up)) <= self::MET) {
                return null;
            }
            if (
                min($aside, $down, $up) >= -self::LIKE &&
                max($aside, $down, $up) <= self::ROUND &&
                // Some of the round may be seen as going on with a side.
                max($aside, $down, $up) > self::MET
            ) {
                [$side, $nearest] = $aside < $nearest ? [$index, $aside] : [$side, $nearest];
            }
        }

        return $side;
    }

    private static function drawnOut(Rule $rule, float $from, float $to): Rule
    {
        return new Rule($rule->level, $rule->at, $from, $to, $rule->weight, $rule->dashed);
    }
}
