<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/**
 * Tells a line to write on from the feet of the words before and behind it, which stand on one line with it and seem to
 * be its ends: a gap parts them from it, and ink goes up from them.
 */
final class WordFeet
{
    /** How far they go, so high above the line there is more of it, in points, over such a share of them. */
    private const LONGEST = 26.0;

    private const LETTER = 4.0;

    private const RISING = 0.3;

    public static function cut(Bitmap $bitmap, SeenRule $seen): SeenRule
    {
        $rule = $seen->rule;
        [$from, $to] = [(int) round($rule->from / $bitmap->scale), (int) round($rule->to / $bitmap->scale)];
        $most = min((int) round(self::LONGEST / $bitmap->scale), intdiv($to - $from, 3));
        if (! $rule->level || $rule->dashed) {
            return $seen;
        }
        $left = self::end($bitmap, $seen, $from, 1, $most);
        $right = self::end($bitmap, $seen, $to - 1, -1, $most) + 1;

        return $left === $from && $right === $to
            ? $seen
            : new SeenRule(
                new Rule(
                    true,
                    $rule->at + (($seen->slope * ($left + $right - $from - $to)) / 2) * $bitmap->scale,
                    $left * $bitmap->scale,
                    $right * $bitmap->scale,
                    $rule->weight,
                ),
                $seen->slope,
            );
    }

    /**
     * @param  int  $step  to its middle: 1, or -1
     * @param  int  $most  pixels that may be no line
     */
    private static function end(Bitmap $bitmap, SeenRule $seen, int $end, int $step, int $most): int
    {
        $half = $seen->rule->weight / 2 / $bitmap->scale;
        $near = (int) ceil($half) + 1;
        $high = $near + (int) round(self::LETTER / $bitmap->scale);
        $middle = ($seen->rule->from + $seen->rule->to) / 2 / $bitmap->scale;
        $new = $end;
        $rising = 0;
        for ($gone = 0; $gone < $most; $gone++) {
            $x = $end + $step * $gone;
            $at = (int) round($seen->rule->at / $bitmap->scale - 0.5 + $seen->slope * ($x - $middle));
            $rising += (int) self::isInk($bitmap, $x, $at - $high, $at - $near);
            if (! self::isInk($bitmap, $x, $at - $near, $at + $near) && $rising >= self::RISING * ($gone + 1)) {
                $new = $x + $step;
            }
        }

        return $new;
    }

    private static function isInk(Bitmap $bitmap, int $x, int $top, int $bottom): bool
    {
        for ($y = $top; $y <= $bottom; $y++) {
            if (($bitmap->rows[$y][$x] ?? '0') === '1') {
                return true;
            }
        }

        return false;
    }
}
