<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** How far apart two spellings are. */
final class Misspelling
{
    /** Words up to the length may be this far apart and still be one word misspelt (common practice, no source). */
    private const LIMITS = [2 => 0, 5 => 1, 8 => 2];

    private const LIMIT = 3;

    public static function isClose(string $a, string $b): bool
    {
        [$short, $long] = mb_strlen($a) < mb_strlen($b) ? [$a, $b] : [$b, $a];
        $limit = self::limit(mb_strlen($long));
        if (mb_strlen($long) - mb_strlen($short) > $limit) {
            return false;
        }
        // Most words are far apart, and seen to be so by PHP's own distance, which knows no swaps: one swap is two
        // changes there. It counts bytes, so that it speaks of plain letters only.
        $isPlain = strlen($a) === mb_strlen($a) && strlen($b) === mb_strlen($b) && strlen($long) <= 255;

        return (! $isPlain || levenshtein($a, $b) <= 2 * $limit) && self::distance($a, $b) <= $limit;
    }

    /**
     * How many letters have to be put in, left out, changed, or swapped with their neighbour, to come from one to the
     * other: Damerau–Levenshtein distance in its restricted form (optimal string alignment), by code points.
     */
    public static function distance(string $a, string $b): int
    {
        $a = mb_str_split($a);
        $b = mb_str_split($b);
        $before = [];
        $last = range(0, count($b));
        foreach ($a as $i => $letter) {
            $row = [$i + 1];
            foreach ($b as $j => $other) {
                $row[$j + 1] = min($last[$j + 1] + 1, $row[$j] + 1, $last[$j] + (int) ($letter !== $other));
                if ($i > 0 && $j > 0 && $letter === $b[$j - 1] && $a[$i - 1] === $other) {
                    $row[$j + 1] = min($row[$j + 1], $before[$j - 1] + 1);
                }
            }
            [$before, $last] = [$last, $row];
        }

        return $last[count($b)];
    }

    private static function limit(int $length): int
    {
        foreach (self::LIMITS as $most => $limit) {
            if ($length <= $most) {
                return $limit;
            }
        }

        return self::LIMIT;
    }
}
