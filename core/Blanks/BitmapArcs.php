<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** Tells the flat parts of rounds from lines: at both ends their ink goes on, bent to one side. */
final class BitmapArcs
{
    /** Longer than this a line is none, in points. */
    private const LONGEST = 80.0;

    /** How far beyond an end it is looked, and how far to the sides, in pixels. */
    private const BEYOND = 4;

    private const ASIDE = 5;

    /** How far to the side the ink must lie on the average, in pixels; a side of a box goes on at right angles. */
    private const BENT = 0.8;

    private const AT_RIGHT_ANGLES = 3;

    public static function isOne(Bitmap $bitmap, SeenRule $seen): bool
    {
        $rule = $seen->rule;
        if (! $rule->level || $rule->dashed || $rule->length() > self::LONGEST) {
            return false;
        }
        $half = $rule->length() / 2 / $bitmap->scale;
        $middle = ($rule->from + $rule->to) / 2 / $bitmap->scale;
        $at = $rule->at / $bitmap->scale - 0.5;
        $left = self::bend($bitmap, $middle - $half, $at - $seen->slope * $half, -1);
        $right = self::bend($bitmap, $middle + $half, $at + $seen->slope * $half, 1);

        return $left !== null && $right !== null && $left * $right > 0 && min(abs($left), abs($right)) >= self::BENT;
    }

    /** @return float|null how far down the ink beyond an end lies, in pixels; null where there is none, or it turns off */
    private static function bend(Bitmap $bitmap, float $x, float $y, int $way): ?float
    {
        $sum = $count = 0;
        for ($step = 1; $step <= self::BEYOND; $step++) {
            $column = (int) floor($x) + $way * $step;
            $inked = 0;
            for ($down = -self::ASIDE; $down <= self::ASIDE; $down++) {
                $row = (int) round($y) + $down;
                if (($bitmap->rows[$row][$column] ?? '0') === '1') {
                    $sum += $row - $y;
                    $count++;
                    $inked++;
                }
            }
            if ($inked === 0) {
                return null;
            }
            if ($inked > self::AT_RIGHT_ANGLES + 1) {
                return null;
            }
        }

        return $sum / $count;
    }
}
