<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/**
 * Where a page is dark over more than the strokes of letters are: bands of headings, heads of tables, tiles, a whole
 * cover. What is light on a panel belongs to it where it may be a letter; a light box with room for words does not.
 */
final class DarkPanels
{
    /** Panels are darker than this share of the paper; the darkest are looked for first, as they lie on others. */
    private const SHADES = [0.45, 0.6, 0.75];

    /** What lies beside a panel is lighter than its limit by this, but for this share of it: shadows have no edge. */
    private const EDGE = 16;

    private const FADES = 0.3;

    /** So many cells that have others of the panel on all sides; less is no panel, but thick strokes. */
    private const LEAST = 6;

    /** One that becomes lighter goes on in cells that differ no more from those beside them, up to a share of paper. */
    private const SMOOTH = 12;

    private const LIGHTEST = 0.8;

    /**
     * What is light on a panel, so many cells high and wide, is a box to write in where so much of it is even; of a
     * long one, which may have a line of words in it, less. Letters have strokes.
     */
    private const BOX = 5;

    private const EVEN = 0.25;

    private const LONG = 3;

    private const EVEN_IF_LONG = 0.1;

    /** Of its width and height, row by row and column by column, a panel fills this with all that lies on it. */
    private const SOLID = 0.85;

    /** Lower and no longer it is a letter, or a tile as small as one: of those each is looked at by itself. */
    private const LETTER = 32;

    private const WIDE = 1.6;

    /** Nor is it one that is smaller, or not so much longer and fills no more of its frame: letters that touch are. */
    private const LOWEST = 4;

    private const NARROWEST = 16;

    private const LONGER = 4;

    private const FILLED = 0.8;

    /** @var list<int> from a cell to those beside, above and below it */
    private readonly array $beside;

    /** @var array<int, int> how light each cell is, but for those around the grid */
    private array $levels = [];

    /** @var array<int, true> the cells of panels that were found */
    private array $taken = [];

    /** @param  int  $width  of the grid with a row of cells around it that are none: each has others on all sides */
    private function __construct(
        private readonly CellGrid $grid,
        private readonly int $width,
        private readonly int $paper,
    ) {
        $this->beside = [-1, 1, -$width, $width];
        foreach ($grid->levels as $index => $level) {
            $this->levels[$width + 1 + 2 * intdiv($index, $grid->columns) + $index] = $level;
        }
    }

    /**
     * @param  int  $paper  how light the paper is, of 255
     * @return list<non-empty-array<int, true>> the cells of each panel, by their numbers in the grid
     */
    public static function on(CellGrid $grid, int $paper): array
    {
        $all = new self($grid, $grid->columns + 2, $paper);
        $panels = [];
        foreach (self::SHADES as $share) {
            foreach ($all->darkerThan((int) ($share * $paper)) as $panel) {
                $cells = [];
                foreach ($panel as $cell => $_) {
                    $cells[(intdiv($cell, $all->width) - 1) * $grid->columns + ($cell % $all->width) - 1] = true;
                }
                $panels[] = $cells;
            }
        }

        return $panels;
    }

    /** @return list<non-empty-array<int, true>> panels that have not been found yet */
    private function darkerThan(int $limit): array
    {
        $seen = $this->taken;
        $panels = [];
        foreach ($this->levels as $cell => $level) {
            if ($level >= $limit || isset($seen[$cell])) {
                continue;
            }
            $shade = $this->shade($cell, $limit, $seen);
            // The rules of a table hang on its head, and what its cells are is no matter once these are cut.
            $parts = count($shade) < self::LEAST ? [] : $this->thick($shade + $this->holes($shade)[0]);
            foreach ($this->pieces($parts) as $panel) {
                if ($this->isPanel($panel) && $this->hasEdge($panel, $limit)) {
                    $panels[] = $panel;
                    $this->taken += $panel;
                }
            }
        }

        return $panels;
    }

