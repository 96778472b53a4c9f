<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * What of a box or a cell is free to be written in. A tint does not fill it, nor does a small caption: a number in its
 * corner, a few words at its top, the unit at its end.
 */
final readonly class Vacancy
{
    /** Darker than this is more than paper: a tint. */
    public const TINT = 0.965;

    /** Darker than this nobody writes on it. */
    private const DARK = 0.72;

    /** The share of a place that another tint covers, and leaves, at the least, to go through it. */
    private const CROSSED = 0.1;

    /** Two tints are one. */
    private const SAME_TINT = 0.02;

    /** Cells whose edges are this near, in points, are in one row or column. */
    private const NEAR = 2.5;

    /** How much of it must be free at the least, and how much of that for what is asked for in a cell or a box. */
    private const FREE = 0.55;

    /** A cell with a caption over it, or a box, is at least so high, in points; beside a unit so much is wide enough. */
    private const HIGH = 34.0;

    private const WIDE = 30.0;

    private const MOST_WORDS = 4;

    /** What is wider than this, of the height of its type, is more than a number. */
    private const WORDS = 3.0;

    private const MOST_WORDS_IN_A_BOX = 12;

    /** So many rows and columns make a table that may be there to be read, of which at most this share is empty. */
    private const TABLE = 3;

    private const FEW_EMPTY = 0.2;

    /** What is measured, in the signs of the trade (SI, money, time), at the end of a place for a number. */
    private const UNIT =
        '(?:[mcdkµμ]?m[²³23]?|[mk]?g|[mcd]?l|km|kn|°\s?[CF]?|[%‰]|°|mph|km/h|m/s|[kM]?[NJW]|Pa|Hz|V|A|'.
        'in|ft|yd|mi|oz|lbs?|pt|s|sec|secs|min|mins|h|hr|hrs|hours?|minutes?|seconds?|days?|weeks?|years?|p|pence|'.
        'metres?|meters?|centimet(?:re|er)s?|millimet(?:re|er)s?|kilomet(?:re|er)s?|grams?|kilograms?|lit(?:re|er)s?|'.
        'millilit(?:re|er)s?|degrees?|points?|marks?|units?|[£$€¥₹])';

    private bool $isFull;

    /** @param  list<Cell>  $figure  the cells that are joined to it, and itself */
    public function __construct(private Ground $ground, private array $figure)
    {
        $this->isFull = count($figure) >= self::TABLE ** 2 && $this->saysAll();
    }

    /** @return Frame|null the free part; null where there is none */
    public function of(Cell $cell): ?Frame
    {
        $frame = $cell->frame;
        if ($this->ground->hasDrawing($frame) || $this->isDivided($frame) || ! $this->isLight($cell)) {
            return null;
        }
        $printed = $this->ground->printedIn($frame);

        return $printed === [] ? $frame : $this->beside($cell, $printed);
    }

    /** Lines to write on, smaller boxes and places to tick are what is to be filled in, and not the frame around them. */
    private function isDivided(Frame $frame): bool
    {
        foreach ($this->ground->marks->rules as $rule) {
            $isInside = $rule->level
                ? $rule->at > $frame->y + 4 &&
                    $rule->at < $frame->bottom() - 4 &&
                    $rule->from > $frame->x - 2 &&
                    $rule->to < $frame->right() + 2
                : $rule->at > $frame->x + 4 &&
                    $rule->at < $frame->right() - 4 &&
                    $rule->from > $frame->y - 2 &&
                    $rule->to < $frame->bottom() + 2;
            if ($isInside && $rule->length() > 6) {
                return true;
            }
        }
        foreach ($this->ground->marks->rings as $ring) {
            if ($ring->width < 0.9 * $frame->width && Ground::has($frame, $ring)) {
                return true;
            }
        }

        return false;
    }

    /** White, or of a tint that is not its own: that of its row or column, or of what is round it. */
    private function isLight(Cell $cell): bool
    {
        $light = $this->ground->lightness($cell->frame);
        if ($light >= self::TINT || count($this->figure) === 1) {
            return $light >= self::DARK && ($light >= self::TINT || ! $this->isCrossed($cell->frame));
        }

        return $light >= self::DARK &&
            ($this->haveTint($this->row($cell), $light) || $this->haveTint($this->column($cell), $light));
    }

    /** Whether the edge of another tint goes through it: both are parts of a drawing. */
    private function isCrossed(Frame $frame): bool
    {
        foreach ($this->ground->marks->shades as $shade) {
            $shared = Ground::shared($shade->frame, $frame);
            if (
                $shared > self::CROSSED * $frame->width * $frame->height &&
                $shared < (1 - self::CROSSED) * $frame->width * $frame->height
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Cell>  $others  of a row or a column: one of them may be its head */
    private function haveTint(array $others, float $light): bool
    {
        $alike = array_filter(
            $others,
            fn (Cell $other): bool => abs($this->ground->lightness($other->frame) - $light) <= self::SAME_TINT,
        );

        return $alike !== [] && count($alike) >= count($others) - 1;
    }

    /**
     * What a caption leaves free.
     *
     * @param  non-empty-list<Word>  $printed
     */
    private function beside(Cell $cell, array $printed): ?Frame
    {
        $frame = $cell->frame;
        $caption = Frame::around(array_map(fn (Word $word): Frame => $word->frame, $printed));
        if ($this->isCornerNumber($frame, $caption, $printed) && ! $this->numbersItsRow($cell)) {
            return $frame;
        }

        return $this->besideUnit($frame, $caption, $printed) ?? $this->underCaption($cell, $caption, $printed);
    }

    /** @param  non-empty-list<Word>  $printed */
    private function isCornerNumber(Frame $frame, Frame $caption, array $printed): bool
    {
        $isNumber =
            count($printed) === 1 &&
            ($this->ground->marks->readable
                ? preg_match('/^\(?(\d{1,3}|[a-z])[.):]?$/iu', $printed[0]->text) === 1
                : $caption->width <= 1.6 * $caption->height);
        $isHigh =
            $caption->bottom() <= $frame->y + 0.5 * $frame->height || $caption->y >= $frame->y + 0.62 * $frame->height;
        $isAside =
            $caption->right() <= $frame->x + 0.5 * $frame->width || $caption->x >= $frame->x + 0.6 * $frame->width;

        return $isNumber && $isHigh && $isAside && $caption->height <= 0.5 * $frame->height;
    }

    /** A number at the beginning of a row that goes on with words counts it; what is asked there stands beside it. */
    private function numbersItsRow(Cell $cell): bool
    {
        $row = $this->row($cell);
        usort($row, fn (Cell $a, Cell $b): int => $a->frame->x <=> $b->frame->x);
        $next = $row[0] ?? null;
        if ($next === null || $next->frame->x < $cell->frame->x) {
            return false;
        }
        $asked = $this->ground->printedIn($next->frame);
        $numbered = array_filter(
            $this->column($cell),
            fn (Cell $other): bool => count($this->ground->printedIn($other->frame)) === 1,
        );

        return $numbered !== [] &&
            $asked !== [] &&
            Frame::around(array_map(fn (Word $word): Frame => $word->frame, $asked))->width >=
                self::WORDS * $asked[0]->frame->height;
    }

    /** @param  non-empty-list<Word>  $printed */
    private function besideUnit(Frame $frame, Frame $caption, array $printed): ?Frame
    {
        $said = Word::said($printed);
        $isUnit = $this->ground->marks->readable
            ? preg_match('~^=?\s*'.self::UNIT.'$~u', $said) === 1
            : count($this->figure) === 1 && count($printed) === 1;
        [$before, $after] = [$caption->x - $frame->x, $frame->right() - $caption->right()];
        $free = max($before, $after);
        if (
            ! $isUnit ||
            $free < self::WIDE ||
            $free < self::FREE * $frame->width ||
            min($before, $after) > 0.25 * $free
        ) {
            return null;
        }

        return $before > $after
            ? Frame::of($frame->x, $frame->y, $before - 1, $frame->height)
            : // Words at the beginning are the label of a row; what money is counted in stands there.
            (preg_match('/^\W+$/u', $said) === 1
                ? Frame::of($caption->right() + 1, $frame->y, $after - 1, $frame->height)
                : null);
    }

    /** @param  non-empty-list<Word>  $printed */
    private function underCaption(Cell $cell, Frame $caption, array $printed): ?Frame
    {
        $frame = $cell->frame;
        $isBox = count($this->figure) === 1;
        $height = max(array_map(fn (Word $word): float => $word->frame->height, $printed));
        if (
            $frame->height < self::HIGH ||
            $caption->height > 1.6 * $height ||
            count($printed) > ($isBox ? self::MOST_WORDS_IN_A_BOX : self::MOST_WORDS) ||
            (! $isBox && ($this->isFull || ! $this->areAllCaptions($cell)))
        ) {
            return null;
        }
        [$above, $below] = [$caption->y - $frame->y, $frame->bottom() - $caption->bottom()];
        if (
            max($above, $below) < max(1.6 * $height, self::FREE * $frame->height) ||
            min($above, $below) > 1.2 * $height
        ) {
            return null;
        }

        return $below > $above
            ? Frame::of($frame->x, $caption->bottom(), $frame->width, $below)
            : Frame::of($frame->x, $frame->y, $frame->width, $above);
    }

    /**
     * Three rows and three columns of cells are there to be read where nearly all say something, and most of those that
     * are no heads say it in words.
     */
    private function saysAll(): bool
    {
        $rows = $columns = $words = [];
        foreach ($this->figure as $cell) {
            $rows[] = $row = (int) round($cell->frame->y / self::NEAR);
            $columns[] = $column = (int) round($cell->frame->x / self::NEAR);
            $words[] = [$row, $column, count($this->ground->printedIn($cell->frame))];
        }
        [$first, $left] = [min([INF, ...$rows]), min([INF, ...$columns])];
        $body = array_filter($words, fn (array $one): bool => $one[0] > $first && $one[1] > $left);

        $empty = array_filter($words, fn (array $one): bool => $one[2] === 0);

        return count($empty) <= self::FEW_EMPTY * count($words) &&
            count(array_unique($rows)) >= self::TABLE &&
            count(array_unique($columns)) >= self::TABLE &&
            2 * count(array_filter($body, fn (array $one): bool => $one[2] > 1)) > count($body);
    }

    /** A cell with words beside an empty one is its head; beside a full one, what it says is short. */
    private function areAllCaptions(Cell $cell): bool
    {
        $beside = [...$this->row($cell), ...$this->column($cell)];
        foreach ($beside as $other) {
            $printed = $this->ground->printedIn($other->frame);
            $said = $printed === [] ? null : Frame::around(array_map(fn (Word $word): Frame => $word->frame, $printed));
            if ($said === null || $said->height > (1 - self::FREE) * $other->frame->height) {
                return false;
            }
        }

        return $beside !== [];
    }

    /** @return list<Cell> the others */
    private function row(Cell $cell): array
    {
        return array_values(
            array_filter(
                $this->figure,
                fn (Cell $other): bool => $other !== $cell &&
                    abs($other->frame->y - $cell->frame->y) <= self::NEAR &&
                    abs($other->frame->bottom() - $cell->frame->bottom()) <= self::NEAR,
            ),
        );
    }

    /** @return list<Cell> the others */
    private function column(Cell $cell): array
    {
        return array_values(
            array_filter(
                $this->figure,
                fn (Cell $other): bool => $other !== $cell &&
                    abs($other->frame->x - $cell->frame->x) <= self::NEAR &&
                    abs($other->frame->right() - $cell->frame->right()) <= self::NEAR,
            ),
        );
    }
}
