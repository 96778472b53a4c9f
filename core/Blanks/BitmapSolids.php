<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Finds what is filled with ink on a bitmap, such as a dark cell or the dark head of a table, and leaves its outline:
 * the lines that it has in common with the cells beside it.
 */
final class BitmapSolids
{
    /** How far from its edge ink is inside, in points: no line is so thick, and few letters are. */
    private const DEEP = 2.6;

    /** Less is no area, in points. */
    private const SMALLEST = 6.0;

    /** The height of the bands that it is looked through by, in points, and how far its edges may wander between two. */
    private const BAND = 3.0;

    private const ASIDE = 6.0;

    /** White letters in it are no wider, with what is near their edges, in points. */
    private const LETTERS = 16.0;

    /** How light what is filled with ink is, 0 to 1. */
    private const LIGHTNESS = 0.2;

    /** @return array{Bitmap, list<Shade>} the bitmap with its solid areas hollow, and where they are */
    public static function hollowed(Bitmap $bitmap): array
    {
        $deep = max(2, (int) round(self::DEEP / $bitmap->scale));
        $inside = self::inside($bitmap, $deep);
        if ($inside === []) {
            return [$bitmap, []];
        }
        $areas = self::areas($inside, $bitmap->scale, $deep * $bitmap->scale);
        $rows = $bitmap->rows;
        foreach ($areas as $area) {
            $from = max(0, (int) floor($area->x / $bitmap->scale));
            $width = (int) ceil($area->width / $bitmap->scale);
            for ($y = (int) floor($area->y / $bitmap->scale); $y <= $area->bottom() / $bitmap->scale; $y++) {
                if (isset($inside[$y])) {
                    $part = substr($inside[$y], $from, $width);
                    $left = (substr($rows[$y], $from, $width) ^ $part) | str_repeat('0', strlen($part));
                    $rows[$y] = substr_replace($rows[$y], $left, $from, strlen($part));
                }
            }
        }

        return [
            new Bitmap(array_values($rows), $bitmap->width, $bitmap->scale),
            array_map(fn (Frame $area): Shade => new Shade($area, self::LIGHTNESS), $areas),
        ];
    }

    /**
     * What has ink so far on all four sides.
     *
     * @return array<int, string> rows by their number, those that have any
     */
    private static function inside(Bitmap $bitmap, int $deep): array
    {
        $width = 2 * $deep + 1;
        $long = str_repeat('1', $width);
        $pad = str_repeat('0', $deep);
        $across = [];
        foreach ($bitmap->rows as $y => $row) {
            if (str_contains($row, $long)) {
                $and = $row;
                for ($step = 1; $step < $width; $step *= 2) {
                    $by = min($step, $width - $step);
                    $and &= substr($and, $by).str_repeat('0', $by);
                }
                $across[$y] = $pad.substr($and, 0, -$deep);
            }
        }
        $inside = [];
        foreach ($across as $y => $row) {
            for ($near = $y - $deep; $near <= $y + $deep; $near++) {
                if (! isset($across[$near])) {
                    continue 2;
                }
                $row &= $across[$near];
            }
            if (str_contains($row, '1')) {
                $inside[$y] = $row;
            }
        }

        return $inside;
    }

    /**
     * @param  non-empty-array<int, string>  $inside
     * @param  float  $edge  how far it goes on beyond that, in points
     * @return list<Frame>
     */
    private static function areas(array $inside, float $scale, float $edge): array
    {
        $band = max(1, (int) round(self::BAND / $scale));
        $letters = (int) round(self::LETTERS / $scale);
        $open = $areas = [];
        for (
            $top = intdiv(min(array_keys($inside)), $band) * $band;
            $top <= max(array_keys($inside)) + $band;
            $top += $band
        ) {
            $row = $inside[$top] ?? '';
            $next = [];
            preg_match_all('/1+(?:0{1,'.$letters.'}1+)*/', $row, $runs, PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $from]) {
                $to = $from + strlen($run);
                $start = $top;
                foreach ($open as $index => [$left, $right, $first]) {
                    if (max(abs($left - $from), abs($right - $to)) * $scale <= self::ASIDE) {
                        [$from, $to, $start] = [min($left, $from), max($right, $to), $first];
                        unset($open[$index]);
                        break;
                    }
                }
                $next[] = [$from, $to, $start];
            }
            foreach ($open as [$left, $right, $first]) {
                $areas[] = Frame::of(
                    $left * $scale - $edge,
                    $first * $scale - $edge,
                    ($right - $left) * $scale + 2 * $edge,
                    ($top - $first) * $scale + $edge,
                );
            }
            $open = $next;
        }

        return array_values(
            array_filter($areas, fn (Frame $area): bool => min($area->width, $area->height) >= self::SMALLEST + $edge),
        );
    }
}
