<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Label;
use OpenSlate\Text\Numeral;

/**
 * What directions say of pages and questions, in digits or in words, held against what is there: "both pages", "these
 * three sheets", "pages 2 to 4", "page 7", "the ten questions".
 */
final class DirectionsCheck implements Check
{
    /** What stands behind pages that are of something else: "of your atlas", "in the reader". */
    private const ELSEWHERE = '(?!\s+(?:of|in|from)\b)';

    private const RANGES = [
        'said-range' => '/\bpages\s+(NUMBER)\s*(?:to|-|–|through|and)\s*(NUMBER)\b'.self::ELSEWHERE.'/iu',
        'said-page' => '/\bpage\s+(NUMBER)\b'.self::ELSEWHERE.'/iu',
    ];

    /** "One page a day" and "two sheets of paper" say nothing of how many pages there are. */
    private const COUNT =
        '/\b(both|NUMBER)\s+(?:[a-z]+\s+)?(?:pages?|sheets?)\b(?!\s+(?:a|an|each|per|every)\b)'.self::ELSEWHERE.'/iu';

    private const QUESTIONS = '/\b(?:all|the|these|answer)\s+(NUMBER)\s+(?:questions?|problems?|sums?)\b/iu';

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        $count = count($sheet->pages);
        if ($count === 0) {
            return;
        }
        $places = 0;
        foreach ($sheet->pages as $page) {
            $places += $page->page->placesCount();
        }
        if ($plan !== null) {
            foreach ($this->wrong($plan->directions, $count, $places) as [$code, $words]) {
                yield new Finding($code, Severity::Mend, "The directions {$words}");
            }
        }
        foreach ($sheet->pages as $page) {
            foreach ($page->page->elements() as $element) {
                if ($element instanceof Label) {
                    foreach ($this->wrong($element->text, $count, $places) as [$code, $words]) {
                        $words = "The words of {$page->tag($element)} {$words}";
                        yield $page->finding($code, Severity::Mend, $words, $element);
                    }
                }
            }
        }
    }

    /** @return iterable<array{string, string}> code, and what is said and is not so */
    private function wrong(string $text, int $pages, int $places): iterable
    {
        $there = $pages === 1 ? 'there is 1' : "there are {$pages}";
        foreach (self::RANGES as $code => $pattern) {
            foreach ($this->said($pattern, $text) as $said) {
                $numbers = array_map(Numeral::value(...), array_slice($said, 1));
                if (max(0, ...$numbers) > $pages) {
                    yield [$code, "say “{$said[0]}”, and {$there}."];
                }
            }
        }
        foreach ($this->said(self::COUNT, $text) as $said) {
            $count = mb_strtolower($said[1]) === 'both' ? 2 : Numeral::value($said[1]);
            if ($count !== null && $count !== $pages) {
                yield ['said-pages', "say “{$said[0]}”, and {$there}."];
            }
        }
        foreach ($this->said(self::QUESTIONS, $text) as $said) {
            $count = Numeral::value($said[1]);
            if ($count !== null && $count > $places) {
                $there = $places === 1 ? 'there is 1 place' : "there are {$places} places";
                yield ['said-questions', "say “{$said[0]}”, and {$there} to answer."];
            }
        }
    }

    /** @return list<array<string>> */
    private function said(string $pattern, string $text): array
    {
        preg_match_all(str_replace('NUMBER', Numeral::PATTERN, $pattern), $text, $said, PREG_SET_ORDER);

        return $said;
    }
}
