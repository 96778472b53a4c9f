<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Finds boxes, the empty cells of tables, and what is to be ticked or written in a round. */
final class BoxFinder
{
    /** What one can write in, at the least. */
    private const LOWEST = 11.0;

    private const NARROWEST = 12.0;

    /** So many cells together are a table, and not squares side by side to be ticked. */
    private const TABLE = 4;

    /** @return list<Blank> those to tick first: what is round them is not to be filled in as well */
    public static function find(Ground $ground, Lattice $lattice): array
    {
        $groups = [];
        foreach ($lattice->cells as $cell) {
            $groups[$cell->group][] = $cell;
        }
        $blanks = TickFinder::find($ground);
        foreach (array_diff_key($groups, Figure::drawn($ground, $groups)) as $cells) {
            array_push($blanks, ...self::figure($ground, $cells));
        }
        array_push($blanks, ...RoundFinder::find($ground), ...self::cutOut($ground));
        $ticks = array_filter($blanks, fn (Blank $blank): bool => $blank->kind === BlankKind::Tick);

        return [...array_values($ticks), ...array_values(array_diff_key($blanks, $ticks))];
    }

    /**
     * @param  non-empty-list<Cell>  $cells  that are joined
     * @return list<Blank>
     */
    private static function figure(Ground $ground, array $cells): array
    {
        $vacancy = new Vacancy($ground, $cells);
        $free = array_filter(array_map($vacancy->of(...), $cells));
        $figure = new Figure($ground, $cells, array_values(array_intersect_key($cells, $free)));
        if ($figure->isDrawing()) {
            return [];
        }
        $pad = $figure->pad();
        if ($pad !== null) {
            return [$pad];
        }
        $heads = $ground->marks->readable && count($cells) >= self::TABLE ? new TableHeads($ground, $cells) : null;
        $blanks = [];
        foreach ($free as $index => $frame) {
            $tick = count($cells) < self::TABLE ? TickFinder::square($ground, $frame) : null;
            if ($tick !== null) {
                $blanks[] = $tick;
            } elseif ($heads?->isChosen($cells[$index]) ?? false) {
                continue; // One of those of its row: choices, and no blanks of their own.
            } elseif (self::isLarge($ground, $frame) && ! $figure->isBetweenHeads($cells[$index])) {
                $blanks[] =
                    count($cells) === 1
                        ? new Blank(BlankKind::Box, $frame, 0.85)
                        : new Blank(BlankKind::Cell, $frame, 0.9, label: $heads?->of($cells[$index]) ?? '');
            }
        }

        return $blanks;
    }

    /** Enough to write in, and not the edge of the page. */
    private static function isLarge(Ground $ground, Frame $frame): bool
    {
        return $frame->height >= self::LOWEST && $frame->width >= self::NARROWEST && ! self::isPage($ground, $frame);
    }

    /** @return list<Blank> white places without an edge, left out of something tinted */
    private static function cutOut(Ground $ground): array
    {
        $blanks = [];
        $shades = $ground->marks->shades;
        foreach ($shades as $index => $white) {
            $around = array_filter(
                array_slice($shades, 0, $index),
                fn (Shade $shade): bool => $shade->lightness < min(Vacancy::TINT, $white->lightness) + 0.01 &&
                    $shade->frame->contains($white->frame),
            );
            $over = array_filter(
                array_slice($shades, $index + 1),
                fn (Shade $shade): bool => Ground::shared($shade->frame, $white->frame) > 0,
            );
            $frame = $white->frame;
            if (
                $white->lightness >= Vacancy::TINT &&
                $around !== [] &&
                $over === [] &&
                self::isLarge($ground, $frame)
            ) {
                $cell = new Cell($frame, 0);
                $free = (new Vacancy($ground, [$cell]))->of($cell);
                $free === null || ($blanks[] = new Blank(BlankKind::Box, $free, 0.75));
            }
        }

        return $blanks;
    }

    private static function isPage(Ground $ground, Frame $frame): bool
    {
        return $frame->width > 0.9 * $ground->marks->size->width && $frame->height > 0.8 * $ground->marks->size->height;
    }
}
