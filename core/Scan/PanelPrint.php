<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use Closure;

/**
 * What is printed on dark panels, light or darker still, set dark on white for who reads it: a reader that looks at the
 * light around each dot loses it, and some of the words beside it as well. All else stays as it is.
 */
final class PanelPrint
{
    /** Cells to the inch: thicker than the grain of a scan, thinner than most strokes of headings. */
    private const CELLS = 36;

    /** Of a page so little is lighter than its paper. */
    private const GLARE = 0.003;

    /** What lies between the rules of a table is no panel: the ground of one is darker than this share of the paper. */
    private const GROUND = 0.8;

    /** Ink differs from its ground by so many levels at the least. */
    private const CONTRAST = 40;

    /** So much of what differs from the ground of a panel is all lighter, or darker, and is so much of the panel. */
    private const ALIKE = 0.67;

    private const LEAST = 0.002;

    private const MOST = 0.45;

    /** So much of a panel is of nearly one level: that of its ground. */
    private const EVEN = 0.5;

    /** Ink is as it is printed where no more of it than this differs more from its ground. */
    private const FULLY = 0.1;

    /** @param  float  $dpi  its pixels to the inch */
    public static function onPaper(GreyPicture $picture, float $dpi): GreyPicture
    {
        $grid = CellGrid::of($picture, max(2, (int) round($dpi / self::CELLS)));
        $rows = $picture->width > 0 ? str_split($picture->levels, $picture->width) : [];
        $paper = self::highest($picture->histogram(), self::GLARE);
        foreach (DarkPanels::on($grid, $paper) as $panel) {
            $inner = self::inner($grid, $panel);
            $inks = self::inks(self::levels($picture, $grid, $inner), $paper);
            $inks === null || ($rows = self::onWhite($rows, $grid, $panel, $inner, ...$inks));
        }

        return new GreyPicture(implode('', $rows), $picture->width, $picture->height);
    }

    /**
     * @param  array<int, true>  $cells
     * @return array<int, int> how many of their pixels each level has
     */
    private static function levels(GreyPicture $picture, CellGrid $grid, array $cells): array
    {
        $pixels = '';
        foreach (self::runs($grid, $cells) as [$from, $length, $row]) {
            for ($y = $row * $grid->side; $y < ($row + 1) * $grid->side; $y++) {
                $pixels .= substr($picture->levels, $y * $picture->width + $from, $length);
            }
        }

        return count_chars($pixels, 1);
    }

    /**
     * @param  array<int, int>  $histogram  of a panel
     * @return array{int, int}|null the levels of its ground, and of what is printed on it; null where nothing is
     */
    private static function inks(array $histogram, int $paper): ?array
    {
        $all = array_sum($histogram);
        $ground = self::highest($histogram, 0.5);
        $of = fn (float $from, float $to): array => array_filter(
            $histogram,
            fn (int $level): bool => $level >= $from && $level <= $to,
            ARRAY_FILTER_USE_KEY,
        );
        [$light, $dark] = [$of($ground + self::CONTRAST, 255), $of(0, $ground - self::CONTRAST)];
        $isLight = array_sum($light) > array_sum($dark);
        $share = array_sum($isLight ? $light : $dark);
        if (
            $ground > self::GROUND * $paper ||
            array_sum($of($ground - self::CONTRAST / 2, $ground + self::CONTRAST / 2)) < self::EVEN * $all ||
            $share < max(1, self::LEAST * $all) ||
            $share > self::MOST * $all ||
            $share < self::ALIKE * array_sum($light + $dark)
        ) {
            return null;
        }

        return [$ground, $isLight ? self::highest($light, self::FULLY) : self::highest($dark, 1 - self::FULLY)];
    }

    /**
     * @param  array<int, int>  $histogram
     * @return int the level that only such a share of it is above
     */
    private static function highest(array $histogram, float $but): int
    {
        $left = $but * array_sum($histogram);
        krsort($histogram);
        foreach ($histogram as $level => $count) {
            $left -= $count;
            if ($left <= 0) {
                return $level;
            }
        }

        return 0;
    }

    /**
     * @param  array<int, string>  $rows  the levels of the picture
     * @param  non-empty-array<int, true>  $panel
     * @param  array<int, true>  $inner  the cells within it
     * @param  int  $ground  its level, which becomes white
     * @param  int  $ink  likewise, which becomes black
     * @return array<int, string> with that panel
     */
    private static function onWhite(
        array $rows,
        CellGrid $grid,
        array $panel,
        array $inner,
        int $ground,
        int $ink,
    ): array {
        $from = implode('', array_map(chr(...), range(0, 255)));
        $to = '';
        for ($level = 0; $level < 256; $level++) {
            $share = max(0.0, min(1.0, ($level - $ground) / ($ink - $ground)));
            $to .= chr((int) round(255 * (1 - $share)));
        }
        $rows = self::painted($rows, $grid, $inner, fn (string $levels): string => strtr($levels, $from, $to));
        // The paper in cells that are half of it would become a black rim, and what is left of the panel a grey one.
        $edge = array_diff_key(self::grown($grid, $panel), $inner);

        return self::painted($rows, $grid, $edge, fn (string $levels): string => str_repeat("\xFF", strlen($levels)));
    }

    /**
     * @param  array<int, string>  $rows
     * @param  array<int, true>  $cells
     * @param  Closure(string): string  $paint  levels of pixels beside each other
     * @return array<int, string>
     */
    private static function painted(array $rows, CellGrid $grid, array $cells, Closure $paint): array
    {
        foreach (self::runs($grid, $cells) as [$left, $length, $row]) {
            for ($y = $row * $grid->side; $y < ($row + 1) * $grid->side; $y++) {
                $rows[$y] = substr_replace($rows[$y], $paint(substr($rows[$y], $left, $length)), $left, $length);
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-array<int, true>  $panel
     * @return array<int, true> without the cells at its edge, which may be half beside it
     */
    private static function inner(CellGrid $grid, array $panel): array
    {
        return array_filter(
            $panel,
            fn (int $cell): bool => isset(
                $panel[$cell - 1],
                $panel[$cell + 1],
                $panel[$cell - $grid->columns],
                $panel[$cell + $grid->columns],
            ),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param  array<int, true>  $panel
     * @return array<int, true> with the cells beside it, which may be half of it
     */
    private static function grown(CellGrid $grid, array $panel): array
    {
        $grown = $panel;
        $last = $grid->columns * $grid->rows;
        foreach ($panel as $cell => $_) {
            $column = $cell % $grid->columns;
            $column === 0 || ($grown[$cell - 1] = true);
            $column === $grid->columns - 1 || ($grown[$cell + 1] = true);
            $cell < $grid->columns || ($grown[$cell - $grid->columns] = true);
            $cell + $grid->columns >= $last || ($grown[$cell + $grid->columns] = true);
        }

        return $grown;
    }

    /**
     * @param  array<int, true>  $cells
     * @return iterable<array{int, int, int}> of cells beside each other the first pixel and their number in each row of
     *                                        pixels, and their row of cells
     */
    private static function runs(CellGrid $grid, array $cells): iterable
    {
        ksort($cells);
        $run = null;
        foreach ($cells as $cell => $_) {
            [$left, $row] = [($cell % $grid->columns) * $grid->side, intdiv($cell, $grid->columns)];
            if ($run !== null && $run[2] === $row && $left === $run[0] + $run[1]) {
                $run[1] += $grid->side;
            } else {
                yield from $run === null ? [] : [$run];
                $run = [$left, $grid->side, $row];
            }
        }
        yield from $run === null ? [] : [$run];
    }
}
