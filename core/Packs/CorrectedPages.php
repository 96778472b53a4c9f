<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/** Pages that have all the words of another in their order, and more marks and capital letters to them. */
final class CorrectedPages
{
    /** So many more, or it is another setting of the same. */
    private const MORE = 3;

    /** With fewer words there is no sentence. */
    private const FEWEST_WORDS = 8;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return array<int, int> the page that each has corrected, by its number
     */
    public static function of(array $pages): array
    {
        $alike = $corrected = [];
        foreach ($pages as $page) {
            $page->wordCount() < self::FEWEST_WORDS || ($alike[self::words($page)][] = $page);
        }
        foreach ($alike as $some) {
            $plain = array_reduce(
                $some,
                fn (PageText $least, PageText $page): PageText => self::marks($page) < self::marks($least)
                    ? $page
                    : $least,
                $some[0],
            );
            foreach ($some as $page) {
                if (self::marks($page) >= self::marks($plain) + self::MORE) {
                    $corrected[$page->number] = $plain->number;
                }
            }
        }

        return $corrected;
    }

    /** In small letters, without the marks in them. */
    private static function words(PageText $page): string
    {
        preg_match_all('/[\p{L}\p{N}]+/u', str_replace(['’', "'"], '', mb_strtolower($page->text())), $words);

        return implode(' ', $words[0]);
    }

    private static function marks(PageText $page): int
    {
        return (int) preg_match_all('/[\p{Lu},;:.!?’\'"“”-]/u', $page->text());
    }
}
