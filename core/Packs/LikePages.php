<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\Numeral;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/**
 * The pages of a pack that look the same as some of them: set in the same type on the same paper, about as full, and
 * either headed with the same words, numbers apart, or with their lines in the same places. What the teacher says of
 * one is then likely to be true of the others.
 */
final class LikePages
{
    /** Heights of type that differ by less, in points, are one. */
    private const SAME_TYPE = 0.6;

    /** Titles may differ in height by this share. */
    private const SAME_TITLE = 0.1;

    /** The fuller page has at most so many times the words of the other. */
    private const FULLER = 1.6;

    /** Shares of the lines that stand in the same places: under one title, and where titles differ. */
    private const UNDER_ONE_TITLE = 0.4;

    private const UNDER_ANY_TITLE = 0.8;

    /** With fewer lines nothing is told by their places. */
    private const FEWEST_LINES = 5;

    /** What is one place, in points: across and down. */
    private const ACROSS = 6.0;

    private const DOWN = 12.0;

    /**
     * @param  list<PageText>  $pages  all of the pack, in order, as they are printed
     * @param  list<int>  $some  numbers of those that are looked at
     * @return list<int> numbers of the others that look like one of them
     */
    public static function of(array $pages, array $some): array
    {
        $plain = Furniture::removed($pages);
        $is = fn (PageText $page): bool => in_array($page->number, $some, true);
        $models = array_filter($plain, fn (PageText $page): bool => $is($page) && $page->wordCount() > 0);
        $like = [];
        foreach ($plain as $page) {
            foreach ($is($page) || $page->wordCount() === 0 ? [] : $models as $model) {
                if (self::areLike($model, $page)) {
                    $like[] = $page->number;
                    break;
                }
            }
        }

        return $like;
    }

    private static function areLike(PageText $a, PageText $b): bool
    {
        $words = [$a->wordCount(), $b->wordCount()];
        if (
            abs($a->size->width - $b->size->width) > 1 ||
            abs($a->size->height - $b->size->height) > 1 ||
            max($words) > self::FULLER * min($words) ||
            abs($a->bodyHeight() - $b->bodyHeight()) > self::SAME_TYPE ||
            abs($a->tallest() - $b->tallest()) > self::SAME_TITLE * $a->tallest()
        ) {
            return false;
        }
        $title = self::shape($a->title());
        $isOneTitle = $title === self::shape($b->title()) && preg_match('/\p{L}{3}/u', $title) === 1;

        return self::together($a, $b) >= ($isOneTitle ? self::UNDER_ONE_TITLE : self::UNDER_ANY_TITLE);
    }

    /** A title whatever its numbers. */
    private static function shape(string $title): string
    {
        return (string) preg_replace(
            '/(?<![\p{L}\p{N}])'.Numeral::PATTERN.'(?![\p{L}\p{N}])/iu',
            '#',
            mb_strtolower($title),
        );
    }

    /** The share of the lines of both that stand in one place, 0 to 1 (Dice 1945). */
    private static function together(PageText $a, PageText $b): float
    {
        if (min(count($a->lines), count($b->lines)) < self::FEWEST_LINES) {
            return self::shape($a->text()) === self::shape($b->text()) ? 1.0 : self::UNDER_ONE_TITLE;
        }
        $free = $b->lines;
        $both = 0;
        foreach ($a->lines as $line) {
            foreach ($free as $at => $other) {
                if (self::inOnePlace($line, $other)) {
                    unset($free[$at]);
                    $both++;
                    break;
                }
            }
        }

        return (2 * $both) / (count($a->lines) + count($b->lines));
    }

    private static function inOnePlace(TextLine $a, TextLine $b): bool
    {
        return abs($a->frame->x - $b->frame->x) <= self::ACROSS &&
            abs($a->frame->bottom() - $b->frame->bottom()) <= self::DOWN &&
            abs($a->frame->height - $b->frame->height) <= self::SAME_TYPE + 1.0;
    }
}
