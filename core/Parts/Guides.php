<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Size;

/**
 * The lines that something being dragged may hold to: edges and middles of what is on the page, of its blanks, and of
 * the page itself; and the places where a gap between two neighbours comes back.
 *
 * Each line with the ids of those it is of, none for the page and its blanks; of a gap: which edge of the dragged comes
 * to stand where, and where the gap that comes back is.
 *
 * @phpstan-type Line array{float, list<string>}
 * @phpstan-type Gap array{
 *     axis: string, edge: string, at: float, from: float, to: float, beside: float, ids: list<string>,
 * }
 * @phpstan-type Lines array{x: list<Line>, y: list<Line>, gaps: list<Gap>}
 */
final class Guides
{
    /** Lines closer than this, in points, are one. */
    private const SAME = 0.05;

    /** Of a gap that is worth keeping, in points. */
    private const WIDEST_GAP = 150.0;

    private const NARROWEST_GAP = 0.5;

    /**
     * @param  list<Frame>  $more  of what else is there to be lined up with, such as the blanks of its print
     * @return Lines
     */
    public static function of(Page $page, array $more = []): array
    {
        $frames = [];
        foreach ($page->elements() as $element) {
            $frames[$element->id()] = $element->frame();
        }

        return self::among($page->size, $frames, $more);
    }

    /**
     * @param  array<string, Frame>  $frames  of all that something may be lined up with, by id
     * @param  list<Frame>  $more  of what has no id
     * @return Lines
     */
    public static function among(Size $page, array $frames, array $more = []): array
    {
        [$x, $y] = [[], []];
        foreach ([0.0, 0.5, 1.0] as $share) {
            self::add($x, $share * $page->width, '');
            self::add($y, $share * $page->height, '');
        }
        $framed = [];
        foreach ($frames as $id => $frame) {
            $framed[] = [$frame->x, $frame->x + $frame->width, $frame->y, $frame->y + $frame->height, (string) $id];
            self::addSides($x, $y, $frame, (string) $id);
        }
        foreach ($more as $frame) {
            self::addSides($x, $y, $frame, '');
        }

        return [
            'x' => self::lines($x),
            'y' => self::lines($y),
            'gaps' => [...self::gaps($framed, Axis::Across), ...self::gaps($framed, Axis::Down)],
        ];
    }

    /**
     * @param  array<int, array{float, array<string, true>}>  $x  place and whose it is, by place in steps of SAME
     * @param  array<int, array{float, array<string, true>}>  $y
     */
    private static function addSides(array &$x, array &$y, Frame $frame, string $id): void
    {
        foreach ([0.0, 0.5, 1.0] as $share) {
            self::add($x, $frame->x + $share * $frame->width, $id);
            self::add($y, $frame->y + $share * $frame->height, $id);
        }
    }

    /** @param  array<int, array{float, array<string, true>}>  $lines */
    private static function add(array &$lines, float $at, string $id): void
    {
        $step = (int) round($at / self::SAME);
        $lines[$step] ??= [round($at, 2), []];
        $lines[$step][1][$id] = true;
    }

    /**
     * @param  array<int, array{float, array<string, true>}>  $lines
     * @return list<Line> from the first to the last
     */
    private static function lines(array $lines): array
    {
        ksort($lines);

        // What is the page's or a blank's holds whoever else is there.
        return array_values(
            array_map(
                fn (array $line): array => [
                    $line[0],
                    isset($line[1]['']) ? [] : array_map(strval(...), array_keys($line[1])),
                ],
                $lines,
            ),
        );
    }

    /**
     * @param  list<array{float, float, float, float, string}>  $framed  left, right, top, bottom and id of each
     * @return list<Gap>
     */
    private static function gaps(array $framed, Axis $axis): array
    {
        [$start, $end, $one, $other] = $axis === Axis::Across ? [0, 1, 2, 3] : [2, 3, 0, 1];
        usort($framed, fn (array $a, array $b): int => $a[$start] <=> $b[$start]);
        $gaps = [];
        $count = count($framed);
        foreach ($framed as $at => $a) {
            for ($next = $at + 1; $next < $count; $next++) {
                $b = $framed[$next];
                $gap = $b[$start] - $a[$end];
                if ($gap > self::WIDEST_GAP) {
                    break;
                }
                [$from, $to] = [max($a[$one], $b[$one]), min($a[$other], $b[$other])];
                if ($gap <= self::NARROWEST_GAP || $to <= $from) {
                    continue;
                }
                foreach (['start' => $b[$end] + $gap, 'end' => $a[$start] - $gap] as $edge => $place) {
                    // Many pairs of a grid say the same; once is enough.
                    $gaps["{$edge} ".round($place, 1)] ??= [
                        'axis' => $axis->value,
                        'edge' => $edge,
                        'at' => round($place, 2),
                        'from' => round($a[$end], 2),
                        'to' => round($b[$start], 2),
                        'beside' => round(($from + $to) / 2, 2),
                        'ids' => [$a[4], $b[4]],
                    ];
                }
                break; // The next neighbour only.
            }
        }

        return array_values($gaps);
    }
}
