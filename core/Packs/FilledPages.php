<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/**
 * Pages that have the title and the tasks of one before them, most of its words, and nothing left to fill in: their
 * places have been filled, though nothing calls them a key.
 */
final class FilledPages
{
    /** How many of the words of the page before stand on it, as a share. */
    private const SAME = 0.5;

    /** So many places fewer at the least, and at most this share of them is left. */
    private const FEWER = 2;

    private const LEFT = 0.5;

    /**
     * @param  list<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> the page whose places are filled on each, by its number
     */
    public static function of(array $pages, array $labels): array
    {
        $filled = [];
        foreach (self::pairs($pages, $labels) as [$plain, $page]) {
            $areKnown = $plain->blanks !== null && $page->blanks !== null;
            [$were, $are] = $areKnown ? [$plain->blanks, $page->blanks] : [self::gaps($plain), self::gaps($page)];
            if ($were - $are >= self::FEWER && $are <= self::LEFT * $were) {
                $filled[$page->number] ??= $plain->number;
            }
        }

        return $filled;
    }

    /**
     * @param  list<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> of those of which only what is drawn on them can tell, as lines to write on are, and of
     *                         which nobody has looked at that, the page whose places may be filled, by their numbers
     */
    public static function open(array $pages, array $labels): array
    {
        $open = [];
        foreach (self::pairs($pages, $labels) as [$plain, $page]) {
            $areKnown = $plain->blanks !== null && $page->blanks !== null;
            if (! $areKnown && self::gaps($plain) + self::gaps($page) === 0) {
                $open[$page->number] = $plain->number;
            }
        }

        return $open;
    }

    /**
     * @param  list<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return list<array{PageText, PageText}> a page, and one behind it that has its title and its tasks
     */
    private static function pairs(array $pages, array $labels): array
    {
        $likeness = new TextSimilarity($pages);
        $label = fn (PageText $page): ?string => ($labels[$page->number][0] ?? null)?->words();
        $pairs = [];
        foreach (FullerPages::byTitle($pages) as $alike) {
            $tasks = count($alike) > 1 ? array_map(self::tasks(...), $alike) : [];
            foreach ($tasks as $at => $own) {
                foreach (array_slice($tasks, 0, $at) as $before => $others) {
                    [$plain, $page] = [$alike[$before], $alike[$at]];
                    if (
                        array_intersect($own, $others) !== [] &&
                        $label($plain) === $label($page) &&
                        $likeness->shared($plain->number, $page->number) >=
                            self::SAME * $likeness->size($plain->number)
                    ) {
                        $pairs[] = [$plain, $page];
                        break;
                    }
                }
            }
        }

        return $pairs;
    }

    /** @return list<string> the lines of a page that ask for something, below its title */
    private static function tasks(PageText $page): array
    {
        $lines = array_map(
            fn (TextLine $line): string => mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $line->text))),
            $page->lines,
        );

        return array_values(
            array_filter(
                $lines,
                fn (string $line): bool => $line !== mb_strtolower($page->name()) && RoleSigns::tasks($line) > 0,
            ),
        );
    }

    private static function gaps(PageText $page): int
    {
        return RoleSigns::gaps(RoleSigns::withoutNameLines($page->text()));
    }
}
