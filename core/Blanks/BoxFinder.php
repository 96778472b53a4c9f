<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds boxes, the empty cells of tables, and squares and rings to tick. */
final class BoxFinder
{
    private const LARGEST_TICK = 24.0;

    private const SMALLEST_TICK = 6.0;

    /** Where letters cannot be told from squares, the squares must be larger. */
    private const SMALLEST_SEEN_TICK = 8.8;

    /** What one can write in, at the least. */
    private const LOWEST = 11.0;

    private const NARROWEST = 12.0;

    /** A cell darker than this heads a row or a column. */
    private const HEADING = 0.965;

    /** Graph paper: many small cells, nearly all of them empty. */
    private const GRAPH_CELLS = 40;

    private const GRAPH_SIDE = 24.0;

    private const CHART_CELLS = 16;

    private const CHOICES = '/^[☐□▢❏❑◯○⬜❍⭕◻⃞]$/u';

    /** @return list<Blank> */
    public static function find(Ground $ground, Lattice $lattice): array
    {
        $groups = [];
        foreach ($lattice->cells as $cell) {
            $groups[$cell->group][] = $cell;
        }
        $blanks = [];
        foreach ($groups as $cells) {
            array_push($blanks, ...self::figure($ground, $cells));
        }
        foreach ($ground->marks->rings as $ring) {
            if (
                self::isTick($ring, self::SMALLEST_TICK) &&
                $ground->wordsIn($ring) === [] &&
                self::choice($ground, $ring) !== null
            ) {
                $blanks[] = new Blank(BlankKind::Tick, $ring, 0.85, label: (string) self::choice($ground, $ring));
            }
        }

        return [...$blanks, ...self::typed($ground)];
    }

    /**
     * @param  non-empty-list<Cell>  $cells  that are joined
     * @return list<Blank>
     */
    private static function figure(Ground $ground, array $cells): array
    {
        $empty = array_values(array_filter($cells, fn (Cell $cell): bool => self::isEmpty($ground, $cell->frame)));
        if (
            self::isCrossed($ground, $cells) ||
            self::isGraphPaper($cells, $empty) ||
            self::isChart($cells, $empty) ||
            self::isShadedBar($ground, $cells)
        ) {
            return [];
        }
        $lines = self::ruledPad($cells, $empty);
        if ($lines !== null) {
            return [$lines];
        }
        $least = $ground->marks->readable ? self::SMALLEST_TICK : self::SMALLEST_SEEN_TICK;
        $blanks = [];
        foreach ($empty as $cell) {
            $frame = $cell->frame;
            if (self::isBetweenHeads($cell, $cells, $empty)) {
                continue;
            }
            $choice = self::isTick($frame, $least) ? self::choice($ground, $frame) : null;
            if ($choice !== null) {
                $blanks[] = new Blank(BlankKind::Tick, $frame, 0.9, label: $choice);
            } elseif (
                $frame->height >= self::LOWEST &&
                $frame->width >= self::NARROWEST &&
                ! self::isPage($ground, $frame)
            ) {
                $blanks[] =
                    count($cells) === 1
                        ? new Blank(BlankKind::Box, $frame, 0.85)
                        : new Blank(BlankKind::Cell, $frame, 0.9);
            }
        }

        return $blanks;
    }

    /**
     * The empty corner of a table whose first row and first column are its heads, on either side.
     *
     * @param  list<Cell>  $cells
     * @param  list<Cell>  $empty
     */
    private static function isBetweenHeads(Cell $cell, array $cells, array $empty): bool
    {
        $frame = $cell->frame;
        $isBeside = fn (Cell $other): bool => $other !== $cell &&
            $other->frame->y < $frame->middle() &&
            $other->frame->bottom() > $frame->middle();
        $isBelow = fn (Cell $other): bool => $other !== $cell &&
            $other->frame->x < $frame->centre()->x &&
            $other->frame->right() > $frame->centre()->x;
        [$row, $column] = [array_filter($cells, $isBeside), array_filter($cells, $isBelow)];
        $areHeads = function (array $heads) use ($empty): bool {
            foreach ($heads as $head) {
                if (in_array($head, $empty, true)) {
                    return false;
                }
            }

            return count($heads) >= 2;
        };
        $isFirst =
            array_filter($column, fn (Cell $other): bool => $other->frame->y < $frame->y) === [] &&
            (array_filter($row, fn (Cell $other): bool => $other->frame->x < $frame->x) === [] ||
                array_filter($row, fn (Cell $other): bool => $other->frame->x > $frame->x) === []);

        return $isFirst && $areHeads($row) && $areHeads($column);
    }

