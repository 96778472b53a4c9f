<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;

/** Where in a spot its parts come to rest. */
final class Seats
{
    /** The least room between parts in a row or a grid, in points. */
    private const GAP = 4.0;

    /** In radians. */
    public const HAIR = 0.01;

    /**
     * The middles of the places for parts of these frames, in their order.
     *
     * @param  list<Frame>  $frames  where they are now, or were dropped
     * @return list<Point> for the middle of each
     */
    public static function of(Spot $spot, int $cell, array $frames): array
    {
        $within = $spot->cell($cell);

        return match (true) {
            $frames === [] => [],
            $spot->form === SpotForm::Line => self::alongLine($spot, $frames),
            $spot->settle === Settle::Free => array_map(
                fn (Frame $frame): Point => self::inside($frame, $within)->centre(),
                $frames,
            ),
            $spot->settle === Settle::Stack => array_map(fn (): Point => $within->centre(), $frames),
            $spot->settle === Settle::Row => self::row($within, $frames),
            $spot->settle === Settle::Grid => self::grid($within, $frames),
            $spot->settle === Settle::Round => self::round($spot, $frames),
        };
    }

    /**
     * How far round the middle of a spot something stands, in radians: clockwise from a hair before the top, so that
     * what stands there still comes first.
     */
    public static function turn(Spot $spot, Frame $frame): float
    {
        $centre = $spot->frame->centre();

        return fmod(
            atan2($frame->centre()->x - $centre->x, $centre->y - $frame->middle()) + 2 * M_PI + self::HAIR,
            2 * M_PI,
        );
    }

    /**
     * Even places round a ring, from the top and clockwise: on its line, or in the middle of its band where it has a
     * hole.
     *
     * @return list<Point>
     */
    public static function ring(Spot $spot, int $count): array
    {
        $centre = $spot->frame->centre();
        $share = $spot->hole > 0 ? (1 + $spot->hole) / 2 : 1.0;
        [$across, $down] = [($spot->frame->width / 2) * $share, ($spot->frame->height / 2) * $share];

        return array_map(function (int $n) use ($centre, $across, $down, $count): Point {
            $turn = (2 * M_PI * $n) / $count;

            return new Point($centre->x + $across * sin($turn), $centre->y - $down * cos($turn));
        }, range(0, $count - 1));
    }

    /**
     * @param  list<Frame>  $frames
     * @return list<Point>
     */
    private static function round(Spot $spot, array $frames): array
    {
        $turns = array_map(fn (Frame $frame): float => self::turn($spot, $frame), $frames);

        return self::inOrder($turns, self::ring($spot, count($frames)));
    }

    /**
     * @param  list<Frame>  $frames
     * @return list<Point>
     */
    private static function row(Frame $within, array $frames): array
    {
        $widths = array_sum(array_map(fn (Frame $frame): float => $frame->width, $frames));
        // What does not fit side by side overlaps evenly rather than stand out of its spot.
        $gap = count($frames) === 1 ? 0.0 : min(3 * self::GAP, ($within->width - $widths) / (count($frames) - 1));
        $lefts = array_map(fn (Frame $frame): float => $frame->x + $frame->width / 2, $frames);
        $order = array_keys($lefts);
        usort($order, fn (int $a, int $b): int => $lefts[$a] <=> $lefts[$b] ?: $a <=> $b);
        $x = $within->x + ($within->width - $widths - $gap * (count($frames) - 1)) / 2;
        $seats = [];
        foreach ($order as $index) {
            $seats[$index] = new Point($x + $frames[$index]->width / 2, $within->middle());
            $x += $frames[$index]->width + $gap;
        }
        ksort($seats);

        return array_values($seats);
    }

    /**
     * @param  non-empty-list<Frame>  $frames
     * @return list<Point>
     */
    private static function grid(Frame $within, array $frames): array
    {
        $wide = max(array_map(fn (Frame $frame): float => $frame->width, $frames)) + self::GAP;
        $high = max(array_map(fn (Frame $frame): float => $frame->height, $frames)) + self::GAP;
        $columns = max(1, (int) floor(($within->width - self::GAP) / $wide));
        $rows = (int) ceil(count($frames) / $columns);
        // Too many for its height stand closer, one over the other.
        $down = $rows <= 1 ? 0.0 : min($high, max(0.0, ($within->height - self::GAP - $high) / ($rows - 1)));

        return array_map(
            fn (int $n): Point => new Point(
                $within->x + self::GAP + ($n % $columns) * $wide + ($wide - self::GAP) / 2,
                $within->y + self::GAP + intdiv($n, $columns) * $down + ($high - self::GAP) / 2,
            ),
            array_keys($frames),
        );
    }

    /**
     * On the line, each where it was dropped or in even places.
     *
     * @param  list<Frame>  $frames
     * @return list<Point>
     */
    private static function alongLine(Spot $spot, array $frames): array
    {
        return $spot->settle === Settle::Row
            ? self::row($spot->frame, $frames)
            : array_map(
                fn (Frame $frame): Point => new Point(
                    max($spot->frame->x, min($spot->frame->right(), $frame->centre()->x)),
                    $spot->frame->middle(),
                ),
                $frames,
            );
    }

    private static function inside(Frame $frame, Frame $within): Frame
    {
        return Frame::of(
            max($within->x, min($within->right() - $frame->width, $frame->x)),
            max($within->y, min($within->bottom() - $frame->height, $frame->y)),
            $frame->width,
            $frame->height,
        );
    }

    /**
     * @param  list<float>  $keys  one for each part
     * @param  list<Point>  $seats
     * @return list<Point>
     */
    private static function inOrder(array $keys, array $seats): array
    {
        $order = array_keys($keys);
        usort($order, fn (int $a, int $b): int => $keys[$a] <=> $keys[$b] ?: $a <=> $b);
        $given = [];
        foreach ($order as $place => $index) {
            $given[$index] = $seats[$place];
        }
        ksort($given);

        return array_values($given);
    }
}
