<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/**
 * Pages that have the title of one before them and something for each of its numbers, and ask for nothing: its answers,
 * whatever their words.
 */
final class NumberedAnswers
{
    private const ITEM = '/^\W*\(?(\d{1,2})[a-h]?[.):]\s*(.*)$/u';

    /** Fewer numbers come together by chance. */
    private const FEWEST = 3;

    /** Answers in whole sentences have so many times the words of what they answer, on the whole; texts have more. */
    private const AS_LONG = 2.5;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> the page whose numbers each answers, by its number
     */
    public static function of(array $pages, array $labels): array
    {
        $answers = $asking = [];
        foreach ($pages as $page) {
            $items = self::items($page);
            if (count($items) < self::FEWEST) {
                continue;
            }
            $title = isset($labels[$page->number][0])
                ? $labels[$page->number][0]->words()
                : mb_strtolower($page->name());
            if (RoleSigns::asks($page->text())) {
                $asking[$page->number] = [$title, $items];

                continue;
            }
            foreach ($title === '' ? [] : array_reverse($asking, true) as $number => [$of, $asked]) {
                if (self::isTitleOf($title, $of) && self::areAnswers($items, $asked)) {
                    $answers[$page->number] = $number;
                    break;
                }
            }
        }

        return $answers;
    }

    /** Whether it is the title, or what that begins with: "Ecosystems" of "Ecosystems: exit slip". */
    private static function isTitleOf(string $title, string $of): bool
    {
        return $title === $of || preg_match('/^'.preg_quote($title, '/').'\W*\s/u', $of) === 1;
    }

    /** @return array<int, string> what stands behind each number, the first time it comes */
    private static function items(PageText $page): array
    {
        $items = [];
        foreach ($page->lines as $line) {
            if (preg_match(self::ITEM, $line->text, $is) === 1) {
                $items[(int) $is[1]] ??= trim($is[2]);
            }
        }
        ksort($items);

        return $items;
    }

    /**
     * @param  array<int, string>  $said
     * @param  array<int, string>  $asked
     */
    private static function areAnswers(array $said, array $asked): bool
    {
        return array_keys($said) === array_keys($asked) &&
            ! in_array('', $said, true) &&
            array_intersect_assoc($said, $asked) === [] &&
            self::words($said) <= self::AS_LONG * self::words($asked);
    }

    /** @param  array<int, string>  $items */
    private static function words(array $items): int
    {
        return (int) preg_match_all('/[\p{L}\p{N}]+/u', implode(' ', $items));
    }
}
