<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\InscribedFrame;

/**
 * Finds on a bitmap the room in what a line encloses that is no box: bubbles, clouds and other shapes. Paper that hangs
 * together and does not reach the edge of the page is enclosed.
 */
final class BitmapOutlines
{
    /** Pixels that are looked at as one, where any of them is ink: so small gaps in a line let nothing out. */
    private const BLOCK = 4;

    /** How wide and high what is enclosed is at the least, in points, and at the most, as a share of the page. */
    private const LEAST = 24.0;

    private const MOST = 0.6;

    /** What fills more of the frame around it is a box or a cell. */
    private const STRAIGHT = 0.93;

    /** What fills less is what is left between other things. */
    private const SCATTERED = 0.4;

    /** On a page with more than that they are the meshes of a pattern. */
    private const SEVERAL = 60;

    /** @return list<Frame> in points */
    public static function find(Bitmap $bitmap): array
    {
        $rows = self::shrunk($bitmap);
        $size = self::BLOCK * $bitmap->scale;
        $all = strlen($rows[0] ?? '') * count($rows);
        $found = [];
        foreach (self::enclosed($rows) as $runs) {
            $area = array_sum(array_map(fn (array $run): int => $run[2], $runs));
            $left = min(array_column($runs, 1));
            $right = max(array_map(fn (array $run): int => $run[1] + $run[2], $runs));
            [$top, $bottom] = [min(array_column($runs, 0)), max(array_column($runs, 0)) + 1];
            [$width, $height] = [$right - $left, $bottom - $top];
            $share = $area / ($width * $height);
            if (
                min($width, $height) * $size >= self::LEAST &&
                $area <= self::MOST * $all &&
                $share <= self::STRAIGHT &&
                $share >= self::SCATTERED
            ) {
                $found[] = InscribedFrame::among(self::has($runs), Frame::of($left, $top, $width, $height));
            }
        }
        $found = array_values(array_filter($found));

        return count($found) > self::SEVERAL
            ? []
            : array_map(fn (Frame $frame): Frame => $frame->scaled($size), $found);
    }

    /** @return list<string> rows of blocks, "1" where there is ink */
    private static function shrunk(Bitmap $bitmap): array
    {
        $shrunk = [];
        foreach (array_chunk($bitmap->rows, self::BLOCK) as $rows) {
            $ink = array_reduce($rows, fn (?string $all, string $row): string => $all === null ? $row : $all | $row);
            $row = '';
            foreach (str_split((string) $ink, self::BLOCK) as $block) {
                $row .= str_contains($block, '1') ? '1' : '0';
            }
            $shrunk[] = $row;
        }

        return $shrunk;
    }

    /**
     * @param  list<string>  $rows
     * @return list<non-empty-list<array{int, int, int}>> of each piece of paper that hangs together and reaches no edge
     *                                                    its runs: in which row, from where, and how long
     */
    private static function enclosed(array $rows): array
    {
        $runs = $above = $of = [];
        foreach ($rows as $y => $row) {
            $here = [];
            preg_match_all('/0+/', $row, $white, PREG_OFFSET_CAPTURE);
            foreach ($white[0] as [$run, $x]) {
                $at = count($runs);
                $runs[] = [$y, $x, strlen($run)];
                $here[] = $of[] = $at;
                foreach ($above as $other) {
                    if ($runs[$other][1] < $x + strlen($run) && $runs[$other][1] + $runs[$other][2] > $x) {
                        $of[self::piece($of, $other)] = self::piece($of, $at);
                    }
                }
            }
            $above = $here;
        }
        $pieces = $open = [];
        [$width, $last] = [strlen($rows[0] ?? ''), count($rows) - 1];
        foreach ($runs as $at => $run) {
            $is = self::piece($of, $at);
            $pieces[$is][] = $run;
            if ($run[0] === 0 || $run[0] === $last || $run[1] === 0 || $width === $run[1] + $run[2]) {
                $open[$is] = true;
            }
        }

        return array_values(array_diff_key($pieces, $open));
    }

    /**
     * Which run stands for all that hang together with one.
     *
     * @param  array<int, int>  $of  of each run one that it hangs together with, or itself
     */
    private static function piece(array &$of, int $run): int
    {
        while ($of[$run] !== $run) {
            $run = $of[$run] = $of[$of[$run]];
        }

        return $run;
    }

    /**
     * @param  non-empty-list<array{int, int, int}>  $runs
     * @return callable(float, float): bool whether a place lies in one of them
     */
    private static function has(array $runs): callable
    {
        $rows = [];
        foreach ($runs as [$y, $x, $length]) {
            $rows[$y][] = [$x, $x + $length];
        }

        return function (float $x, float $y) use ($rows): bool {
            foreach ($rows[(int) floor($y)] ?? [] as [$from, $to]) {
                if ($x >= $from && $x < $to) {
                    return true;
                }
            }

            return false;
        };
    }
}