    /**
     * @param  array<int, true>  $seen  to which all cells are added that are reached
     * @return non-empty-array<int, true> cells that hang together with the first
     */
    private function shade(int $first, int $limit, array &$seen): array
    {
        $shade = [$first => true];
        $seen[$first] = true;
        $open = [$first];
        while ($open !== []) {
            $cell = array_pop($open);
            foreach ($this->beside as $step) {
                $next = $cell + $step;
                $level = isset($seen[$next]) ? 255 : $this->levels[$next] ?? 255;
                if ($level < $limit || ($level < self::LIGHTEST * $this->paper && $this->isEven($next, $level))) {
                    $seen[$next] = $shade[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return $shade;
    }

    /** Whether all cells around one are nearly as light: the edge of a panel never is, where it rises neither. */
    private function isEven(int $cell, int $level): bool
    {
        foreach ($this->beside as $step) {
            if (abs(($this->levels[$cell + $step] ?? $level) - $level) > self::SMOOTH) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, true>  $cells
     * @return list<non-empty-array<int, true>> those that hang together
     */
    private function pieces(array $cells): array
    {
        $pieces = [];
        while (($first = array_key_first($cells)) !== null) {
            $pieces[] = $this->joined($first, $cells);
        }

        return $pieces;
    }

    /**
     * @param  array<int, true>  $cells  of which those that are reached are taken out
     * @return non-empty-array<int, true> those that hang together with the first
     */
    private function joined(int $first, array &$cells): array
    {
        $joined = [$first => true];
        unset($cells[$first]);
        $open = [$first];
        while ($open !== []) {
            $cell = array_pop($open);
            foreach ($this->beside as $step) {
                if (isset($cells[$cell + $step])) {
                    unset($cells[$cell + $step]);
                    $joined[$cell + $step] = true;
                    $open[] = $cell + $step;
                }
            }
        }

        return $joined;
    }

    /**
     * @param  non-empty-array<int, true>  $shade
     * @return array{array<int, true>, array<int, true>} what lies within it: what may be letters, with what lies within
     *                                                   those, and boxes
     */
    private function holes(array $shade): array
    {
        [$left, $right, $top, $bottom] = $this->bounds($shade);
        $rest = [];
        for ($row = $top - 1; $row <= $bottom + 1; $row++) {
            for ($cell = $row * $this->width + $left - 1; $cell <= $row * $this->width + $right + 1; $cell++) {
                isset($shade[$cell]) || ($rest[$cell] = true);
            }
        }
        $this->joined(($top - 1) * $this->width + $left - 1, $rest); // What lies around it.
        $letters = $boxes = [];
        foreach ($this->pieces($rest) as $hole) {
            $this->isBox($hole) ? ($boxes += $hole) : ($letters += $hole);
        }

        return [$letters, $boxes];
    }

    /** @param  non-empty-array<int, true>  $hole */
    private function isBox(array $hole): bool
    {
        [$left, $right, $top, $bottom] = $this->bounds($hole);
        [$wide, $high] = [$right - $left + 1, $bottom - $top + 1];
        $even = array_filter(
            $hole,
            fn (int $cell): bool => $this->isEven($cell, $this->levels[$cell]),
            ARRAY_FILTER_USE_KEY,
        );
        $share = $wide >= self::LONG * $high ? self::EVEN_IF_LONG : self::EVEN;

        return min($wide, $high) >= self::BOX && count($even) >= $share * $wide * $high;
    }

    /**
     * Whether it has the form of a panel, and not of a letter or of a word whose letters touch.
     *
     * @param  non-empty-array<int, true>  $panel
     */
    private function isPanel(array $panel): bool
    {
        $cells = $panel + array_replace(...$this->holes($panel));
        [$left, $right, $top, $bottom] = $this->bounds($cells);
        $rows = $columns = [];
        foreach ($cells as $cell => $_) {
            [$column, $row] = [$cell % $this->width, intdiv($cell, $this->width)];
            $rows[$row] = [min($rows[$row][0] ?? $column, $column), max($rows[$row][1] ?? $column, $column)];
            $columns[$column] = [min($columns[$column][0] ?? $row, $row), max($columns[$column][1] ?? $row, $row)];
        }
        foreach ([$rows, $columns] as $spans) {
            $room = array_sum(array_map(fn (array $span): int => $span[1] - $span[0] + 1, $spans));
            if (count($cells) < self::SOLID * $room) {
                return false;
            }
        }
        [$wide, $high] = [$right - $left + 1, $bottom - $top + 1];
        $isFrame = $wide >= self::LONGER * $high || count($cells) >= self::FILLED * $wide * $high;

        return $high > self::LETTER
            ? $wide >= self::NARROWEST
            : $isFrame && $high >= self::LOWEST && $wide >= max(self::NARROWEST, self::WIDE * $high);
    }

    /**
     * @param  array<int, true>  $cells
     * @return array<int, true> without what is as thin as strokes and rules
     */
    private function thick(array $cells): array
    {
        $around = [...$this->beside, ...array_map(fn (int $step): int => $this->width + $step, [-1, 1])];
        array_push($around, 1 - $this->width, -1 - $this->width);
        $inner = [];
        foreach ($cells as $cell => $_) {
            foreach ($around as $step) {
                if (! isset($cells[$cell + $step])) {
                    continue 2;
                }
            }
            $inner[] = $cell;
        }
        $thick = [];
        foreach (count($inner) < self::LEAST ? [] : $inner as $cell) {
            $thick[$cell] = true;
            foreach ($around as $step) {
                $thick[$cell + $step] = true;
            }
        }

        return $thick;
    }

    /**
     * Whether most of what lies a cell away from it is clearly lighter, or another panel.
     *
     * @param  non-empty-array<int, true>  $panel
     */
    private function hasEdge(array $panel, int $limit): bool
    {
        $fades = $all = 0;
        foreach ($panel as $cell => $_) {
            foreach ($this->beside as $step) {
                $level = $this->levels[$cell + $step * 2] ?? null;
                if ($level === null || isset($panel[$cell + $step]) || isset($panel[$cell + $step * 2])) {
                    continue;
                }
                $all++;
                $fades += (int) ($level < $limit + self::EDGE && ! isset($this->taken[$cell + $step * 2]));
            }
        }

        return $fades <= self::FADES * $all;
    }

    /**
     * @param  non-empty-array<int, true>  $cells
     * @return array{int, int, int, int} their first and last column, and their first and last row
     */
    private function bounds(array $cells): array
    {
        [$left, $right, $top, $bottom] = [PHP_INT_MAX, 0, PHP_INT_MAX, 0];
        foreach ($cells as $cell => $_) {
            [$column, $row] = [$cell % $this->width, intdiv($cell, $this->width)];
            $left = min($left, $column);
            $right = max($right, $column);
            $top = min($top, $row);
            $bottom = max($bottom, $row);
        }

        return [$left, $right, $top, $bottom];
    }
}
