<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;

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
        usort($elements, fn (Element $a, Element $b): int => [$a->frame()->y, $a->frame()->x] <=> [$b->frame()->y, $b->frame()->x]);
        $ordered = [];
        while ($elements !== []) {
            $top = $elements[0]->frame()->y;
            $bottom = $elements[0]->frame()->bottom();
            $row = [];
            $below = [];
            foreach ($elements as $element) {
                $frame = $element->frame();
                if ($row !== [] && self::shared($top, $bottom, $frame) < self::SHARED) {
                    $below[] = $element;

                    continue;
                }
                $row[] = $element;
                $bottom = min($bottom, $frame->bottom());
            }
            usort($row, fn (Element $a, Element $b): int => [$a->frame()->x, $a->frame()->y] <=> [$b->frame()->x, $b->frame()->y]);
            array_push($ordered, ...$row);
            $elements = $below;
        }

        return $ordered;
    }

    /** How much of the shorter of the two, the row or the frame, lies at the height of the other: up to 1. */
    private static function shared(float $top, float $bottom, Frame $frame): float
    {
        $shorter = max(0.001, min($bottom - $top, $frame->height));

        return (min($bottom, $frame->bottom()) - max($top, $frame->y)) / $shorter;
    }
}
