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

    /** Pixels of ink that are more than dust where they stand alone: a comma, a full stop. */
    private const SPECK = 5;

    /** Higher than this may be several rows of words, in points. */
    private const ONE_ROW = 20.0;

    /** Higher than this is no line of words, in points. */
    private const TALLEST_WORDS = 44.0;

    /** How far beside a line some of its ink may lie, in points, and beside an upright one at most, in pixels. */
    private const BESIDE_A_LINE = 1.2;

    private const MOST_BESIDE = 4;

    /** How far beyond its ends, in points: they may be too faint to be seen as it. */
    private const ENDS = 6.0;

    /** Steps, down and to the right, from a square to those that belong to it: beside it, and up to two below. */
    private const BESIDE = [[0, -1], [0, 1], [-1, 0], [1, 0], [-1, -1], [-1, 1], [1, -1], [1, 1], [0, 2], [0, -2]];

    /**
     * @param  list<SeenRule>  $rules  of the same bitmap; their ink is left out
     * @param  list<Frame>  $ticks  squares and rings, likewise
     * @return array{list<Frame>, list<Frame>, list<Frame>} words, drawings, and what is as small as a comma
     */
    public static function find(Bitmap $bitmap, array $rules, array $ticks = []): array
    {
        $rows = self::without($bitmap, $rules, $ticks);
        $side = max(2, (int) round(self::SQUARE / $bitmap->scale));
        $inked = [];
        for ($top = 0; $top < count($rows); $top += $side) {
            $band = array_slice($rows, $top, $side);
            $any = array_reduce($band, fn (?string $all, string $row): string => $all === null ? $row : $all | $row);
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
                    $inked[intdiv($top, $side)][$column] = $ink;
                }
                $left = ($column + 1) * $side;
            }
        }
        $words = $drawings = $specks = [];
        foreach (self::blobs($inked) as [$left, $top, $right, $bottom, $count, $ink, $squares]) {
            $frame = Frame::of(
                $left * $side * $bitmap->scale,
                $top * $side * $bitmap->scale,
                ($right - $left + 1) * $side * $bitmap->scale,
                ($bottom - $top + 1) * $side * $bitmap->scale,
            );
            $print = $frame->height > self::ONE_ROW ? BitmapText::rows($rows, $squares, $side, $bitmap->scale) : null;
            if ($count < 2) {
                $ink >= self::SPECK && ($specks[] = $frame);
            } elseif ($print !== null) {
                array_push($words, ...$print);
            } elseif ($frame->height <= self::TALLEST_WORDS) {
                $words[] = $frame;
            } else {
                $drawings[] = $frame;
            }
        }

        return [$words, $drawings, $specks];
    }

    /**
     * The rows without the ink of the lines, each erased along itself: what a scanner has left of it beside, too.
     *
     * @param  list<SeenRule>  $rules
     * @param  list<Frame>  $ticks
     * @return list<string>
     */
    private static function without(Bitmap $bitmap, array $rules, array $ticks): array
    {
        $rows = $bitmap->rows;
        foreach ($ticks as $tick) {
            $from = max(0, (int) floor($tick->x / $bitmap->scale) - 1);
            $width = min($bitmap->width - $from, (int) ceil($tick->width / $bitmap->scale) + 2);
            $top = (int) floor($tick->y / $bitmap->scale) - 1;
            $to = (int) ceil($tick->bottom() / $bitmap->scale) + 1;
            for ($y = max(0, $top); $y <= min(count($rows) - 1, $to); $y++) {
                $rows[$y] = substr_replace($rows[$y], str_repeat('0', $width), $from, $width);
            }
        }
        foreach ($rules as $seen) {
            $half = (int) ceil(($seen->rule->weight / 2 + self::BESIDE_A_LINE) / $bitmap->scale);
            foreach (self::steps($bitmap, $seen) as [$at, $from, $to]) {
                if ($seen->rule->level) {
                    self::eraseLevel($rows, $at, $half, $from, $to);
                } else {
                    self::eraseUpright($rows, $at, min($half, self::MOST_BESIDE), $from, $to);
                }
            }
        }

        return array_values($rows);
    }

    /**
     * Where a line lies along itself: one that lies askew goes aside by steps.
     *
     * @return list<array{int, int, int}> where it lies across, from where and to where, in pixels
     */
    private static function steps(Bitmap $bitmap, SeenRule $seen): array
    {
        $rule = $seen->rule;
        $ends = self::ENDS / $bitmap->scale;
        [$from, $to] = [$rule->from / $bitmap->scale - $ends, $rule->to / $bitmap->scale + $ends];
        $end = $rule->level ? $bitmap->width : $bitmap->height();
        [$from, $to] = [max(0, (int) floor($from)), min($end, (int) ceil($to))];
        $middle = ($rule->from + $rule->to) / 2 / $bitmap->scale;
        $length = abs($seen->slope) < 1e-6 ? $to - $from : max(1, (int) floor(1 / abs($seen->slope)));
        $steps = [];
        for ($start = $from; $start < $to; $start += $length) {
            $stop = min($to, $start + $length);
            $at = $rule->at / $bitmap->scale - 0.5 + $seen->slope * (($start + $stop) / 2 - $middle);
            $steps[] = [(int) round($at), $start, $stop];
        }

        return $steps;
    }

    /**
     * What goes on above or below is no line: a letter that stands on it stays whole.
     *
     * @param  array<int, string>  $rows
     */
    private static function eraseLevel(array &$rows, int $at, int $half, int $from, int $to): void
    {
        $length = $to - $from;
        $nothing = str_repeat('0', $length);
        $beyond = fn (int $y): string => isset($rows[$y]) ? substr($rows[$y], $from, $length) : $nothing;
        $letters = $beyond($at - $half - 1) | $beyond($at + $half + 1);
        for ($y = max(0, $at - $half); $y <= min(count($rows) - 1, $at + $half); $y++) {
            $rows[$y] = substr_replace($rows[$y], substr($rows[$y], $from, $length) & $letters, $from, $length);
        }
    }

    /** @param  array<int, string>  $rows */
    private static function eraseUpright(array &$rows, int $at, int $half, int $from, int $to): void
    {
        $left = max(0, $at - $half);
        for ($y = $from; $y < min(count($rows), $to); $y++) {
            $width = min(strlen($rows[$y]) - $left, 2 * $half + 1);
            if ($width > 0) {
                $rows[$y] = substr_replace($rows[$y], str_repeat('0', $width), $left, $width);
            }
        }
    }

    /**
     * Squares with ink that touch, or stand but one square apart on one row, are one blob.
     *
     * @param  array<int, array<int, int>>  $inked  pixels of ink by row and column
     * @return list<array{int, int, int, int, int, int, non-empty-array<int, non-empty-array<int, true>>}> left, top,
     *                                  right, bottom, how many squares, their ink, and themselves by row and column
     */
    private static function blobs(array $inked): array
    {
        $blobs = [];
        foreach (array_keys($inked) as $startRow) {
            foreach (array_keys($inked[$startRow]) as $startColumn) {
                if (! array_key_exists($startColumn, $inked[$startRow])) {
                    continue; // Part of a blob that was followed from elsewhere.
                }
                $queue = [[$startRow, $startColumn, $inked[$startRow][$startColumn]]];
                unset($inked[$startRow][$startColumn]);
                $blob = [$startColumn, $startRow, $startColumn, $startRow, 0, 0];
                $squares = [];
                while ($queue !== []) {
                    [$row, $column, $ink] = array_pop($queue);
                    $squares[$row][$column] = true;
                    $blob = [
                        min($blob[0], $column),
                        min($blob[1], $row),
                        max($blob[2], $column),
                        max($blob[3], $row),
                        $blob[4] + 1,
                        $blob[5] + $ink,
                    ];
                    foreach (self::BESIDE as [$down, $right]) {
                        if (isset($inked[$row + $down][$column + $right])) {
                            $queue[] = [$row + $down, $column + $right, $inked[$row + $down][$column + $right]];
                            unset($inked[$row + $down][$column + $right]);
                        }
                    }
                }
                $blobs[] = [...$blob, $squares];
            }
        }

        return $blobs;
    }
}
