<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Cells that are joined: a table or a box, or else something that is only drawn, such as a chart. */
final readonly class Figure
{
    /** Graph paper: many small cells, nearly all of them empty. */
    private const GRAPH_CELLS = 40;

    private const GRAPH_SIDE = 24.0;

    private const CHART_CELLS = 16;

    /** What is to be read off has smaller squares, in points: into larger ones something is written. */
    private const CHART_SIDE = 40.0;

    /** A line that goes on so far from a figure is not one of its sides, in points. */
    private const BEYOND = 8.0;

    /** A drawing that touches this share of a side of a figure goes on from it, and is at least so large, in points. */
    private const GROWN = 0.6;

    private const TOUCH = 3.0;

    private const LARGE = 8.0;

    private const CUT = '/✂|✁|\bcut\b[^.?!]*\b(?:out|up|apart|along)\b|\bcut[ -]?outs?\b|\bscissors\b/iu';

    /** On a scan what goes off along a pointer seems to lie beside all of a side: it is so many times as large. */
    private const LARGER = 2.5;

    /**
     * @param  non-empty-list<Cell>  $cells
     * @param  list<Cell>  $empty  those of them that can be written in
     */
    public function __construct(private Ground $ground, private array $cells, private array $empty)
    {
    }

    /** Whether it is there to be looked at, and nothing in it to be filled in. */
    public function isDrawing(): bool
    {
        return $this->isCrossed() ||
            $this->isOpen() ||
            $this->isCutOut() ||
            (! $this->isNumbered() && ($this->isGraphPaper() || $this->isChart() || $this->isShadedBar()));
    }

    /** The empty corner of a table whose first row and first column are its heads, on either side. */
    public function isBetweenHeads(Cell $cell): bool
    {
        $frame = $cell->frame;
        $isBeside = fn (Cell $other): bool => $other !== $cell &&
            $other->frame->y < $frame->middle() &&
            $other->frame->bottom() > $frame->middle();
        $isBelow = fn (Cell $other): bool => $other !== $cell &&
            $other->frame->x < $frame->centre()->x &&
            $other->frame->right() > $frame->centre()->x;
        [$row, $column] = [array_filter($this->cells, $isBeside), array_filter($this->cells, $isBelow)];
        $areHeads = function (array $heads): bool {
            foreach ($heads as $head) {
                if (in_array($head, $this->empty, true)) {
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

    /** A crossword: small numbers in the corners of cells. */
    private function isNumbered(): bool
    {
        $numbered = array_filter($this->cells, function (Cell $cell): bool {
            $printed = $this->ground->printedIn($cell->frame);

            return count($printed) === 1 &&
                preg_match('/^\d{1,3}$/', $printed[0]->text) === 1 &&
                $printed[0]->frame->height <= 0.5 * $cell->frame->height &&
                $printed[0]->frame->middle() < $cell->frame->y + 0.4 * $cell->frame->height;
        });

        return count($numbered) > 1;
    }

    /** Whether the first row and the first column have words throughout: the square of a table that is to be filled. */
    private function hasHeads(): bool
    {
        $top = min(array_map(fn (Cell $cell): float => $cell->frame->y, $this->cells));
        $left = min(array_map(fn (Cell $cell): float => $cell->frame->x, $this->cells));
        foreach ($this->cells as $cell) {
            [$isTop, $isLeft] = [$cell->frame->y < $top + 2, $cell->frame->x < $left + 2];
            if ($isTop !== $isLeft && $this->ground->printedIn($cell->frame) === []) {
                return false;
            }
        }

        return true;
    }

    private function hasHeadRow(): bool
    {
        $top = min(array_map(fn (Cell $cell): float => $cell->frame->y, $this->cells));
        foreach ($this->cells as $cell) {
            if ($cell->frame->y < $top + 2 && $this->ground->printedIn($cell->frame) === []) {
                return false;
            }
        }

        return true;
    }

    private function isGraphPaper(): bool
    {
        $sides = array_map(fn (Cell $cell): float => max($cell->frame->width, $cell->frame->height), $this->cells);
        sort($sides);

        return count($this->cells) >= self::GRAPH_CELLS &&
            $sides[intdiv(count($sides), 2)] < self::GRAPH_SIDE &&
            count($this->empty) > 0.8 * count($this->cells) &&
            ! $this->hasHeads();
    }

    /** A drawing that lies over several cells: they are its ground, and no table. */
    private function isCrossed(): bool
    {
        $largest = max(array_map(fn (Cell $cell): float => $cell->frame->width * $cell->frame->height, $this->cells));
        $whole = Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $this->cells));
        foreach ($this->ground->marks->drawings as $drawing) {
            if (count($this->cells) > 1 && Ground::shared($drawing, $whole) > 1.5 * $largest) {
                return true;
            }
        }

        return false;
    }

    /** Bars on the lines of a chart, which go on beyond what they enclose: the lines of a table end with it. */
    private function isOpen(): bool
    {
        return $this->isOnGrid() || $this->isOnAxes();
    }

    /** Bars between two axes, one along their feet and one at its end; where they touch both, both go on. */
    private function isOnAxes(): bool
    {
        $whole = Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $this->cells));
        $isNear = fn (float $a, float $b): bool => abs($a - $b) <= self::BEYOND / 2;
        foreach ($this->ground->marks->rules as $along) {
            foreach ($this->ground->marks->rules as $up) {
                if (
                    $along->level &&
                    ! $up->level &&
                    $isNear($up->at, $along->from) &&
                    $isNear($up->to, $along->at) &&
                    $along->at >= $whole->bottom() - self::TOUCH &&
                    $up->at <= $whole->x + self::TOUCH &&
                    $along->to > $whole->right() + self::BEYOND &&
                    $up->from < $whole->y - self::BEYOND &&
                    ($isNear($along->at, $whole->bottom()) || $isNear($up->at, $whole->x))
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isOnGrid(): bool
    {
        $whole = Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $this->cells));
        $beyond = ['across' => 0, 'down' => 0];
        foreach ($this->ground->marks->rules as $rule) {
            [$across, $from, $to] = $rule->level
                ? [$whole->y, $whole->x, $whole->right()]
                : [$whole->x, $whole->y, $whole->bottom()];
            $isOver =
                $rule->at > $across - 3 &&
                $rule->at < $across + ($rule->level ? $whole->height : $whole->width) + 3 &&
                $rule->from < $to - 3 &&
                $rule->to > $from + 3;
            if ($isOver && max($from - $rule->from, $rule->to - $to) > self::BEYOND) {
                $beyond[$rule->level ? 'across' : 'down']++;
            }
        }

        return max($beyond) > 1;
    }

    /** A card that the page says is to be cut out, along its dashes. */
    private function isCutOut(): bool
    {
        $whole = Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $this->cells));
        $sides = [[true, $whole->y], [true, $whole->bottom()], [false, $whole->x], [false, $whole->right()]];
        foreach ($sides as [$level, $at]) {
            $dashes = array_filter(
                $this->ground->marks->rules,
                fn (Rule $rule): bool => $rule->dashed &&
                    $rule->level === $level &&
                    abs($rule->at - $at) <= self::TOUCH,
            );
            if ($dashes === []) {
                return false;
            }
        }
        foreach ($this->ground->marks->lines as $line) {
            if (preg_match(self::CUT, $line->text) === 1) {
                return true;
            }
        }

        return false;
    }

    /** A map or a chart: many squares of one size, most of them empty, and nothing that heads a row or a column within. */
    private function isChart(): bool
    {
        if (count($this->cells) < self::CHART_CELLS || count($this->empty) < 0.6 * count($this->cells)) {
            return false;
        }
        $first = $this->cells[intdiv(count($this->cells), 2)]->frame;
        $alike = array_filter(
            $this->cells,
            fn (Cell $cell): bool => abs($cell->frame->width - $first->width) <= 1.5 &&
                abs($cell->frame->height - $first->height) <= 1.5,
        );

        return count($alike) >= 0.8 * count($this->cells) &&
            max($first->width, $first->height) < self::CHART_SIDE &&
            $first->width / $first->height > 0.8 &&
            $first->width / $first->height < 1.25 &&
            ! $this->hasHeads() &&
            ! $this->hasHeadRow();
    }

    /** Parts of a bar, some of them filled in: a drawing, of which nothing is to be written on. */
    private function isShadedBar(): bool
    {
        $dark = 0;
        foreach ($this->cells as $cell) {
            if ($this->ground->printedIn($cell->frame) !== []) {
                return false;
            }
            $dark += (int) ($this->ground->lightness($cell->frame) < Vacancy::TINT);
        }

        return $dark > 0 && count($this->cells) > 1;
    }

    /** A frame with level lines from side to side is a pad to write on. */
    public function pad(): ?Blank
    {
        if (count($this->cells) < 3 || count($this->empty) !== count($this->cells)) {
            return null;
        }
        $first = $this->cells[0]->frame;
        foreach ($this->cells as $cell) {
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
                Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $this->cells)),
                0.8,
                round($first->height, 2),
                count($this->cells),
            );
    }

    /**
     * Figures that are part of something drawn, such as the wall of a house under its roof, and what lies in them. A
     * pointer or an arrow touches but a little of a side.
     *
     * @param  array<int, non-empty-list<Cell>>  $groups
     * @return array<int, true> by the number of their figure
     */
    public static function drawn(Ground $ground, array $groups): array
    {
        $frames = array_map(
            fn (array $cells): Frame => Frame::around(array_map(fn (Cell $cell): Frame => $cell->frame, $cells)),
            $groups,
        );
        $drawn = [];
        foreach ($frames as $group => $frame) {
            foreach ($ground->marks->drawings as $drawing) {
                if (self::growsFrom($drawing, $frame, $ground->marks->seen ? self::LARGER : INF)) {
                    $drawn[$group] = $frame;
                }
            }
        }
        foreach ($frames as $group => $frame) {
            foreach ($drawn as $other) {
                if ($frame !== $other && $other->contains($frame)) {
                    $drawn[$group] = $frame;
                    break;
                }
            }
        }

        return array_fill_keys(array_keys($drawn), true);
    }

    /** Whether a drawing goes on from most of a side. */
    private static function growsFrom(Frame $drawing, Frame $frame, float $most): bool
    {
        $across = min($drawing->right(), $frame->right()) - max($drawing->x, $frame->x);
        $down = min($drawing->bottom(), $frame->bottom()) - max($drawing->y, $frame->y);
        $over =
            abs($drawing->bottom() - $frame->y) <= self::TOUCH || abs($drawing->y - $frame->bottom()) <= self::TOUCH;
        $beside =
            abs($drawing->right() - $frame->x) <= self::TOUCH || abs($drawing->x - $frame->right()) <= self::TOUCH;

        return ($over &&
            $across >= self::GROWN * $frame->width &&
            $drawing->width <= $most * $frame->width &&
            $drawing->height >= self::LARGE) ||
            ($beside &&
                $down >= self::GROWN * $frame->height &&
                $drawing->height <= $most * $frame->height &&
                $drawing->width >= self::LARGE);
    }
}
