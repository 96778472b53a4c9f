<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Geometry\Frame;

/**
 * Where something can lie clear of what is there.
 *
 * Of all places that are free, the nearest to where it is wanted has each of its sides at that place, at an edge of
 * what it lies within, or against something else; so that trying those is trying all.
 */
final class FreeRoom
{
    /**
     * @param  list<Frame>  $taken
     * @param  float  $gap  that is kept clear, in points
     * @return Frame|null as large as is wanted; null where there is no such room
     */
    public static function nearest(Frame $wanted, array $taken, Frame $within, float $gap): ?Frame
    {
        $best = null;
        $nearest = INF;
        $down = self::places($wanted->y, $wanted->height, $within->y, $within->bottom(), array_map(
            fn (Frame $frame): array => [$frame->y - $gap, $frame->bottom() + $gap],
            $taken,
        ));
        $across = self::places($wanted->x, $wanted->width, $within->x, $within->right(), array_map(
            fn (Frame $frame): array => [$frame->x - $gap, $frame->right() + $gap],
            $taken,
        ));
        foreach ($across as $x) {
            foreach ($down as $y) {
                $away = hypot($x - $wanted->x, $y - $wanted->y);
                $frame = Frame::of($x, $y, $wanted->width, $wanted->height);
                if ($away < $nearest && Bounds::holds($within, $frame) && self::isFree($frame, $taken, $gap)) {
                    [$best, $nearest] = [$frame, $away];
                }
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float}>  $taken  from where to where each thing is, with its gap
     * @return list<float>
     */
    private static function places(float $wanted, float $size, float $from, float $to, array $taken): array
    {
        $places = [$wanted, $from, $to - $size];
        foreach ($taken as [$begins, $ends]) {
            array_push($places, $ends, $begins - $size);
        }

        return array_values(array_unique($places));
    }

    /** @param  list<Frame>  $taken */
    private static function isFree(Frame $frame, array $taken, float $gap): bool
    {
        // What lies just a gap away is clear of it.
        $kept = $gap - 0.01;
        foreach ($taken as $other) {
            if (
                $frame->x < $other->right() + $kept &&
                $other->x < $frame->right() + $kept &&
                $frame->y < $other->bottom() + $kept &&
                $other->y < $frame->bottom() + $kept
            ) {
                return false;
            }
        }

        return true;
    }
}
