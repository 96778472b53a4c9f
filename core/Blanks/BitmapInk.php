<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Finds where a bitmap has ink that is no line: words, as far as they can be told without being read, and drawings. */
final class BitmapInk
{
    /** The side of the squares that are looked at, in points. */
    private const SQUARE = 4.0;

    /** Pixels of ink in a square that are more than dust. */
    private const DUST = 2;

    /** Higher than this is no line of words, in points. */
    private const TALLEST_WORDS = 44.0;

    /** Steps, down and to the right, from a square to those that belong to it: beside it, and up to two below. */
    private const BESIDE = [
        [0, -1], [0, 1], [-1, 0], [1, 0], [-1, -1], [-1, 1], [1, -1], [1, 1], [0, 2], [0, -2],
    ];

    /**
     * @param  list<SeenRule>  $rules  of the same bitmap; their ink is left out
     * @return array{list<Frame>, list<Frame>} words, drawings
     */
    public static function find(Bitmap $bitmap, array $rules): array
    {
        $rows = self::without($bitmap, $rules);
        $side = max(2, (int) round(self::SQUARE / $bitmap->scale));
        $inked = [];
        for ($top = 0; $top < count($rows); $top += $side) {
            $band = array_slice($rows, $top, $side);
            $any = array_reduce(
                $band,
                fn (?string $all, string $row): string => $all === null ? $row : $all | $row,
            );
            for (
                $left = strpos((string) $any, '1');
                $left !== false;
                $left = $left < $bitmap->width ? strpos((string) $any, '1', $left) : false
            ) {
                $column = intdiv($left, $side);
                $ink = 0;
                foreach ($band as $row) {
                    $ink += substr_count(substr($row, $column * $side, $side), '1');
                }
                if ($ink >= self::DUST) {
                    $inked[intdiv($top, $side)][$column] = true;
                }
                $left = ($column + 1) * $side;
            }
        }
        $words = $drawings = [];
        foreach (self::blobs($inked) as [$left, $top, $right, $bottom, $count]) {
            if ($count < 2) {
                continue;
            }
            $frame = Frame::of(
                $left * $side * $bitmap->scale,
                $top * $side * $bitmap->scale,
                ($right - $left + 1) * $side * $bitmap->scale,
                ($bottom - $top + 1) * $side * $bitmap->scale,
            );
            if ($frame->height <= self::TALLEST_WORDS) {
                $words[] = $frame;
            } else {
                $drawings[] = $frame;
            }
        }

        return [$words, $drawings];
    }

    /**
     * @param  list<SeenRule>  $rules
     * @return list<string>
     */
    private static function without(Bitmap $bitmap, array $rules): array
    {
        $rows = $bitmap->rows;
        foreach ($rules as $seen) {
            $rule = $seen->rule;
            // A line that lies askew is as far from its middle as that takes.
            $aside = (int) ceil(
                ($rule->weight / 2 + 1.2 + (abs($seen->slope) * $rule->length()) / 2) / $bitmap->scale,
            );
            $at = (int) round($rule->at / $bitmap->scale);
            $from = max(0, (int) floor($rule->from / $bitmap->scale) - 2);
            $to = (int) ceil($rule->to / $bitmap->scale) + 2;
            if ($rule->level) {
                $to = min($to, $bitmap->width);
                for ($y = max(0, $at - $aside); $y <= min(count($rows) - 1, $at + $aside); $y++) {
                    // Only long runs are the line; a letter that stands on it stays.
                    $rows[$y] =
                        substr($rows[$y], 0, $from).
                        preg_replace_callback(
                            '/1{6,}/',
                            fn (array $run): string => str_repeat('0', strlen($run[0])),
                            substr($rows[$y], $from, $to - $from),
                        ).
                        substr($rows[$y], $to);
                }
            } else {
                $left = max(0, $at - min($aside, 4));
                $width = min($bitmap->width - $left, 2 * min($aside, 4) + 1);
                for ($y = $from; $y <= min(count($rows) - 1, $to); $y++) {
                    $rows[$y] = substr_replace($rows[$y], str_repeat('0', $width), $left, $width);
                }
            }
        }

        return array_values($rows);
    }

    /**
     * Squares with ink that touch, or stand but one square apart on one row, are one blob.
     *
     * @param  array<int, array<int, bool>>  $inked  by row and column
     * @return list<array{int, int, int, int, int}> left, top, right, bottom and how many squares
     */
    private static function blobs(array $inked): array
    {
        $blobs = [];
        foreach (array_keys($inked) as $startRow) {
            foreach (array_keys($inked[$startRow]) as $startColumn) {
                if (! array_key_exists($startColumn, $inked[$startRow])) {
                    continue; // Part of a blob that was followed from elsewhere.
                }
                unset($inked[$startRow][$startColumn]);
                $queue = [[$startRow, $startColumn]];
                $blob = [$startColumn, $startRow, $startColumn, $startRow, 0];
                while ($queue !== []) {
                    [$row, $column] = array_pop($queue);
                    $blob = [
                        min($blob[0], $column),
                        min($blob[1], $row),
                        max($blob[2], $column),
                        max($blob[3], $row),
                        $blob[4] + 1,
                    ];
                    foreach (self::BESIDE as [$down, $right]) {
                        if (isset($inked[$row + $down][$column + $right])) {
                            unset($inked[$row + $down][$column + $right]);
                            $queue[] = [$row + $down, $column + $right];
                        }
                    }
                }
                $blobs[] = $blob;
            }
        }

        return $blobs;
    }
}
