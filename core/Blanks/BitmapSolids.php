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

    /** So much of its width is ink where words stand in it. */
    private const ROUND_WORDS = 0.4;

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
        $rows = $bitmap->rows;
        $letters = (int) round(self::LETTERS / $bitmap->scale);
        foreach (array_keys($inside) as $y) {
            $rows[$y] = self::withoutLetters($rows[$y], $inside, $y, $letters, $deep);
        }
        $inside = self::inside(new Bitmap(array_values($rows), $bitmap->width, $bitmap->scale), $deep);
        $areas = $inside === [] ? [] : self::areas($inside, $bitmap->scale, $deep * $bitmap->scale);
        foreach (self::of($areas, $inside, $bitmap->scale) as [$y, $from, $width]) {
            $part = substr($inside[$y] ?? '', $from, $width);
            $left = (substr($rows[$y], $from, $width) ^ $part) | str_repeat('0', strlen($part));
            $rows[$y] = substr_replace($rows[$y], $left, $from, strlen($part));
        }

        return [
            $bitmap->with(array_values($rows)),
            array_map(fn (Frame $area): Shade => new Shade($area, self::LIGHTNESS), $areas),
        ];
    }

    /**
     * A row without white letters: what is solid on both sides of them, and above or below. Wider is what may be
     * written in.
     *
     * @param  array<int, string>  $inside  what is solid
     */
    private static function withoutLetters(string $row, array $inside, int $y, int $letters, int $deep): string
    {
        preg_match_all('/(?<=1)0+(?=1)/', $inside[$y], $gaps, PREG_OFFSET_CAPTURE);
        foreach ($gaps[0] as [$gap, $from]) {
            $width = strlen($gap);
            $over = substr($row, $from, $width);
            if (str_contains($over, '1') && ! str_contains($over, str_repeat('0', $letters + 1))) {
                for ($away = $deep; $away <= $letters; $away += $deep) {
                    foreach ([$y - $away, $y + $away] as $near) {
                        if (isset($inside[$near]) && ! str_contains(substr($inside[$near], $from, $width), '0')) {
                            $row = substr_replace($row, str_repeat('1', $width), $from, $width);

                            break 2;
                        }
                    }
                }
            }
        }

        return $row;
    }

    /**
     * The rows of all that is solid where areas are: one that lies askew is more than these.
     *
     * @param  list<Frame>  $areas
     * @param  array<int, string>  $inside
     * @return iterable<array{int, int, int}> their number, where they begin and how long they are
     */
    private static function of(array $areas, array $inside, float $scale): iterable
    {
        $open = $all = [];
        [$last, $count] = [-1, 0];
        foreach ($inside as $y => $row) {
            preg_match_all('/1+/', $row, $runs, PREG_OFFSET_CAPTURE);
            $next = [];
            foreach ($runs[0] as [$run, $from]) {
                $to = $from + strlen($run);
                $into = null;
                foreach ($y === $last + 1 ? $open : [] as [$left, $right, $area]) {
                    if ($left < $to && $right > $from) {
                        if ($into === null) {
                            $into = $area;
                        } elseif ($into !== $area && isset($all[$area])) {
                            // They meet here: one goes on as the other.
                            $all[$into] = [...$all[$into], ...$all[$area]];
                            unset($all[$area]);
                            $met = fn (array $one): array => [$one[0], $one[1], $one[2] === $area ? $into : $one[2]];
                            [$open, $next] = [array_map($met, $open), array_map($met, $next)];
                        }
                    }
                }
                $into ??= $count++;
                $all[$into][] = [$y, $from, $to - $from];
                $next[] = [$from, $to, $into];
            }
            [$open, $last] = [$next, $y];
        }
        foreach ($all as $rows) {
            [$top, $bottom] = [min(array_column($rows, 0)), max(array_column($rows, 0))];
            $left = min(array_column($rows, 1));
            $right = max(array_map(fn (array $one): int => $one[1] + $one[2], $rows));
            $frame = Frame::of($left, $top, $right - $left, $bottom - $top + 1)->scaled($scale);
            if (array_filter($areas, $frame->meets(...)) !== []) {
                yield from $rows;
            }
        }
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
     * Those in which an area goes on: from one of its edges to the other, round white words.
     *
     * @param  array<array{int, int}>  $runs  from the left
     * @return list<array{int, int}> none where it ends
     */
    private static function within(array $runs, int $left, int $right, float $aside): array
    {
        $within = array_values(
            array_filter(
                $runs,
                fn (array $run): bool => $run[0] >= $left - $aside && $run[1] <= $right + $aside,
            ),
        );
        if ($within === []) {
            return [];
        }
        $inked = array_sum(array_map(fn (array $run): int => $run[1] - $run[0], $within));

        return $within[0][0] <= $left + $aside &&
            $within[count($within) - 1][1] >= $right - $aside &&
            $inked >= self::ROUND_WORDS * ($right - $left)
            ? $within
            : [];
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
            preg_match_all('/1+(?:0{1,'.$letters.'}1+)*/', $inside[$top] ?? '', $found, PREG_OFFSET_CAPTURE);
            $runs = array_map(fn (array $run): array => [$run[1], $run[1] + strlen($run[0])], $found[0]);
            $next = [];
            foreach ($open as $index => [$left, $right, $first]) {
                $within = self::within($runs, $left, $right, self::ASIDE / $scale);
                if ($within !== []) {
                    $last = $within[count($within) - 1];
                    $next[] = [min($left, $within[0][0]), max($right, $last[1]), $first];
                    $runs = array_filter($runs, fn (array $run): bool => ! in_array($run, $within, true));
                    unset($open[$index]);
                }
            }
            array_push($next, ...array_map(fn (array $run): array => [...$run, $top], array_values($runs)));
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
