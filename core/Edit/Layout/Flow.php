<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/**
 * Room between things, on a page and those that it is carried on by.
 *
 * All of them are one long strip: what lies on a later page has its place in the strip by that page's own shift. What
 * is below a line moves; then what crosses a foot goes on to the next page, with all that is below it, and comes back
 * when there is room again. Since places in the strip are kept, pushing down and snugging up by the same is no change.
 */
final class Flow
{
    /** Nothing is pushed nearer to the foot of the paper than this, in points. */
    private const FOOT = 18.0;

    /** Where on a new page things go on, in points from its top. */
    private const TOP = 36.0;

    private const SLACK = 0.01;

    private const MOST_PAGES = 30;

    /**
     * @param  non-empty-list<Page>  $pages  a page, then those that carry it on, in order
     * @param  float  $at  what begins at this height of the first page, or lower, moves
     * @param  float  $by  down, or if negative up; up only as far as there is room
     * @return non-empty-list<Page>
     *
     * @throws EditRefused
     */
    public static function room(array $pages, float $at, float $by): array
    {
        foreach ($pages as $page) {
            if ($page->backdrop !== null) {
                throw EditRefused::printCannotMove();
            }
        }
        [$stays, $moves] = self::split($pages, $at);
        if ($moves === []) {
            throw EditRefused::noRoom();
        }
        if ($by < 0) {
            $by = -min(-$by, self::roomAbove($stays, $moves));
        }
        $moved = array_map(
            fn (Element $element): Element => $element->framed($element->frame()->moved(0.0, $by)),
            $moves,
        );

        return self::laid($pages, $stays, $moved);
    }

    /**
     * @param  non-empty-list<Page>  $pages
     * @return array{list<Element>, list<Element>} what stays on the first page, and what moves, in the strip
     */
    private static function split(array $pages, float $at): array
    {
        $stays = [];
        $moves = [];
        foreach ($pages as $number => $page) {
            foreach (Pieces::inOrder($page) as $piece) {
                $below =
                    ! $piece->isLocked() &&
                    ! $page->isBeside($piece->frame) &&
                    ($number > 0 || $piece->frame->y >= $at - self::SLACK);
                foreach ($piece->elements as $element) {
                    $below
                        ? ($moves[] = $element->framed($element->frame()->moved(0.0, -($page->carried ?? 0.0))))
                        : ($stays[] = $element);
                }
            }
        }

        return [$stays, $moves];
    }

    /**
     * @param  list<Element>  $stays
     * @param  list<Element>  $moves
     */
    private static function roomAbove(array $stays, array $moves): float
    {
        $room = INF;
        foreach ($moves as $element) {
            $frame = $element->frame();
            $room = min($room, $frame->y);
            foreach ($stays as $other) {
                $above = $other->frame();
                if (
                    $above->bottom() <= $frame->y + self::SLACK &&
                    min($above->right(), $frame->right()) > max($above->x, $frame->x)
                ) {
                    $room = min($room, $frame->y - $above->bottom());
                }
            }
        }

        return max(0.0, $room);
    }

    /**
     * @param  non-empty-list<Page>  $pages
     * @param  list<Element>  $stays
     * @param  list<Element>  $strip  what is to be laid out, by its places in the strip
     * @return non-empty-list<Page>
     */
    private static function laid(array $pages, array $stays, array $strip): array
    {
        $first = $pages[0];
        $laid = [];
        $shift = 0.0;
        for ($number = 0; $number === 0 || $strip !== []; $number++) {
            if ($number >= self::MOST_PAGES) {
                throw EditRefused::tooMuchRoom();
            }
            $pieces = Pieces::inOrder($first->withElements($strip));
            $foot = $first->size->height - self::FOOT - $shift;
            $crossing = array_filter($pieces, fn (Piece $piece): bool => $piece->frame->bottom() > $foot + self::SLACK);
            $break = $crossing === [] ? INF : min(array_map(fn (Piece $piece): float => $piece->frame->y, $crossing));
            // What alone is higher than a page stays where it begins, as far up as it has to.
            $top = $pieces === [] ? INF : min(array_map(fn (Piece $piece): float => $piece->frame->y, $pieces));
            if ($number > 0 && $break <= $top + self::SLACK) {
                $break = $top + self::SLACK * 2;
            }
            $here = [];
            $strip = [];
            foreach ($pieces as $piece) {
                foreach ($piece->elements as $element) {
                    $piece->frame->y < $break ? ($here[] = self::on($first, $element, $shift)) : ($strip[] = $element);
                }
            }
            $laid[] =
                $number === 0
                    ? $first->withElements(self::inOldOrder($first, [...$stays, ...$here]))
                    : new Page($first->size, $first->paper, null, $here, $shift);
            $shift = self::TOP - $break;
        }

        return $laid;
    }

    private static function on(Page $page, Element $element, float $shift): Element
    {
        $frame = $element->frame()->moved(0.0, $shift);

        return $element->framed($frame->keptIn($page->reach($element)));
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Element> in the stacking order that the page had; what came back lies on top
     */
    private static function inOldOrder(Page $page, array $elements): array
    {
        $places = array_flip(array_map(fn (Element $element): string => $element->id(), $page->elements()));
        usort(
            $elements,
            fn (Element $a, Element $b): int => ($places[$a->id()] ?? PHP_INT_MAX) <=>
                ($places[$b->id()] ?? PHP_INT_MAX),
        );

        return $elements;
    }
}
