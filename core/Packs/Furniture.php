<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/**
 * Running heads, feet and page numbers: lines at the edge of the page that come back on page after page.
 *
 * Digits are taken as alike, so that "Page 3 of 24" comes back as "Page 4 of 24". A section's own label ("Day 3") and a
 * heading come back too, but are what the page is about; they stay, unless most pages have the same one.
 */
final class Furniture
{
    /** Share of the page's height, at the top and at the foot, that counts as its edge. */
    private const EDGE = 0.13;

    /** A line that comes back on this share of the pages, and on three at least, is furniture. */
    private const SHARE = 0.4;

    private const FEWEST = 3;

    /** A line larger than running text by this factor heads the page, wherever it stands. */
    private const HEADING = 1.2;

    /** A number larger than running text by this counts something else than pages. */
    private const LARGE_NUMBER = 1.4;

    /** An item of a list, which may stand high on page after page. */
    private const ITEM = '/^\W*\d{1,2}[.)]\s+\S/u';

    /**
     * @param  list<PageText>  $pages
     * @return list<PageText> the same pages without their furniture
     */
    public static function removed(array $pages): array
    {
        $seen = [];
        $exact = [];
        foreach ($pages as $page) {
            $here = [];
            foreach ($page->lines as $line) {
                if (self::atEdge($line, $page)) {
                    $here[self::shape($line, $page)] = true;
                    $exact[mb_strtolower(trim($line->text))][$page->number] = true;
                }
            }
            foreach (array_keys($here) as $shape) {
                $seen[$shape] = ($seen[$shape] ?? 0) + 1;
            }
        }
        $limit = max(self::FEWEST, count($pages) * self::SHARE);

        return array_map(
            fn (PageText $page): PageText => $page->withLines(
                array_values(
                    array_filter($page->lines, function (TextLine $line) use (
                        $page,
                        $seen,
                        $exact,
                        $limit,
                        $pages,
                    ): bool {
                        if (! self::atEdge($line, $page) || preg_match(self::ITEM, $line->text) === 1) {
                            return true;
                        }
                        if (self::isPageNumber($line)) {
                            return $line->frame->height >= self::LARGE_NUMBER * $page->bodyHeight();
                        }
                        $comesBack = ($seen[self::shape($line, $page)] ?? 0) >= $limit;
                        $alwaysTheSame = count($exact[mb_strtolower(trim($line->text))] ?? []) > count($pages) * 0.6;

                        // A text, the questions about it and their answers have one title.
                        $counts =
                            ! $alwaysTheSame &&
                            (SectionLabel::in($line->text) !== null ||
                                $line->frame->height >= self::HEADING * $page->bodyHeight());

                        return ! $comesBack || $counts;
                    }),
                ),
            ),
            $pages,
        );
    }

    private static function atEdge(TextLine $line, PageText $page): bool
    {
        $edge = $page->size->height * self::EDGE;

        return $line->frame->bottom() <= $edge || $line->frame->y >= $page->size->height - $edge;
    }

    /** "Page 3", "3 of 24", "- 3 -", "3", "iii": no words of its own. */
    private static function isPageNumber(TextLine $line): bool
    {
        return preg_match(
            '/^\W*(?:(?:page|p\.?|pg\.?)\s*)?(?:\d{1,3}|[ivxl]{1,6})(?:\s*(?:of|\/|–|-)\s*\d{1,3})?\W*$/iu',
            trim($line->text),
        ) === 1;
    }

    /** The words, at which edge and how large: the title on the cover is not the running head of the same words. */
    private static function shape(TextLine $line, PageText $page): string
    {
        $words = (string) preg_replace(['/\d+/u', '/\s+/u'], ['#', ' '], mb_strtolower(trim($line->text)));

        return ($line->frame->middle() < $page->size->height / 2 ? 'top ' : 'foot ').
            (int) round($line->frame->height / 3).
            ' '.
            $words;
    }
}
