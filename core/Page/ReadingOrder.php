<?php

declare(strict_types=1);

namespace OpenSlate\Page;

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
        // Measures are read once: a page may hold hundreds of elements.
        $left = array_map(function (Element $element): array {
            $frame = $element->frame();

            return [$frame->y, $frame->y + $frame->height, $frame->x, $element];
        }, $elements);
        usort($left, fn (array $a, array $b): int => $a[0] <=> $b[0] ?: $a[2] <=> $b[2]);
        $ordered = [];
        while ($left !== []) {
            [$top, $bottom] = $left[0];
            $row = [];
            $below = [];
            foreach ($left as $at => $one) {
                if ($one[0] >= $bottom && $row !== []) {
                    // All from here on begin below the row.
                    array_push($below, ...array_slice($left, $at));
                    break;
                }
                if ($row !== [] && self::shared($top, $bottom, $one[0], $one[1]) < self::SHARED) {
                    $below[] = $one;

                    continue;
                }
                $row[] = $one;
                $bottom = min($bottom, $one[1]);
            }
            usort($row, fn (array $a, array $b): int => $a[2] <=> $b[2] ?: $a[0] <=> $b[0]);
            foreach ($row as $one) {
                $ordered[] = $one[3];
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
