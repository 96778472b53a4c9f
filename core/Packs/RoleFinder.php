<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use Closure;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/**
 * Tells what each page of a pack is for, from its words, their sizes and places, and the likeness of pages to each
 * other.
 *
 * Handing out a key is the worst mistake, so that doubt is "unknown" and never "student".
 */
final class RoleFinder
{
    /** Less than this share of the page is dust, not print. */
    private const NO_INK = 0.002;

    /** With no more than some large words on it there is no place to write. */
    private const LITTLE_INK = 0.012;

    /** With more there is a picture on it, as on a cover. */
    private const INK_OF_A_SHEET = 0.2;

    /** What a word of a running head covers at the most, as a share of the page. */
    private const INK_OF_A_WORD = 0.0012;

    /** A page is the students' where so much more speaks for that than for anything else. */
    private const CLEARLY = 0.75;

    /** A title is larger than most words by this; types of so nearly one size, in points, are one. */
    private const TITLE = 1.15;

    private const SAME_TYPE = 0.6;

    /** Under the titles of other pages a page of answers to them has so many words at the least. */
    private const FEWEST_WORDS = 12;

    /** Why nothing is said of most pages of few words. */
    public const TOO_LITTLE = 'too little tells what it is for';

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @param  (Closure(non-empty-list<int>): array<int, int>)|null  $blanks  as PackReading::of has it
     * @return list<Verdict> one for each page
     */
    public static function verdicts(array $pages, PackLabels $known, ?Closure $blanks = null): array
    {
        $labels = self::labelsOf($pages, $known);
        $answers = AnsweredQuestions::of($pages);
        $repeats = RepeatedPages::of($pages, $labels) + FullerPages::of($pages);
        $repeats += array_map(
            fn (array $others): int => $others[0],
            array_filter($answers, fn (array $others): bool => count($others) === 1),
        );
        $numbered = NumberedAnswers::of($pages, $labels);
        $placed = PlacedAnswers::of($pages);
        $corrected = CorrectedPages::of($pages);
        // What has its answers on another page is no answer to that.
        $repeats = array_filter(
            self::answering($pages, $repeats),
            fn (int $plain, int $fuller): bool => ! in_array(
                $fuller,
                [$numbered[$plain] ?? null, $placed[$plain] ?? null, $corrected[$plain] ?? null],
                true,
            ),
            ARRAY_FILTER_USE_BOTH,
        );
        $gathered = self::gathered($labels);
        $names = array_map(fn (PageText $page): string => mb_strtolower($page->name()), $pages);
        $titles = self::titles($pages);
        $largest = self::usualTitle($pages);
        $verdicts = [];
        foreach ($pages as $index => $page) {
            $number = $page->number;
            $answered = count($answers[$number] ?? []);
            $verdicts[] = self::verdict(
                new PageSigns(
                    page: $page,
                    labels: $labels[$number],
                    gathered: $gathered[$number],
                    repeated: $answered > 1 || PageSigns::isInSmall($page, $labels[$number])
                        ? null
                        : $repeats[$number] ?? null,
                    numbered: $numbered[$number] ?? null,
                    placed: $placed[$number] ?? null,
                    corrected: $corrected[$number] ?? null,
                    answered: max($titles[$number], $answered),
                    isRepeated: in_array($number, $repeats, true),
                    largest: $largest,
                    names: $names,
                    before: $verdicts[$index - 1] ?? null,
                    goesOn: $index > 0 && self::goesOn($page, $pages[$index - 1]),
                ),
            );
        }

        $settled = RolesByOthers::settled($pages, $verdicts, $labels);
        $filled = FilledPages::open(self::students($pages, $settled), $labels);
        $open = self::open($pages, $settled);
        foreach ($filled as $page => $plain) {
            array_push($open, $plain, $page);
        }
        $open = array_values(array_unique($open));
        if ($blanks === null || $open === []) {
            return $settled;
        }
        $counts = $blanks($open);
        $counted = array_map(
            fn (PageText $page): PageText => isset($counts[$page->number])
                ? $page->withBlanks($counts[$page->number])
                : $page,
            $pages,
        );
        $settled = RolesByOthers::settled($counted, $verdicts, $labels);
        // More than are looked at may be keys: doubt is not for students.
        $unseen = FilledPages::open(self::students($counted, $settled), $labels);

        return array_map(
            fn (Verdict $verdict, PageText $page): Verdict => isset($unseen[$page->number])
                ? new Verdict(
                    Role::Unknown,
                    $verdict->confidence,
                    "it may be for students, but it has the tasks of page {$unseen[$page->number]}",
                )
                : $verdict,
            $settled,
            $pages,
        );
    }

