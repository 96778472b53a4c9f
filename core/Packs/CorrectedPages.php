<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/** Pages that have the title of another and all its words in their order, and more marks and capital letters to them. */
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
        $corrected = [];
        foreach (FullerPages::byTitle($pages) as $alike) {
            foreach ($alike as $page) {
                foreach ($alike as $plain) {
                    $words = self::words($page);
                    if (
                        $words !== null &&
                        $words === self::words($plain) &&
                        self::marks($page) >= self::marks($plain) + self::MORE
                    ) {
                        $corrected[$page->number] ??= $plain->number;
                    }
                }
            }
        }

        return array_diff_key($corrected, array_flip($corrected));
    }

    /** @return list<string>|null in small letters; null where they are too few */
    private static function words(PageText $page): ?array
    {
        preg_match_all('/[\p{L}\p{N}]+(?:[’\'][\p{L}]+)?/u', mb_strtolower($page->text()), $words);

        return count($words[0]) < self::FEWEST_WORDS ? null : str_replace(['’', "'"], '', $words[0]);
    }

    private static function marks(PageText $page): int
    {
        return (int) preg_match_all('/[\p{Lu},;:.!?’\'"“”-]/u', $page->text());
    }
}
