<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use Closure;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Questions\Question;

/**
 * Lays chosen questions below each other on clean pages: each as a clip of the print, with what lies on it, and what
 * heads its page once before the first of them. Pages of another size begin a page of that size.
 */
final class QuestionSheet
{
    /** Margins of the clean pages, above and below, and the room between questions, in points. */
    private const MARGIN = 40.0;

    private const BETWEEN = 12.0;

    /** A question that begins farther to the right than this, as a share of the page, stood in a column of its own. */
    private const COLUMN = 0.4;

    /**
     * @param  non-empty-list<AskedPage>  $asked  in the order wanted
     * @param  list<string>  $numbers  of the questions
     * @param  Closure(): string  $id  a new name for an element
     * @return list<Page>
     *
     * @throws UnusableRange
     */
    public static function pages(array $asked, array $numbers, Closure $id): array
    {
        $pages = [];
        $laid = [];
        $on = $asked[0]->page;
        $y = self::MARGIN;
        foreach ($asked as $page) {
            $isOther = $page->page->size != $on->size;
            foreach ($page->strips($numbers) as $strip) {
                if ($laid !== [] && ($isOther || $y + $strip->height > $on->size->height - self::MARGIN)) {
                    $pages[] = new Page($on->size, $on->paper, elements: $laid);
                    [$laid, $y] = [[], self::MARGIN];
                }
                [$on, $isOther] = [$laid === [] ? $page->page : $on, false];
                // One that is nearly as high as the page has less of a margin.
                $y = $laid === [] ? max(0.0, min($y, $on->size->height - $strip->height)) : $y;
                array_push($laid, ...self::laid($page, $strip, $y, $id));
                $y += $strip->height + self::BETWEEN;
            }
        }

        return $laid === [] ? $pages : [...$pages, new Page($on->size, $on->paper, elements: $laid)];
    }

    /**
     * @param  Closure(): string  $id
     * @return list<Element>
     */
    private static function laid(AskedPage $page, Frame $strip, float $y, Closure $id): array
    {
        $left = min(array_map(fn (Frame $one): float => $one->x, self::places($page)));
        $x = $strip->x > self::COLUMN * $page->page->size->width ? $left : $strip->x;
        [$across, $down] = [$x - $strip->x, $y - $strip->y];

        return [
            $page->page->clip($page->printed, $strip, $id(), $strip->moved($across, $down)),
            ...array_map(
                // What is larger than its question stays on the page.
                fn (Element $one): Element => $one
                    ->identified($id())
                    ->framed($one->frame()->moved($across, $down)->within($page->page->frame())),
                $page->elementsOn($strip),
            ),
        ];
    }

    /** @return non-empty-list<Frame> */
    private static function places(AskedPage $page): array
    {
        return array_map(fn (Question $one): Frame => $one->frame, $page->questions) ?: [$page->page->frame()];
    }
}
