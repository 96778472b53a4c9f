<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** Says what may have changed on the pages that were made of a document. */
final class LayoutCheck
{
    /** Words keep further than this, in points, from the edge of the paper. Common practice, no source. */
    private const EDGE = 3.0;

    /** Text boxes of which less than this share of the words is on any page have run off it. */
    private const SEEN = 0.5;

    /**
     * Families that were drawn to the measures of others, so that lines break where they did: as the makers of
     * Liberation, Carlito, Caladea and of the URW base 35 fonts say of them. From memory.
     */
    private const SAME_MEASURES = [
        'liberation sans' => ['arial', 'helvetica'],
        'liberation serif' => ['times new roman', 'times'],
        'liberation mono' => ['courier new', 'courier'],
        'liberation sans narrow' => ['arial narrow'],
        'carlito' => ['calibri'],
        'caladea' => ['cambria'],
        'nimbus sans' => ['helvetica', 'arial'],
        'nimbus roman' => ['times', 'times new roman'],
        'nimbus mono ps' => ['courier', 'courier new'],
    ];

    /**
     * @param  array<string, string>  $standIns  by the family of the document: what is used where that is not here
     * @param  list<string>  $printed  names of the fonts in the pages made of it (PostScript names)
     * @param  list<PageText>  $pages  what is on them
     * @return list<LayoutFinding>
     */
    public static function of(
        DocumentFacts $facts,
        DocumentChoices $choices,
        array $standIns,
        array $printed,
        array $pages,
    ): array {
        return [
            ...self::fonts($facts->fonts, $standIns, $printed),
            ...self::pages($facts->pages, count($pages)),
            ...self::remarks($facts, $choices),
            ...self::overEdges($pages),
            ...self::tables($facts->tooWide),
            ...self::lostBoxes($facts->boxes, $pages),
            ...self::leftOut($facts),
        ];
    }

    /**
     * @param  list<string>  $fonts
     * @param  array<string, string>  $standIns
     * @param  list<string>  $printed
     * @return list<LayoutFinding>
     */
    private static function fonts(array $fonts, array $standIns, array $printed): array
    {
        $names = array_map(self::plain(...), $printed);
        $is = fn (string $family): bool => array_filter(
            $names,
            fn (string $name): bool => str_starts_with($name, self::plain($family)),
        ) !== [];
        $found = [];
        foreach ($fonts as $family) {
            $standIn = $standIns[$family] ?? '';
            if ($is($family) || $standIn === '' || self::plain($standIn) === self::plain($family) || ! $is($standIn)) {
                continue;
            }
            $same = in_array(mb_strtolower($family), self::SAME_MEASURES[mb_strtolower($standIn)] ?? [], true);
            $found[] = new LayoutFinding(
                LayoutKind::Font,
                "The font {$family} is not here. {$standIn} stands in for it".($same
                    ? ', with letters of the same width: lines break as they did.'
                    : ': lines may break elsewhere.'),
            );
        }

        return $found;
    }

    /** @return list<LayoutFinding> */
    private static function pages(?int $said, int $made): array
    {
        return $said === null || $said === $made ? [] : [
            new LayoutFinding(
                LayoutKind::Pages,
                'The document says that it has '.self::count($said, 'page').'; here it has '
                    .self::count($made, 'page').'. Look where the pages end.',
            ),
        ];
    }

