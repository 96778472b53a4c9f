<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use Closure;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Questions\Question;

/**
 * A clean page with chosen questions below each other: each as a clip of the print, with what lies on it, and before
 * the first of a page what heads it, as far as that was not read before. Pages of another size begin a page of that
 * size.
 */
final readonly class QuestionSheet
{
    /** Margins of the clean pages, above and below, and the room between questions, in points. */
    private const MARGIN = 40.0;

    private const BETWEEN = 12.0;

    /** A question that begins farther to the right than this, as a share of the page, stood in a column of its own. */
    private const COLUMN = 0.4;

    /** @param  non-empty-list<Piece>  $pieces  what it was made of */
    private function __construct(public Page $page, public array $pieces)
    {
    }

    /**
     * @param  non-empty-list<AskedPage>  $asked  in the order wanted
     * @param  list<string>  $numbers  of the questions
     * @param  Closure(): string  $id  a new name for a piece
     * @return list<self>
     *
     * @throws UnusableRange
     */
    public static function of(array $asked, array $numbers, Closure $id): array
    {
        $sheets = [];
        [$laid, $pieces, $read] = [[], [], []];
        $on = $asked[0]->page;
        $y = self::MARGIN;
        foreach ($asked as $page) {
            $isOther = $page->page->size != $on->size;
            $questions = $page->questionStrips($numbers);
            $head = $questions === [] ? [] : $page->headStrips($read);
            $read = $head === [] ? $read : [...$read, ...$page->head?->words() ?? []];
            $strips = [...$head, ...$questions];
            foreach ($strips as $at => $strip) {
                // What heads a page stays with its first question.
                $with = array_slice($strips, $at + 1, max(0, count($head) - $at));
                $height = self::height($page->page, $strip, ...$with);
                if ($pieces !== [] && ($isOther || $y + $height > $on->size->height - self::MARGIN)) {
                    $sheets[] = new self(new Page($on->size, $on->paper, elements: $laid), $pieces);
                    [$laid, $pieces, $y] = [[], [], self::MARGIN];
                }
                [$on, $isOther] = [$pieces === [] ? $page->page : $on, false];
                // One that is nearly as high as the page has less of a margin.
                $y = $pieces === [] ? max(0.0, min($y, $on->size->height - $strip->height)) : $y;
                $page->expectNoParts($strip);
                $piece = self::piece($page, $strip, $y, $id());
                array_push(
                    $laid,
                    $page->page->clip($page->printed, $strip, $piece->name, $piece->frame()),
                    ...$piece->laid($page->page),
                );
                $pieces[] = $piece;
                $y += $strip->height + self::BETWEEN;
            }
        }

        return $pieces === []
            ? $sheets
            : [...$sheets, new self(new Page($on->size, $on->paper, elements: $laid), $pieces)];
    }

    /** What a strip takes with those that stay below it; alone, where a page does not hold them. */
    private static function height(Page $page, Frame $strip, Frame ...$with): float
    {
        $height = $strip->height;
        foreach ($with as $below) {
            $height += self::BETWEEN + $below->height;
        }

        return $height > $page->size->height - 2 * self::MARGIN ? $strip->height : $height;
    }

    private static function piece(AskedPage $page, Frame $strip, float $y, string $name): Piece
    {
        $left = min(array_map(fn (Frame $one): float => $one->x, self::places($page)));
        $x = $strip->x > self::COLUMN * $page->page->size->width ? $left : $strip->x;

        return new Piece($page->number, $name, $strip, $x - $strip->x, $y - $strip->y);
    }

    /** @return non-empty-list<Frame> */
    private static function places(AskedPage $page): array
    {
        return array_map(fn (Question $one): Frame => $one->frame, $page->questions) ?: [$page->page->frame()];
    }
}
