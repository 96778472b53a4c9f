<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\Word;

/**
 * Pages that have the title of one before them and its words, some of them where nothing stood: words of a bank that
 * are put in, cards that are sorted. On another version of the same sheet words stand where others stood.
 */
final class PlacedAnswers
{
    /** Fewer words that moved, or that stayed, say nothing. */
    private const FEWEST = 3;

    /** How many of those that moved must have been there before, and lie where nothing lay, as a share. */
    private const MOST = 0.8;

    /** How many words of a page on which cards are sorted are those of the sheet, as a share. */
    private const MOST_SORTED = 0.9;

    /** How many have moved where the page is not but the same, as a share. */
    private const HALF = 0.5;

    /** No more pages before it that ask to sort are compared. */
    private const MOST_SORTED_FROM = 8;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return array<int, int> the page whose words each has in their places, by its number
     */
    public static function of(array $pages): array
    {
        $placed = $behind = [];
        $likeness = new TextSimilarity($pages);
        foreach ($pages as $at => $page) {
            $behind[$page->number] = $pages[$at + 1] ?? null;
        }
        foreach (FullerPages::byTitle($pages) as $alike) {
            $toSort = array_filter($alike, fn (PageText $page): bool => RoleSigns::asksToSort($page->text()));
            foreach ($alike as $at => $page) {
                $before = array_slice($alike, 0, $at);
                $sorted = array_intersect_key($toSort, $before);
                $sorted = $sorted === [] || RoleSigns::asks($page->body()) ? [] : $sorted;
                $plain =
                    self::first(
                        FullerPages::nearest($page, $before, $likeness),
                        fn (PageText $plain): bool => ! isset($placed[$plain->number]) &&
                            self::arePlaced($page, $plain),
                    ) ??
                    self::first(
                        array_slice(array_reverse($sorted), 0, self::MOST_SORTED_FROM),
                        fn (PageText $plain): bool => ! isset($placed[$plain->number]) &&
                            self::areSorted($page, $plain, $behind[$plain->number]),
                    );
                $plain === null || ($placed[$page->number] = $plain->number);
            }
        }

        return $placed;
    }

    /**
     * @param  list<PageText>  $pages
     * @param  callable(PageText): bool  $is
     */
    private static function first(array $pages, callable $is): ?PageText
    {
        foreach ($pages as $page) {
            if ($is($page)) {
                return $page;
            }
        }

        return null;
    }

    private static function arePlaced(PageText $page, PageText $plain): bool
    {
        [$words, $given] = [$page->words(), $plain->words()];
        if (count($words) > count($given)) {
            return false;
        }
        $moved = FullerPages::others($words, $given, FullerPages::ASIDE);
        $left = FullerPages::others($given, $words, FullerPages::ASIDE);
        if (count($moved) < self::FEWEST || count($words) - count($moved) < self::FEWEST) {
            return false;
        }
        $texts = array_count_values(array_map(self::text(...), $left));
        $known = array_filter($moved, function (Word $word) use (&$texts): bool {
            $text = self::text($word);
            $texts[$text] = ($texts[$text] ?? 0) - 1;

            return $texts[$text] >= 0;
        });

        return count($known) >= self::MOST * count($moved) &&
            ! self::areLower($moved, $left) &&
            self::areFree($moved, $given) &&
            self::areFree($left, $words);
    }

    /**
     * Whether words have but moved down: with room to write between them the same lines stand further apart.
     *
     * @param  list<Word>  $moved
     * @param  list<Word>  $left  where they were
     */
    private static function areLower(array $moved, array $left): bool
    {
        $were = [];
        foreach ($left as $word) {
            $were[self::text($word)][] = $word->frame->x;
        }
        $lower = array_filter(
            $moved,
            fn (Word $word): bool => array_filter(
                $were[self::text($word)] ?? [],
                fn (float $x): bool => abs($x - $word->frame->x) <= FullerPages::PLACE,
            ) !== [],
        );

        return count($lower) > self::HALF * count($moved);
    }

    /** Whether a page that asks for nothing has the words of one that asks to sort them, or of the page behind that. */
    private static function areSorted(PageText $page, PageText $plain, ?PageText $behind): bool
    {
        // What stands where it stood is but the same with less on it.
        $moved = FullerPages::others($page->words(), $plain->words(), FullerPages::ASIDE);
        $texts = fn (PageText $of): array => array_map(self::text(...), $of->words());
        $words = $texts($page);
        $given = $texts($plain);
        // Cards may lie on the page behind; what has all the words of a sheet has been given nothing.
        if (count(array_diff($words, $given)) >= self::FEWEST && $behind !== null && $behind !== $page) {
            $given = [...$given, ...$texts($behind)];
        }
        $title = array_map(self::text(...), (new PageText(1, $page->size, array_slice($page->lines, 0, 1)))->words());
        $known = array_intersect($words, $given);

        return count($moved) >= self::HALF * count($words) &&
            count(array_diff($words, $title)) >= 2 * self::FEWEST &&
            count($known) >= self::MOST_SORTED * count($words) &&
            count($words) < count($given);
    }

    private static function text(Word $word): string
    {
        return mb_strtolower(trim($word->text, " \t.,;:"));
    }

    /**
     * Whether most words lie where no other page's do.
     *
     * @param  list<Word>  $words
     * @param  list<Word>  $others
     */
    private static function areFree(array $words, array $others): bool
    {
        $free = array_filter(
            $words,
            fn (Word $word): bool => array_filter(
                $others,
                fn (Word $other): bool => $word->frame->meets($other->frame),
            ) === [],
        );

        return count($free) >= self::MOST * count($words);
    }
}