    /**
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts  one for each page
     * @return list<PageText> those of students
     */
    private static function students(array $pages, array $verdicts): array
    {
        return array_values(
            array_filter(
                $pages,
                fn (PageText $page, int $at): bool => $verdicts[$at]->role === Role::Student,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /**
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts  one for each page
     * @return list<int> the numbers of those of which too little is said for sure: what else is on them may tell
     */
    private static function open(array $pages, array $verdicts): array
    {
        $open = array_filter(
            $pages,
            fn (PageText $page, int $at): bool => match (true) {
                // A page for children is headed as largely as a cover, and says as little.
                $verdicts[$at]->role === Role::Cover => $page->ink !== null &&
                    $page->ink >= self::LITTLE_INK &&
                    $page->ink <= self::INK_OF_A_SHEET,
                $verdicts[$at]->role !== Role::Unknown || $verdicts[$at]->reason !== self::TOO_LITTLE => false,
                default => $page->ink === null ||
                    $page->ink >= self::LITTLE_INK ||
                    RoleSigns::tasks($page->text()) > 0,
            },
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_map(fn (PageText $page): int => $page->number, $open));
    }

    private static function verdict(PageSigns $signs): Verdict
    {
        $page = $signs->page;
        if ($signs->words === 0) {
            return $page->ink !== null && $page->ink < self::NO_INK + self::INK_OF_A_WORD * $page->furniture
                ? new Verdict(Role::Blank, 0.99, 'nothing is printed on it')
                : new Verdict(Role::Unknown, 0.5, 'it is a picture; no words can be read on it');
        }
        if ($signs->words <= self::FEWEST_WORDS && RoleSigns::isLeftBlank($signs->text)) {
            return new Verdict(Role::Blank, 0.95, 'it says that it is left blank');
        }
        $scores = RoleScores::of($signs);
        uasort($scores, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $roles = array_keys($scores);
        [$score, $reason] = $scores[$roles[0]];
        [$second, $but] = $scores[$roles[1]];
        if ($score < RoleScores::ENOUGH) {
            return new Verdict(Role::Unknown, 0.5, self::TOO_LITTLE);
        }
        $role = Role::from($roles[0]);
        $confidence = round(min(0.99, 0.5 + (0.5 * ($score - $second)) / $score), 2);
        $mayBeKey = $scores[Role::Key->value][0] >= RoleScores::ENOUGH;
        if ($role === Role::Student && ($mayBeKey || $score - $second < self::CLEARLY)) {
            return new Verdict(Role::Unknown, $confidence, "it may be for students ({$reason}), but also: {$but}");
        }

        return new Verdict($role, $confidence, $reason, $signs->repeated ?? $signs->placed ?? $signs->corrected);
    }

    /** Whether a page has no title and is set in the type of the page before it. */
    private static function goesOn(PageText $page, PageText $before): bool
    {
        $body = $page->bodyHeight();

        return $page->tallest() < self::TITLE * $body && abs($body - $before->bodyHeight()) <= self::SAME_TYPE;
    }

    /**
     * What asks is no answer to what does not, and nothing is one to answers, whatever else it has.
     *
     * @param  list<PageText>  $pages
     * @param  array<int, int>  $repeats  the page that each has again with more on it
     * @return array<int, int>
     */
    private static function answering(array $pages, array $repeats): array
    {
        $byNumber = array_column($pages, null, 'number');
        $isKey = fn (PageText $page): bool => array_filter(
            $page->headings(),
            fn (TextLine $line): bool => RoleSigns::isKeyHeading(trim($line->text)),
        ) !== [];

        return array_filter(
            $repeats,
            fn (int $plain, int $fuller): bool => ! $isKey($byNumber[$plain]) &&
                (RoleSigns::asks($byNumber[$plain]->text()) || ! RoleSigns::asks($byNumber[$fuller]->text())),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return array<int, list<SectionLabel>> by page
     */
    public static function labelsOf(array $pages, PackLabels $known): array
    {
        $labels = [];
        foreach ($pages as $page) {
            $labels[$page->number] = self::labels($page, $known);
        }

        return $labels;
    }

    /** @return list<SectionLabel> of the lines that are labels */
    private static function labels(PageText $page, PackLabels $known): array
    {
        $labels = array_map(
            fn (TextLine $line): ?SectionLabel => $line->wordCount() <= 10 ? $known->in($line->text) : null,
            $page->lines,
        );

        return array_values(array_filter($labels));
    }

    /**
     * How many sections' labels stand on a page that also stand on pages with fewer labels: on a list of answers all of
     * them do, on a page of cards none.
     *
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> by page
     */
    private static function gathered(array $labels): array
    {
        $words = array_map(
            fn (array $some): array => array_values(
                array_unique(array_map(fn (SectionLabel $label): string => $label->words(), $some)),
            ),
            $labels,
        );
        $fewest = [];
        foreach ($words as $some) {
            foreach ($some as $label) {
                $fewest[$label] = min($fewest[$label] ?? PHP_INT_MAX, count($some));
            }
        }

        return array_map(
            fn (array $some): int => count(
                array_filter($some, fn (string $label): bool => $fewest[$label] < count($some)),
            ),
            $words,
        );
    }

    /**
     * How many of the headings of a page are the titles of pages before it, each with a page of its own.
     *
     * @param  list<PageText>  $pages
     * @return array<int, int> by page
     */
    private static function titles(array $pages): array
    {
        $known = $counts = [];
        foreach ($pages as $page) {
            $title = mb_strtolower($page->name());
            $headings = array_unique(
                array_map(
                    fn (TextLine $line): string => mb_strtolower(trim($line->text)),
                    array_filter(
                        $page->headings(),
                        fn (TextLine $line): bool => $line->frame->height >= self::TITLE * $page->bodyHeight(),
                    ),
                ),
            );
            // Under them there is more to read than on a sheet to record something on.
            $more = $page->wordCount() - preg_match_all('/[\p{L}\p{N}]+/u', implode(' ', $headings));
            $counts[$page->number] =
                $more < self::FEWEST_WORDS ? 0 : count(array_intersect_key($known, array_flip($headings)));
            $title === '' || ($known[$title] = true);
        }

        return $counts;
    }

    /**
     * The usual height of a page's largest line, in points.
     *
     * @param  list<PageText>  $pages
     */
    private static function usualTitle(array $pages): float
    {
        $heights = [];
        foreach ($pages as $page) {
            if ($page->lines !== []) {
                $heights[] = $page->tallest();
            }
        }
        sort($heights);

        return $heights[intdiv(count($heights), 2)] ?? 0.0;
    }
}