    private static function isEmpty(Ground $ground, Frame $frame): bool
    {
        if (
            $ground->wordsIn($frame) !== [] ||
            $ground->hasDrawing($frame) ||
            $ground->lightness($frame) < self::HEADING
        ) {
            return false;
        }
        foreach ($ground->marks->rules as $rule) {
            $inside = $rule->level
                ? $rule->at > $frame->y + 4 &&
                    $rule->at < $frame->bottom() - 4 &&
                    $rule->from > $frame->x - 2 &&
                    $rule->to < $frame->right() + 2
                : $rule->at > $frame->x + 4 &&
                    $rule->at < $frame->right() - 4 &&
                    $rule->from > $frame->y - 2 &&
                    $rule->to < $frame->bottom() + 2;
            // Lines to write on, or smaller boxes, are what is to be filled in, and not the frame around them.
            if ($inside && $rule->length() > 6) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Cell>  $cells
     * @param  list<Cell>  $empty
     */
    private static function isGraphPaper(array $cells, array $empty): bool
    {
        $sides = array_map(fn (Cell $cell): float => max($cell->frame->width, $cell->frame->height), $cells);
        sort($sides);

        return count($cells) >= self::GRAPH_CELLS &&
            $sides[intdiv(count($sides), 2)] < self::GRAPH_SIDE &&
            count($empty) > 0.8 * count($cells);
    }

    /**
     * A drawing that lies over several cells: they are its ground, and no table.
     *
     * @param  non-empty-list<Cell>  $cells
     */
    private static function isCrossed(Ground $ground, array $cells): bool
    {
        $largest = max(array_map(fn (Cell $cell): float => $cell->frame->width * $cell->frame->height, $cells));
        $whole = Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $cells));
        foreach ($ground->marks->drawings as $drawing) {
            if (count($cells) > 1 && Ground::shared($drawing, $whole) > 1.5 * $largest) {
                return true;
            }
        }

        return false;
    }

    /**
     * A map or a chart: many squares of one size, most of them empty, and nothing that heads a row or a column within.
     *
     * @param  list<Cell>  $cells
     * @param  list<Cell>  $empty
     */
    private static function isChart(array $cells, array $empty): bool
    {
        if (count($cells) < self::CHART_CELLS || count($empty) < 0.6 * count($cells)) {
            return false;
        }
        $first = $cells[intdiv(count($cells), 2)]->frame;
        $alike = array_filter(
            $cells,
            fn (Cell $cell): bool => abs($cell->frame->width - $first->width) <= 1.5 &&
                abs($cell->frame->height - $first->height) <= 1.5,
        );

        return count($alike) >= 0.8 * count($cells) &&
            $first->width / $first->height > 0.8 &&
            $first->width / $first->height < 1.25;
    }

    /**
     * Parts of a bar, some of them filled in: a drawing, of which nothing is to be written on.
     *
     * @param  list<Cell>  $cells
     */
    private static function isShadedBar(Ground $ground, array $cells): bool
    {
        $dark = 0;
        foreach ($cells as $cell) {
            if ($ground->wordsIn($cell->frame) !== []) {
                return false;
            }
            $dark += (int) ($ground->lightness($cell->frame) < self::HEADING);
        }

        return $dark > 0 && count($cells) > 1;
    }

    /**
     * A frame with level lines from side to side is a pad to write on.
     *
     * @param  list<Cell>  $cells
     * @param  list<Cell>  $empty
     */
    private static function ruledPad(array $cells, array $empty): ?Blank
    {
        if (count($cells) < 3 || count($empty) !== count($cells)) {
            return null;
        }
        $first = $cells[0]->frame;
        foreach ($cells as $cell) {
            if (
                abs($cell->frame->x - $first->x) > 1.5 ||
                abs($cell->frame->width - $first->width) > 1.5 ||
                abs($cell->frame->height - $first->height) > 0.1 * $first->height
            ) {
                return null;
            }
        }

        return $first->width < 150 || $first->height > 40
            ? null
            : new Blank(
                BlankKind::Lines,
                Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $cells)),
                0.8,
                round($first->height, 2),
                count($cells),
            );
    }

    private static function isTick(Frame $frame, float $least): bool
    {
        return max($frame->width, $frame->height) <= self::LARGEST_TICK &&
            min($frame->width, $frame->height) >= $least &&
            $frame->width / $frame->height > 0.7 &&
            $frame->width / $frame->height < 1.43;
    }

    private static function isPage(Ground $ground, Frame $frame): bool
    {
        return $frame->width > 0.9 * $ground->marks->size->width && $frame->height > 0.8 * $ground->marks->size->height;
    }

    /** The words beside a square or a ring, to the right; null where there are none near. */
    private static function choice(Ground $ground, Frame $frame): ?string
    {
        $beside = [];
        $end = $frame->right();
        $words = array_filter(
            $ground->words,
            fn (Word $word): bool => $word->frame->x >= $frame->right() - 1 &&
                abs($word->frame->middle() - $frame->middle()) < max(6.0, 0.6 * $frame->height),
        );
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        foreach ($words as $word) {
            if ($word->frame->x - $end > ($beside === [] ? 18 : 9)) {
                break;
            }
            $beside[] = $word->text;
            $end = $word->frame->right();
        }

        return $beside === [] ? null : implode(' ', $beside);
    }

    /**
     * Squares and rings that are letters of a font, and "[ ]".
     *
     * @return list<Blank>
     */
    private static function typed(Ground $ground): array
    {
        $blanks = [];
        foreach ($ground->marks->lines as $line) {
            foreach ($line->words as $index => $word) {
                $frame = null;
                if (preg_match(self::CHOICES, $word->text) === 1) {
                    $frame = $word->frame;
                } elseif (
                    preg_match('/^[\[(]$/', $word->text) === 1 &&
                    in_array($line->words[$index + 1]->text ?? '', [']', ')'], true)
                ) {
                    $frame = Frame::around([$word->frame, $line->words[$index + 1]->frame]);
                }
                $choice = $frame === null ? null : self::choice($ground, $frame);
                if ($frame !== null && $choice !== null) {
                    $blanks[] = new Blank(BlankKind::Tick, $frame, 0.85, label: $choice);
                }
            }
        }

        return $blanks;
    }
}
