<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use Closure;
use OpenSlate\Text\PageText;

/**
 * How much of one page's words stands on another, as bags of words. What stands where a name is written is not of them:
 * answers to a sheet do without.
 */
final class TextSimilarity
{
    /** @var array<int, array<string, int>> counts of words by page */
    private array $bags = [];

    /** @var array<int, int> numbers of words by page */
    private array $sizes = [];

    /**
     * @param  list<PageText>  $pages
     * @param  (Closure(string): bool)|null  $counts  which words do; all where it is left out
     */
    public function __construct(array $pages, ?Closure $counts = null)
    {
        foreach ($pages as $page) {
            $said = RoleSigns::withoutNameLines($page->text());
            preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($said), $words);
            $words = $counts === null ? $words[0] : array_filter($words[0], $counts);
            $this->bags[$page->number] = array_count_values($words);
            $this->sizes[$page->number] = count($words);
        }
    }

    public function size(int $page): int
    {
        return $this->sizes[$page];
    }

    /** The number of words of the first page that the other has as well. */
    public function shared(int $page, int $other): int
    {
        $shared = 0;
        foreach ($this->bags[$page] as $word => $count) {
            $shared += min($count, $this->bags[$other][$word] ?? 0);
        }

        return $shared;
    }

    /** The number of words of the other page that the first has not, and that nobody reads into dust. */
    public function added(int $page, int $other): int
    {
        $added = 0;
        foreach ($this->bags[$other] as $word => $count) {
            if (RoleSigns::isWord((string) $word)) {
                $added += max(0, $count - ($this->bags[$page][$word] ?? 0));
            }
        }

        return $added;
    }
}
