<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Boxes whose corners are round are seen in a picture as four lines that do not meet: their sides are drawn out to
 * where they would.
 */
final class RoundCorners
{
    /** How far from the corner a side may end, in points, where it is round. */
    private const ROUND = 18.0;

    /** How far sides that belong together may differ, in points. */
    private const LIKE = 3.0;

    /** Closer to each other they meet. */
    private const MET = 3.0;

    /**
     * @param  list<Rule>  $rules
     * @return array{list<Rule>, list<Frame>} the same with the sides of such boxes as long as the boxes, and where the
     *                                        corners are
     */
    public static function squared(array $rules): array
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
                    foreach ([$top, $bottom] as $index) {
                        $rules[$index] = self::drawnOut($level[$index], $from, $to);
                    }
                    foreach ([$left, $right] as $index) {
                        $rules[$index] = self::drawnOut($upright[$index], $above->at, $below->at);
                    }
                    foreach ([$from, $to] as $x) {
                        foreach ([$above->at, $below->at] as $y) {
                            $corners[] = Frame::of(
                                $x - self::ROUND,
                                $y - self::ROUND,
                                2 * self::ROUND,
                                2 * self::ROUND,
                            );
                        }
                    }
                }
            }
        }

        return [array_values($rules), $corners];
    }

    /**
     * @param  array<int, Rule>  $upright
     * @param  float  $end  where the level sides end, and on which side of that it lies
     * @return int|null the upright side of a box between two level ones
     */
    private static function side(array $upright, Rule $above, Rule $below, float $end, int $outward): ?int
    {
        $side = null;
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
                $side ??= $index;
            }
        }

        return $side;
    }

    private static function drawnOut(Rule $rule, float $from, float $to): Rule
    {
        return new Rule($rule->level, $rule->at, $from, $to, $rule->weight, $rule->dashed);
    }
}
