<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\Word;

/**
 * Pages of few words that have the title of one before them, all that stands on it in the same places, and more: a grid
 * that is filled, a word search with its words marked, a maze with the way through.
 */
final class FullerPages
{
    /** What is one place, in points, and how many of the words must stand in theirs, as a share. */
    public const PLACE = 4.0;

    private const SAME = 0.9;

    /** What stands centred in a cell, and has more above, below or beside it, is so far from its place, in points. */
    public const ASIDE = 22.0;

    /** Pages with fewer of their words in common, as a share, are not compared word by word; nor are more than so many. */
    private const IN_COMMON = 0.7;

    private const MOST_NEAREST = 8;

    /** So many words more at the least, and as a share of the others. */
    private const MORE = 3;

    private const MORE_SHARE = 0.03;

    /** With the same words, how much more of the page is not paper: more than another number of the page. */
    private const MORE_INK = 0.0004;

    /** And where there is no number of the page, of which some words may be underlined. */
    private const LITTLE_INK = 0.00005;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return array<int, int> the page that each has more on it than, by its number
     */
    public static function of(array $pages): array
    {
        $fuller = $inked = $titles = [];
        $likeness = new TextSimilarity($pages);
        foreach (self::byTitle($pages) as $title => $alike) {
            foreach ($alike as $at => $page) {
                $titles[$page->number] = (string) $title;
                foreach (self::nearest($page, array_slice($alike, 0, $at), $likeness) as $plain) {
                    if (isset($fuller[$plain->number])) {
                        continue;
                    }
                    if (self::isFuller($page, $plain)) {
                        $fuller[$page->number] = $plain->number;
                        break;
                    }
                    self::hasMoreInk($page, $plain) && ($inked[$page->number] ??= $plain->number);
                }
            }
        }
        foreach ($inked as $number => $plain) {
            // Of two pages that say the same one may have more lines to write on; page after page it has answers.
            $goesOn = ($inked[$number - 1] ?? null) === $plain - 1 || ($inked[$number + 1] ?? null) === $plain + 1;
            if ($goesOn || RoleSigns::isPuzzleHeading($titles[$number])) {
                $fuller[$number] ??= $plain;
            }
        }

        return $fuller;
    }

    /**
     * @param  list<PageText>  $pages
     * @return array<string, non-empty-list<PageText>> those with one title
     */
    public static function byTitle(array $pages): array
    {
        $titles = [];
        foreach ($pages as $page) {
            $title = mb_strtolower($page->name());
            $title === '' || ($titles[$title][] = $page);
        }

        return $titles;
    }

    /**
     * Those of which a page may be the answers, or they of it: most of the words of one are on the other.
     *
     * @param  list<PageText>  $others
     * @return list<PageText> few, those with the most words in common first, and of those the last
     */
    public static function nearest(PageText $page, array $others, TextSimilarity $likeness): array
    {
        $shared = [];
        foreach ($others as $other) {
            $in = $likeness->shared($page->number, $other->number);
            if ($in >= self::IN_COMMON * min($likeness->size($page->number), $likeness->size($other->number))) {
                $shared[$other->number] = $in;
            }
        }
        usort(
            $others,
            fn (PageText $a, PageText $b): int => [$shared[$b->number] ?? -1, $b->number] <=>
                [$shared[$a->number] ?? -1, $a->number],
        );

        return array_slice($others, 0, min(count($shared), self::MOST_NEAREST));
    }

    /** Whether two have the same words in the same places. */
    public static function areAlike(PageText $a, PageText $b): bool
    {
        [$one, $other] = [$a->words(), $b->words()];

        return count($one) === count($other) && self::others($one, $other) === [];
    }

    /** Whether one has the words of another in their places and a little more, so that something may be marked on it. */
    public static function mayBeMarked(PageText $page, PageText $plain): bool
    {
        return $page->ink !== null &&
            $plain->ink !== null &&
            $page->ink > $plain->ink + self::LITTLE_INK &&
            $page->furniture + $plain->furniture === 0 &&
            self::areAlike($page, $plain);
    }

    private static function hasMoreInk(PageText $page, PageText $plain): bool
    {
        return ! $page->seen &&
            $page->ink !== null &&
            $plain->ink !== null &&
            $page->ink >= $plain->ink + self::MORE_INK &&
            self::areAlike($page, $plain);
    }

    /** Whether more is to be filled in, done or answered on one page than on another, by their texts. */
    public static function asksMore(string $text, string $other): bool
    {
        return RoleSigns::gaps($text) > RoleSigns::gaps($other) ||
            RoleSigns::tasks($text) > RoleSigns::tasks($other) ||
            substr_count($text, '?') > substr_count($other, '?');
    }

    private static function isFuller(PageText $page, PageText $plain): bool
    {
        // Where one has gaps, the other has what they are filled with.
        [$all, $some] = [self::withoutGaps($page), self::withoutGaps($plain)];

        return ! self::asksMore($page->text(), $plain->text()) &&
            count($all) >= count($some) + max(self::MORE, self::MORE_SHARE * count($some)) &&
            count(self::others($some, $all, self::ASIDE)) <= (1 - self::SAME) * count($some) &&
            (! $page->seen || self::words($all) >= self::words($some) + self::MORE);
    }

    /** @param  list<Word>  $words */
    private static function words(array $words): int
    {
        return count(array_filter($words, fn (Word $word): bool => RoleSigns::isWord($word->text)));
    }

    /**
     * @param  list<Word>  $some
     * @param  list<Word>  $all
     * @param  float  $aside  how far they may stand aside of their places, either across or down, in points
     * @return list<Word> those of the first that do not stand in their places among the others
     */
    public static function others(array $some, array $all, float $aside = self::PLACE): array
    {
        $places = [];
        foreach ($all as $word) {
            $places[mb_strtolower($word->text)][] = $word->frame;
        }
        $missing = [];
        foreach ($some as $word) {
            foreach ($places[mb_strtolower($word->text)] ?? [] as $at => $frame) {
                $off = [abs($frame->x - $word->frame->x), abs($frame->middle() - $word->frame->middle())];
                if (min($off) <= self::PLACE && max($off) <= $aside) {
                    unset($places[mb_strtolower($word->text)][$at]);

                    continue 2;
                }
            }
            $missing[] = $word;
        }

        return $missing;
    }

    /** @return list<Word> */
    private static function withoutGaps(PageText $page): array
    {
        return array_values(
            array_filter($page->words(), fn (Word $word): bool => RoleSigns::gaps($word->text) === 0),
        );
    }
}
