<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/**
 * The section labels of one pack: those whose words are known ("Day 3"), and those that the pack shows to be its own by
 * heading pages with one word and a number that counts up from page to page ("Workout 1", "Workout 2"; "Source A").
 */
final readonly class PackLabels
{
    /** Words that stand before a number and head no section. */
    private const NOT_SECTIONS =
        '/^(page|p|pg|pages|question|q|problem|item|number|no|nr|figure|fig|table|example|step|rule|tip|year|years|'
        .'grade|grades|age|ages|key stage|ks|form|class|period|room|volume|vol|edition|version|name|date|score|'
        .'total|time|copyright|isbn|key|answers?|answer key|january|february|march|april|may|june|july|august|'
        .'september|october|november|december|'
        .OtherLanguages::NOT_SECTIONS
        .')$/iu';

    /** How far into the pack the first number may be. */
    private const FIRST = 2;

    /** @param  list<string>  $kinds  in small letters */
    private function __construct(private array $kinds)
    {
    }

    /** @param  list<PageText>  $pages  without their furniture, in order */
    public static function of(array $pages): self
    {
        $seen = [];
        foreach ($pages as $page) {
            foreach ($page->headings() as $line) {
                $label = SectionLabel::ofAnyKind($line->text);
                if ($label !== null && preg_match(self::NOT_SECTIONS, $label->kind) !== 1) {
                    $seen[$label->kind][$page->number] ??= $label->number;
                }
            }
        }
        $kinds = array_keys(array_filter($seen, fn (array $numbers): bool => self::countsUp(array_values($numbers))));

        return new self(array_map(strval(...), $kinds));
    }

    public function in(string $line): ?SectionLabel
    {
        $label = SectionLabel::in($line);
        if ($label !== null || $this->kinds === []) {
            return $label;
        }
        $own = SectionLabel::ofAnyKind($line);

        return $own !== null && in_array($own->kind, $this->kinds, true) ? $own : null;
    }

    /**
     * @param  list<int>  $numbers  page by page
     */
    private static function countsUp(array $numbers): bool
    {
        $first = [];
        foreach ($numbers as $number) {
            in_array($number, $first, true) || ($first[] = $number);
        }
        $sorted = $first;
        sort($sorted);

        return count($first) >= 2 && $first === $sorted && $first[0] <= self::FIRST;
    }
}
