<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Blanks\Blank;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Element;
use OpenSlate\Page\Page;

/**
 * The lines that something being dragged may hold to: edges and middles of what is on the page, of its blanks, and of
 * the page itself; and the places where a gap between two neighbours comes back.
 */
final class Guides
{
    /** Lines closer than this, in points, are one. */
    private const SAME = 0.05;

    /** Of a gap that is worth keeping, in points. */
    private const WIDEST_GAP = 150.0;

    /**
     * @param  array<int, Blank>  $blanks
     * @return array{x: list<array{float, list<string>}>, y: list<array{float, list<string>}>, gaps: list<array{axis: string, edge: string, at: float, from: float, to: float, beside: float, ids: list<string>}>}
     *                                                                                                                                                                                                             each line with the ids of those it is of, none for the page and its blanks; of a gap: which edge of the dragged
     *                                                                                                                                                                                                             comes to stand where, and where the gap that comes back is
     */
    public static function of(Page $page, array $blanks = []): array
    {
        $x = [[0.0, ''], [$page->size->width / 2, ''], [$page->size->width, '']];
        $y = [[0.0, ''], [$page->size->height / 2, ''], [$page->size->height, '']];
        $framed = array_map(fn (Element $element): array => [$element->frame(), $element->id()], $page->elements());
        foreach ([...$framed, ...array_map(fn (Blank $blank): array => [$blank->frame, ''], array_values($blanks))] as [$frame, $id]) {
            array_push($x, [$frame->x, $id], [$frame->x + $frame->width / 2, $id], [$frame->right(), $id]);
            array_push($y, [$frame->y, $id], [$frame->middle(), $id], [$frame->bottom(), $id]);
        }

        return ['x' => self::lines($x), 'y' => self::lines($y), 'gaps' => [...self::gaps($framed, Axis::Across), ...self::gaps($framed, Axis::Down)]];
    }

    /**
     * @param  list<array{float, string}>  $found
     * @return list<array{float, list<string>}> from the first to the last
     */
    private static function lines(array $found): array
    {
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $lines = [];
        foreach ($found as [$at, $id]) {
            $last = array_key_last($lines);
            if ($last === null || $at - $lines[$last][0] > self::SAME) {
                $lines[] = [round($at, 2), [$id]];
            } elseif (! in_array($id, $lines[$last][1], true)) {
                $lines[$last][1][] = $id;
            }
        }

        // What is the page's or a blank's holds whoever else is there.
        return array_map(fn (array $line): array => in_array('', $line[1], true) ? [$line[0], []] : $line, $lines);
    }

    /**
     * @param  list<array{Frame, string}>  $framed
     * @return list<array{axis: string, edge: string, at: float, from: float, to: float, beside: float, ids: list<string>}>
     */
    private static function gaps(array $framed, Axis $axis): array
    {
        $start = fn (Frame $frame): float => $axis === Axis::Across ? $frame->x : $frame->y;
        $end = fn (Frame $frame): float => $axis === Axis::Across ? $frame->right() : $frame->bottom();
        $beside = fn (Frame $frame): array => $axis === Axis::Across ? [$frame->y, $frame->bottom()] : [$frame->x, $frame->right()];
        usort($framed, fn (array $a, array $b): int => $start($a[0]) <=> $start($b[0]));
        $gaps = [];
        foreach ($framed as $at => [$one, $id]) {
            foreach (array_slice($framed, $at + 1) as [$other, $otherId]) {
                $gap = $start($other) - $end($one);
                if ($gap > self::WIDEST_GAP) {
                    break;
                }
                [$a, $b] = [$beside($one), $beside($other)];
                if ($gap <= 0.5 || min($a[1], $b[1]) <= max($a[0], $b[0])) {
                    continue;
                }
                $mark = ['axis' => $axis->value, 'from' => round($end($one), 2), 'to' => round($start($other), 2), 'beside' => round((max($a[0], $b[0]) + min($a[1], $b[1])) / 2, 2), 'ids' => [$id, $otherId]];
                foreach (['start' => $end($other) + $gap, 'end' => $start($one) - $gap] as $edge => $place) {
                    // Many pairs of a grid say the same; once is enough.
                    $gaps["{$edge} ".round($place, 1)] ??= $mark + ['edge' => $edge, 'at' => round($place, 2)];
                }
                break; // The next neighbour only.
            }
        }

        return array_values($gaps);
    }
}
