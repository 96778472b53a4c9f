<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Elements\Element;

/**
 * The order in which people read, tab through and number the elements of a page: rows from the top, each row from
 * the left.
 *
 * A row starts with the topmost element left and takes in all that share at least half their height with it. The
 * row is only as high as its shortest member, so that a tall box beside a column of short ones does not pull the
 * whole column into one row.
 */
final class ReadingOrder
{
    private const SHARED = 0.5;

    /**
     * @param  list<Element>  $elements
     * @return list<Element>
     */
    public static function of(array $elements): array
    {
        // Lists of numbers, which PHP sorts by itself from the first number on: a page may hold hundreds of elements.
        $left = [];
        foreach ($elements as $n => $element) {
            $frame = $element->frame();
            $left[] = [$frame->y, $frame->x, $n, $frame->y + $frame->height];
        }
        sort($left);
        $ordered = [];
        while ($left !== []) {
            [$top, , , $bottom] = $left[0];
            $row = [];
            $below = [];
            foreach ($left as $at => [$y, $x, $n, $foot]) {
                if ($y >= $bottom && $row !== []) {
                    // All from here on begin below the row.
                    array_push($below, ...array_slice($left, $at));
                    break;
                }
                if ($row !== [] && self::shared($top, $bottom, $y, $foot) < self::SHARED) {
                    $below[] = $left[$at];

                    continue;
                }
                $row[] = [$x, $y, $n];
                $bottom = min($bottom, $foot);
            }
            sort($row);
            foreach ($row as [, , $n]) {
                $ordered[] = $elements[$n];
            }
            $left = $below;
        }

        return $ordered;
    }

    /** How much of the shorter of the two, the row or another, lies at the height of the other: up to 1. */
    private static function shared(float $top, float $bottom, float $otherTop, float $otherBottom): float
    {
        $shorter = max(0.001, min($bottom - $top, $otherBottom - $otherTop));

        return (min($bottom, $otherBottom) - max($top, $otherTop)) / $shorter;
    }
}
