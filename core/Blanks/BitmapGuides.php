<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/**
 * Finds the dashed line in the middle of two that beginners write between, which is often so pale that it is seen in
 * pieces or not at all: where two lines begin and end alike, it is looked for between them.
 */
final class BitmapGuides
{
    /** Shorter lines are not looked between, in points. */
    private const SHORTEST = 60.0;

    /** What is darker than this share of what stands above and below is a dash or dust; those two are alike. */
    private const DARKER = 0.93;

    private const ALIKE = 0.9;

    /** How far above and below a dash there is none, in pixels. */
    private const ASIDE = 4;

    /** How much of such a line is dashes, and at how many places that is looked at before all of it is. */
    private const INK = [0.3, 0.85];

    private const PLACES = 60;

    /**
     * From one dash to the next it is as far as this at the most, in points, and so many are as far by such a share; it
     * begins where so many in a row are.
     */
    private const PITCH = 14.0;

    private const ROW = 6;

    private const EVEN = 0.6;

    private const UNEVEN = 0.35;

    /** Letters are so high at the most between the two, as a share. */
    private const STROKE = 0.9;

    /** Pieces of it that were seen lie so near to it, in points. */
    private const NEAR = 2.6;

    /**
     * @param  list<SeenRule>  $seen
     * @return list<SeenRule> these, with one dashed one in place of its pieces
     */
    public static function with(Bitmap $bitmap, array $seen): array
    {
        foreach (self::pairs($seen) as [$above, $below]) {
            $middle = self::middle($bitmap, $above, $below);
            if ($middle !== null) {
                $isOf = fn (SeenRule $one): bool => self::isPiece($one, $middle) ||
                    self::isStroke($one, $above, $below);
                $seen = [...array_values(array_filter($seen, fn (SeenRule $one): bool => ! $isOf($one))), $middle];
            }
        }

        return $seen;
    }

    private static function isPiece(SeenRule $one, SeenRule $middle): bool
    {
        return $one->rule->level &&
            $one->aside($middle) <= self::NEAR &&
            $one->rule->from >= $middle->rule->from - self::NEAR &&
            $one->rule->to <= $middle->rule->to + self::NEAR;
    }

    /** Whether it is a stroke of a letter that is to be copied; the side of a cell goes from line to line. */
    private static function isStroke(SeenRule $one, SeenRule $above, SeenRule $below): bool
    {
        [$top, $bottom] = [$above->at($one->rule->at), $below->at($one->rule->at)];

        return ! $one->rule->level &&
            $one->rule->at > max($above->rule->from, $below->rule->from) &&
            $one->rule->at < min($above->rule->to, $below->rule->to) &&
            $one->rule->from >= $top - self::NEAR &&
            $one->rule->to <= $bottom + self::NEAR &&
            $one->rule->length() <= self::STROKE * ($bottom - $top);
    }

    /**
     * @param  list<SeenRule>  $seen
     * @return list<array{SeenRule, SeenRule}> lines, and the next ones below that begin and end as they do
     */
    private static function pairs(array $seen): array
    {
        $long = array_values(
            array_filter(
                $seen,
                fn (SeenRule $one): bool => $one->rule->level &&
                    ! $one->rule->dashed &&
                    $one->rule->length() >= self::SHORTEST,
            ),
        );
        usort($long, fn (SeenRule $a, SeenRule $b): int => $a->rule->at <=> $b->rule->at);
        $pairs = [];
        foreach ($long as $index => $above) {
            foreach (array_slice($long, $index + 1) as $below) {
                if (
                    abs($above->rule->from - $below->rule->from) <= HandwritingGuides::ENDS &&
                    abs($above->rule->to - $below->rule->to) <= HandwritingGuides::ENDS
                ) {
                    $height = $below->rule->at - $above->rule->at;
                    if ($height >= HandwritingGuides::LOWEST && $height <= HandwritingGuides::HIGHEST) {
                        $pairs[] = [$above, $below];
                    }
                    break;
                }
            }
        }

        return $pairs;
    }

    private static function middle(Bitmap $bitmap, SeenRule $above, SeenRule $below): ?SeenRule
    {
        [$first, $last] = HandwritingGuides::MIDDLE;
        $height = $below->rule->at - $above->rule->at;
        $from = max($above->rule->from, $below->rule->from);
        $to = min($above->rule->to, $below->rule->to);
        $slope = ($above->slope + $below->slope) / 2;
        $best = null;
        $most = self::INK[0];
        for ($share = $first; $share <= $last; $share += $bitmap->scale / $height) {
            $at = $above->rule->at + $share * $height;
            $seen = new SeenRule(new Rule(true, $at, $from, $to, $bitmap->scale, true), $slope);
            if (self::ink(self::dashes($bitmap, $seen, self::PLACES)) < 0.7 * self::INK[0]) {
                continue;
            }
            $dashes = self::dashes($bitmap, $seen, (int) (($to - $from) / $bitmap->scale));
            $ink = self::ink($dashes);
            $even = $ink > $most && $ink <= self::INK[1] ? self::even($dashes, $bitmap->scale) : null;
            if ($even !== null) {
                [$best, $most] = [$seen->between($from + $even * $bitmap->scale, $to), $ink];
            }
        }

        return $best;
    }

    /** Along a line, "1" where there is a dash and "0" where there is none. */
    private static function dashes(Bitmap $bitmap, SeenRule $seen, int $places): string
    {
        $rule = $seen->rule;
        $middle = ($rule->from + $rule->to) / 2;
        $dashes = '';
        for ($place = 0; $place < $places; $place++) {
            $along = $rule->from + (($place + 0.5) * $rule->length()) / $places;
            $x = (int) ($along / $bitmap->scale);
            $y = (int) (($rule->at + $seen->slope * ($along - $middle)) / $bitmap->scale);
            $above = $bitmap->level($x, $y - self::ASIDE);
            $below = $bitmap->level($x, $y + self::ASIDE);
            $dashes .=
                $bitmap->level($x, $y) <= self::DARKER * min($above, $below) &&
                min($above, $below) >= self::ALIKE * max($above, $below)
                    ? '1'
                    : '0';
        }

        return $dashes;
    }

    private static function ink(string $dashes): float
    {
        return substr_count($dashes, '1') / max(1, strlen($dashes));
    }

    /**
     * Where dashes begin most of which are as far from each other; what is written over them hides some, and what is to
     * be copied stands before them.
     *
     * @return int|null in places; null where they are not even
     */
    private static function even(string $dashes, float $scale): ?int
    {
        preg_match_all('/(?<=00)1{2,}/', $dashes, $found, PREG_OFFSET_CAPTURE);
        $starts = array_column($found[0], 1);
        $steps = array_map(
            fn (int $next, int $one): int => $next - $one,
            array_slice($starts, 1),
            array_slice($starts, 0, -1),
        );
        if (count($steps) < self::ROW) {
            return null;
        }
        $sorted = $steps;
        sort($sorted);
        $pitch = $sorted[intdiv(count($sorted), 2)];
        $even = array_filter($steps, fn (int $step): bool => abs($step - $pitch) <= self::UNEVEN * $pitch);
        if ($pitch * $scale > self::PITCH || count($even) < self::EVEN * count($steps)) {
            return null;
        }
        for ($at = $row = 0; $at < count($steps) && $row < self::ROW; $at++) {
            $row = isset($even[$at]) ? $row + 1 : 0;
        }

        return $row < self::ROW ? null : $starts[$at - self::ROW];
    }
}
