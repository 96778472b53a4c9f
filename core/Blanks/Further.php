<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Where the blanks go on after the one that a box is on. */
final class Further
{
    /** Lines that lie this much over or below each other, of the narrower one, belong to one column. */
    private const COLUMN = 0.6;

    /** Cells whose edges are this near, in points, are in one row or column. */
    private const NEAR = 2.5;

    /** The next cell of a table is at most this many of its heights away: filled cells may lie between. */
    private const FAR = 4.0;

    /**
     * The box again on every line below it in its column, as it stands on its own.
     *
     * @param  list<Blank>  $blanks
     * @return list<Frame>
     */
    public static function lines(Frame $box, array $blanks): array
    {
        $lines = [];
        foreach ($blanks as $blank) {
            if ($blank->kind !== BlankKind::Tick && $blank->kind !== BlankKind::Cell) {
                array_push($lines, ...self::each($blank));
            }
        }
        $own = self::under($box, $lines) ?? $box;
        $below = array_filter(
            $lines,
            fn (Frame $line): bool => $line->bottom() > $own->bottom() + 1 &&
                min($line->right(), $own->right()) - max($line->x, $own->x) >=
                    self::COLUMN * min($line->width, $own->width),
        );
        usort($below, fn (Frame $a, Frame $b): int => $a->bottom() <=> $b->bottom());

        return array_map(
            fn (Frame $line): Frame => $box->moved($line->x - $own->x, $line->bottom() - $own->bottom()),
            $below,
        );
    }

    /**
     * The box again in every empty cell of the table, with its distances to the cell's sides.
     *
     * @param  list<Blank>  $blanks
     * @return list<Frame>
     */
    public static function cells(Frame $box, array $blanks): array
    {
        $cells = array_values(
            array_map(
                fn (Blank $blank): Frame => $blank->frame,
                array_filter(
                    $blanks,
                    fn (Blank $blank): bool => $blank->kind === BlankKind::Cell || $blank->kind === BlankKind::Box,
                ),
            ),
        );
        $own = self::under($box, $cells);
        if ($own === null) {
            return [];
        }
        $table = [$own];
        $left = array_values(array_filter($cells, fn (Frame $cell): bool => $cell !== $own));
        for ($n = 0; $n < count($table); $n++) {
            foreach ($left as $at => $cell) {
                if (self::isInLine($table[$n], $cell)) {
                    $table[] = $cell;
                    unset($left[$at]);
                }
            }
        }
        array_shift($table);
        usort($table, fn (Frame $a, Frame $b): int => [round($a->y), $a->x] <=> [round($b->y), $b->x]);

        return array_map(
            fn (Frame $cell): Frame => Frame::of(
                $cell->x + $box->x - $own->x,
                $cell->y + $box->y - $own->y,
                max(1.0, $cell->width + $box->width - $own->width),
                max(1.0, $cell->height + $box->height - $own->height),
            ),
            $table,
        );
    }

    /** @return list<Frame> each line to write on by itself */
    private static function each(Blank $blank): array
    {
        if ($blank->pitch === null || $blank->count < 2) {
            return [$blank->frame];
        }
        $frames = [];
        for ($n = $blank->count - 1; $n >= 0; $n--) {
            $frames[] = Frame::of(
                $blank->frame->x,
                $blank->frame->bottom() - ($n + 1) * $blank->pitch,
                $blank->frame->width,
                $blank->pitch,
            );
        }

        return $frames;
    }

    /**
     * @param  list<Frame>  $places
     * @return Frame|null the one that the box covers most of
     */
    private static function under(Frame $box, array $places): ?Frame
    {
        $best = null;
        $most = 0.0;
        foreach ($places as $place) {
            $shared = Ground::shared($box, $place) / max(1.0, $place->width * $place->height);
            if ($shared > $most + 0.01) {
                [$best, $most] = [$place, $shared];
            }
        }

        return $best;
    }

    private static function isInLine(Frame $a, Frame $b): bool
    {
        $row = abs($a->y - $b->y) <= self::NEAR && abs($a->bottom() - $b->bottom()) <= self::NEAR;
        $column = abs($a->x - $b->x) <= self::NEAR && abs($a->right() - $b->right()) <= self::NEAR;
        $gap = $row
            ? max($a->x, $b->x) - min($a->right(), $b->right())
            : max($a->y, $b->y) - min($a->bottom(), $b->bottom());

        return ($row && $gap <= self::FAR * max($a->width, $b->width)) ||
            ($column && $gap <= self::FAR * max($a->height, $b->height));
    }
}