    /** @return list<LayoutFinding> */
    private static function remarks(DocumentFacts $facts, DocumentChoices $choices): array
    {
        $found = [];
        if ($facts->changes > 0) {
            $found[] = new LayoutFinding(
                LayoutKind::Tracked,
                self::count($facts->changes, 'tracked change').($choices->changes
                    ? ($facts->changes === 1 ? ' is' : ' are').' shown, with what was deleted.'
                    : ($facts->changes === 1 ? ' is' : ' are').' taken as accepted: nothing of them shows.'),
            );
        }
        if ($facts->comments > 0) {
            $found[] = new LayoutFinding(
                LayoutKind::Comments,
                self::count($facts->comments, 'comment').($facts->comments === 1 ? ' is ' : ' are ')
                    .($choices->comments ? 'printed in the margin.' : 'left out.'),
            );
        }

        return $found;
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<LayoutFinding>
     */
    private static function overEdges(array $pages): array
    {
        $found = [];
        foreach ($pages as $page) {
            $over = array_values(array_filter(
                $page->lines,
                fn (TextLine $line): bool => $line->frame->x < self::EDGE ||
                    $line->frame->right() > $page->size->width - self::EDGE ||
                    $line->frame->bottom() > $page->size->height - self::EDGE,
            ));
            if ($over !== []) {
                $found[] = new LayoutFinding(
                    LayoutKind::OffPage,
                    'Words run over the edge of the paper: “'.self::short($over[0]->text).'”'
                        .(count($over) > 1 ? ' and '.self::count(count($over) - 1, 'line').' more.' : '.'),
                    $page->number,
                );
            }
        }

        return $found;
    }

    /**
     * @param  list<float>  $tooWide
     * @return list<LayoutFinding>
     */
    private static function tables(array $tooWide): array
    {
        return $tooWide === [] ? [] : [
            new LayoutFinding(
                LayoutKind::OffPage,
                count($tooWide) === 1
                    ? 'A table is wider than the paper, by '.self::length(max($tooWide)).'.'
                    : count($tooWide).' tables are wider than the paper, by up to '.self::length(max($tooWide)).'.',
            ),
        ];
    }

    /**
     * @param  list<string>  $boxes
     * @param  list<PageText>  $pages
     * @return list<LayoutFinding>
     */
    private static function lostBoxes(array $boxes, array $pages): array
    {
        $text = implode("\n", array_map(fn (PageText $page): string => $page->text(), $pages));
        $printed = array_flip(self::words($text));
        $found = [];
        foreach ($boxes as $words) {
            $all = self::words($words);
            $seen = count(array_filter($all, fn (string $word): bool => isset($printed[$word])));
            if ($all !== [] && $seen < self::SEEN * count($all)) {
                $found[] = new LayoutFinding(
                    LayoutKind::OffPage,
                    'A text box is not to be seen on any page: “'.self::short($words).'”.',
                );
            }
        }

        return $found;
    }

    /** @return list<LayoutFinding> */
    private static function leftOut(DocumentFacts $facts): array
    {
        $found = [];
        if ($facts->hiddenWords > 0) {
            $found[] = new LayoutFinding(
                LayoutKind::Hidden,
                self::count($facts->hiddenWords, 'word').($facts->hiddenWords === 1 ? ' is' : ' are')
                    .' marked as hidden in the document, and not printed.',
            );
        }
        if ($facts->hiddenSlides > 0) {
            $found[] = new LayoutFinding(
                LayoutKind::Hidden,
                self::count($facts->hiddenSlides, 'slide').($facts->hiddenSlides === 1 ? ' is' : ' are')
                    .' hidden in the document, and left out.',
            );
        }
        if ($facts->outside > 0) {
            $found[] = new LayoutFinding(
                LayoutKind::Hidden,
                $facts->outside === 1
                    ? 'One thing of the document lies on another machine or on the web. It was left out: nothing is '
                        .'fetched. Put it into the document itself.'
                    : $facts->outside.' things of the document lie on other machines or on the web. They were left '
                        .'out: nothing is fetched. Put them into the document itself.',
            );
        }

        return $found;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $words);

        return $words[0];
    }

    private static function short(string $words): string
    {
        $words = trim((string) preg_replace('/\s+/u', ' ', $words));

        return mb_strlen($words) > 60 ? rtrim(mb_substr($words, 0, 58)).' …' : $words;
    }

    private static function count(int $number, string $what): string
    {
        return "{$number} {$what}".($number === 1 ? '' : 's');
    }

    /** In millimetres, from points of which 72 are an inch. */
    private static function length(float $points): string
    {
        return max(1, (int) round($points / 72 * 25.4)).' mm';
    }

    /** "BAAAAA+LiberationSans-Bold" begins like "Liberation Sans": the prefix tells a subset (ISO 32000-1, 9.6.4). */
    private static function plain(string $name): string
    {
        return (string) preg_replace(
            '/[^\p{L}\p{N}]/u',
            '',
            mb_strtolower((string) preg_replace('/^[A-Z]{6}\+/', '', $name)),
        );
    }
}
