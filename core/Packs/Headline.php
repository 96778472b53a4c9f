<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;

/** What a page is called in print: the largest words near its head, beside the mark of its section. */
final class Headline
{
    /** It stands in this share of the page, from the top. */
    private const HEAD = 0.4;

    /** It is so many times as large as most lines, at least. */
    private const LARGER = 1.15;

    private const MOST_WORDS = 12;

    /** @return string without what names the section; '' where no line stands out */
    public static function of(PrintedText $page, ?string $section): string
    {
        $heights = array_map(fn (TextLine $line): float => $line->frame->height, $page->lines);
        sort($heights);
        $usual = $heights[intdiv(count($heights), 2)] ?? 0.0;
        $best = null;
        foreach ($page->lines as $line) {
            $words = self::withoutSection($line->text, $section);
            $isTitle =
                $line->frame->bottom() < self::HEAD * $page->size->height &&
                $line->frame->height >= self::LARGER * $usual &&
                $line->wordCount() <= self::MOST_WORDS &&
                preg_match('/\p{L}{2}/u', $words) === 1;
            // Of lines of one size the first is the title.
            if ($isTitle && ($best === null || $line->frame->height > $best[0] + 0.5)) {
                $best = [$line->frame->height, $words];
            }
        }

        return $best[1] ?? '';
    }

    /** A title as it goes on behind its section: "Activity 3: reading the layers". */
    public static function after(string $section, string $title): string
    {
        // A name, or letters that stand for words, keep their capital.
        $flows = preg_match('/^(?:A|\p{Lu}\p{Ll}+)(?!\p{L})(?!\s+\p{Lu}\p{Ll})/u', $title) === 1;

        $title = $flows ? mb_strtolower(mb_substr($title, 0, 1)).mb_substr($title, 1) : $title;

        return $title === '' ? $section : "{$section}: {$title}";
    }

    private static function withoutSection(string $line, ?string $section): string
    {
        if ($section !== null) {
            $mark = '/^\W*'.preg_quote($section, '/').'(?![\p{L}\p{N}])[\s:.,\-–—]*/iu';
            $line = (string) preg_replace($mark, '', $line);
        }

        return trim((string) preg_replace('/\s+/u', ' ', $line));
    }
}
