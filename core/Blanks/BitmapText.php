<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Tells a block of print from a drawing: seen close, print falls apart into rows of one height. Rows stand too near to
 * each other to be told apart while it is looked for what belongs together.
 */
final class BitmapText
{
    /** How high the slices are that are looked at, in points: lower than what parts two rows of print. */
    private const SLICE = 1.4;

    /** How high a row of print is, on the average of its columns, in points. */
    private const LOW = 4.0;

    private const HIGH = 20.0;

    /** How much of all that is seen must be such rows, as a share. */
    private const MOST = 0.9;

    /**
     * @param  array<int, string>  $rows  of the bitmap, without its lines
     * @param  array<int, array<int, true>>  $squares  of the block, by row and column
     * @param  int  $side  of a square, in pixels
     * @return list<Frame>|null its rows; null where it is a drawing
     */
    public static function rows(array $rows, array $squares, int $side, float $scale): ?array
    {
        $slice = max(1, (int) round(self::SLICE / $scale));
        $inked = [];
        foreach ($squares as $row => $columns) {
            for ($y = $row * $side; $y < ($row + 1) * $side; $y++) {
                foreach (array_keys($columns) as $column) {
                    if (str_contains(substr($rows[$y] ?? '', $column * $side, $side), '1')) {
                        $inked[intdiv($y, $slice)][$column] = true;
                    }
                }
            }
        }
        ksort($inked);
        $frames = [];
        $all = $print = 0;
        foreach (self::pieces($inked) as $piece) {
            [$cells, $high] = self::measure($piece, $slice * $scale);
            $all += $cells;
            if ($high < self::LOW) {
                continue; // The dot of a letter, or a comma.
            }
            if ($high <= self::HIGH) {
                $print += $cells;
                $frames[] = self::frame($piece, $side * $scale, $slice * $scale);
            }
        }

        return count($frames) > 1 && $print >= self::MOST * $all ? $frames : null;
    }

    /**
     * @param  array<int, array<int, true>>  $inked  by slice and column
     * @return list<non-empty-array<int, non-empty-list<int>>> the slices of each column of what hangs together
     */
    private static function pieces(array $inked): array
    {
        $pieces = [];
        foreach (array_keys($inked) as $start) {
            foreach (array_keys($inked[$start]) as $first) {
                if (! array_key_exists($first, $inked[$start])) {
                    continue;
                }
                unset($inked[$start][$first]);
                $queue = [[$start, $first]];
                $piece = [];
                while ($queue !== []) {
                    [$slice, $column] = array_pop($queue);
                    $piece[$column][] = $slice;
                    foreach ([[0, -1], [0, 1], [0, -2], [0, 2], [-1, 0], [1, 0]] as [$down, $right]) {
                        if (isset($inked[$slice + $down][$column + $right])) {
                            unset($inked[$slice + $down][$column + $right]);
                            $queue[] = [$slice + $down, $column + $right];
                        }
                    }
                }
                $pieces[] = $piece;
            }
        }

        return $pieces;
    }

    /**
     * @param  non-empty-array<int, non-empty-list<int>>  $piece
     * @return array{int, float} how much it is, and how high it is on the average of its columns, in points
     */
    private static function measure(array $piece, float $slice): array
    {
        $cells = $high = 0;
        foreach ($piece as $slices) {
            $cells += count($slices);
            $high += max($slices) - min($slices) + 1;
        }

        return [$cells, ($high / count($piece)) * $slice];
    }

    /** @param  non-empty-array<int, non-empty-list<int>>  $piece */
    private static function frame(array $piece, float $side, float $slice): Frame
    {
        $columns = array_keys($piece);
        $slices = array_merge(...$piece);
        [$top, $bottom] = [min($slices), max($slices)];

        return Frame::of(
            min($columns) * $side,
            $top * $slice,
            (max($columns) - min($columns) + 1) * $side,
            ($bottom - $top + 1) * $slice,
        );
    }
}
