<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/** What the other pages of a pack say of one that by itself says too little, or not surely enough. */
final class RolesByOthers
{
    /** Pages that have more of their words in common, as a share, may be one with its answers. */
    private const SAME_WORDS = 0.6;

    private const MOST_WORDS = 0.9;

    /** So many of the words of a picture are read again on one that says the same, which has so many times as many. */
    private const SAME_SEEN = 0.8;

    private const MOST_MORE = 2;

    /** Of a heading so many letters are looked at, of which this share may be misread. */
    private const NAME = 60;

    private const MISREAD = 0.25;

    /** With no more words there is nothing that could have been sorted. */
    private const FEWEST_WORDS = 6;

    /** Nothing but what is to be seen from afar is so large, in points, in so many words at the least. */
    private const LARGE_TYPE = 18.0;

    private const FEWEST_LARGE = 8;

    /** How sure it is that a page is a key whose places are but filled. */
    private const FILLED = 0.8;

    /** So many places to write on make a sheet, or one for what is asked. */
    private const BLANKS = 3;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @param  list<Verdict>  $verdicts  one for each page
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return list<Verdict>
     */
    public static function settled(array $pages, array $verdicts, array $labels): array
    {
        // A cover is nothing to write on.
        $verdicts = array_map(
            fn (Verdict $verdict, PageText $page): Verdict => $verdict->role === Role::Cover &&
                $page->blanks >= self::BLANKS
                    ? new Verdict(Role::Unknown, 0.5, RoleFinder::TOO_LITTLE)
                    : $verdict,
            $verdicts,
            $pages,
        );
        $filled = FilledPages::of($pages, $labels);
        $verdicts = array_map(
            fn (Verdict $verdict, PageText $page): Verdict => $verdict->role === Role::Student &&
                isset($filled[$page->number])
                    ? new Verdict(
                        Role::Key,
                        self::FILLED,
                        "has the tasks of page {$filled[$page->number]}, and nothing is left to fill in",
                        $filled[$page->number],
                    )
                    : $verdict,
            $verdicts,
            $pages,
        );

        return self::withAnswers($pages, self::withNeighbours($pages, $verdicts, $labels), $labels);
    }

    /**
     * A page of few words, such as a map or a puzzle, goes with the students' page beside it that has its label; but
     * not where it has the words of another: it may be the answer to it.
     *
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return list<Verdict>
     */
    private static function withNeighbours(array $pages, array $verdicts, array $labels): array
    {
        $words = array_map(
            fn (PageText $page): array => array_unique(
                preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($page->text()), flags: PREG_SPLIT_NO_EMPTY) ?: [],
            ),
            $pages,
        );
        // A text to read has no label, but the title of the questions about it.
        $name = fn (PageText $page): ?string => ($labels[$page->number][0] ?? null)?->words() ??
            ($page->name() === '' ? null : mb_strtolower($page->name()));
        foreach ($verdicts as $at => $verdict) {
            $label = $name($pages[$at]);
            $isNamed = isset($labels[$pages[$at]->number][0]) || RoleSigns::isText($pages[$at]->text());
            if (
                $verdict->role !== Role::Unknown ||
                $verdict->reason !== RoleFinder::TOO_LITTLE ||
                $label === null ||
                ! $isNamed
            ) {
                continue;
            }
            foreach ([$at - 1, $at + 1] as $beside) {
                $own = isset($pages[$beside]) ? $name($pages[$beside]) : null;
                if (isset($pages[$beside]) && self::isAskedAbout($pages[$at], $pages[$beside])) {
                    $own = $label;
                }
                if (
                    $own === $label &&
                    $verdicts[$beside]->role === Role::Student &&
                    count(array_intersect($words[$at], $words[$beside])) <=
                        self::SAME_WORDS * count(array_unique([...$words[$at], ...$words[$beside]]))
                ) {
                    $verdicts[$at] = new Verdict(
                        Role::Student,
                        0.75,
                        "stands beside a page that has its label “{$label}”",
                    );
                }
            }
        }

        return $verdicts;
    }

    /** Whether a page names the title of a text, as "Read “The tern” again" does. */
    private static function isAskedAbout(PageText $text, PageText $page): bool
    {
        $title = $text->name();

        return preg_match_all('/\p{L}{2,}/u', $title) >= 2 &&
            mb_stripos((string) preg_replace('/\s+/u', ' ', $page->text()), $title) !== false;
    }

    /**
     * A page that says too little is the students' where another has its answers, or where its title alone names a
     * puzzle and no other page has that title: that one may be its answers.
     *
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return list<Verdict>
     */
    private static function withAnswers(array $pages, array $verdicts, array $labels): array
    {
        $answered = self::answered($pages, $verdicts);
        $likeness = new TextSimilarity($pages);
        $seen = array_filter($pages, fn (PageText $page): bool => $page->seen);
        $words = new TextSimilarity($seen === [] ? [] : $pages, RoleSigns::isWord(...));
        $alike = [];
        foreach (FullerPages::byTitle($pages) as $some) {
            foreach ($some as $page) {
                $alike[$page->number] = array_filter(
                    $some,
                    fn (PageText $other): bool => $other !== $page && ! isset($answered[$other->number]),
                );
            }
        }
        foreach ($verdicts as $at => $verdict) {
            $page = $pages[$at];
            $said = $verdict->role === Role::Student ? self::saysLess($page, $pages, $likeness) : null;
            if ($said !== null) {
                $verdicts[$at] = new Verdict(
                    Role::Unknown,
                    $verdict->confidence,
                    "it may be for students, but all its words are on page {$said}, and it asks for nothing",
                );
            }
            $plain = $verdict->role === Role::Student ? self::plain($page, $alike[$page->number] ?? []) : null;
            if ($plain !== null) {
                $verdicts[$at] = new Verdict(
                    Role::Unknown,
                    $verdict->confidence,
                    "it may be for students, but page {$plain} says the same, and something is marked here",
                );
            }
            $isStudents = $page->seen && $verdict->role === Role::Student;
            $same = $isStudents ? self::sameBefore($page, $pages, $words, $labels) : null;
            if ($same !== null) {
                $verdicts[$at] = new Verdict(
                    Role::Unknown,
                    $verdict->confidence,
                    "it may be for students, but page {$same} says the same, and answers may be marked on this scan",
                );
            }
            if ($verdict->role !== Role::Unknown || $verdict->reason !== RoleFinder::TOO_LITTLE) {
                continue;
            }
            if (isset($answered[$page->number])) {
                $verdicts[$at] = new Verdict(
                    Role::Student,
                    0.85,
                    $answered[$page->number],
                );

                continue;
            }
            $title = $page->name();
            if (
                self::hasPlaces($page) &&
                self::areCopies($page, $alike[$page->number] ?? []) &&
                ! self::isSaidElsewhere(
                    $page,
                    array_filter(
                        $pages,
                        fn (PageText $other): bool => ! in_array($other, $alike[$page->number] ?? [], true),
                    ),
                    $likeness,
                    $labels,
                )
            ) {
                $verdicts[$at] = new Verdict(Role::Student, 0.75, 'has places to write on');
            } elseif (
                RoleSigns::isCardsHeading($title) ||
                (RoleSigns::isPuzzleHeading($title) && self::areCopies($page, $alike[$page->number] ?? []))
            ) {
                $verdicts[$at] = new Verdict(Role::Student, 0.75, "titled “{$title}”");
            } elseif (
                $page->bodyHeight() >= self::LARGE_TYPE &&
                $page->wordCount() >= self::FEWEST_LARGE &&
                (! self::isSaidElsewhere($page, $pages, $likeness, $labels) ||
                    (RoleSigns::tasks($page->text()) > 0 && ($alike[$page->number] ?? []) === []))
            ) {
                $verdicts[$at] = new Verdict(Role::Student, 0.7, 'printed large, as posters and cards are');
            }
        }

        return $verdicts;
    }

    /**
     * The pages that a key repeats, and those before a key that have its title.
     *
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts
     * @return array<int, string> why each is one that is answered, by its number
     */
    private static function answered(array $pages, array $verdicts): array
    {
        $answered = [];
        $titles = [];
        foreach (array_reverse($verdicts, true) as $at => $verdict) {
            $page = $pages[$at];
            $title = mb_strtolower($page->name());
            if ($verdict->role === Role::Key) {
                $verdict->repeats === null ||
                    ($answered[$verdict->repeats] = "page {$page->number} repeats it with more on it");
                $titles[$title] = $page->number;
            } elseif ($title !== '' && isset($titles[$title])) {
                $answered[$page->number] ??= "page {$titles[$title]} has its title, and the answers";
            }
        }

        return $answered;
    }

    private static function hasPlaces(PageText $page): bool
    {
        $asks = RoleSigns::tasks($page->text()) > 0 || RoleSigns::isStudentHeading($page->name());

        return $page->blanks >= ($asks ? 1 : self::BLANKS);
    }

    /** @param  array<PageText>  $others */
    private static function plain(PageText $page, array $others): ?int
    {
        foreach ($others as $other) {
            if ($other->number < $page->number && FullerPages::mayBeMarked($page, $other)) {
                return $other->number;
            }
        }

        return null;
    }

    /**
     * Pages for students that say the same as one before them.
     *
     * @param  list<PageText>  $pages
     * @param  list<Verdict>  $verdicts  one for each page
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return list<int> their numbers
     */
    public static function same(array $pages, array $verdicts, array $labels): array
    {
        $words = new TextSimilarity($pages, RoleSigns::isWord(...));
        $same = array_filter(
            $pages,
            fn (PageText $page, int $at): bool => $verdicts[$at]->role === Role::Student &&
                self::sameBefore($page, $pages, $words, $labels) !== null,
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_map(fn (PageText $page): int => $page->number, $same));
    }

    /**
     * The page before one of which this has nearly all words, whatever was read of its numbers, under the same title.
     * On a scan a sheet that somebody has filled in, by pen or with heavier type, looks no different.
     *
     * @param  list<PageText>  $pages
     * @param  TextSimilarity  $words  of what is no number in them
     * @param  array<int, list<SectionLabel>>  $labels  by page
     */
    private static function sameBefore(PageText $page, array $pages, TextSimilarity $words, array $labels): ?int
    {
        foreach ($pages as $other) {
            if ($other->number >= $page->number) {
                break;
            }
            $others = $words->size($other->number);
            if (
                $words->size($page->number) <= self::MOST_MORE * $others &&
                $words->shared($page->number, $other->number) >= self::SAME_SEEN * $others &&
                self::hasNameOf($other, $page) &&
                ! self::haveOtherLabels($page, $other, $labels)
            ) {
                return $other->number;
            }
        }

        return null;
    }

    /**
     * Whether a page says what the other is headed with, but for misread letters and not with another number; what is
     * larger on it may be written by pen.
     */
    private static function hasNameOf(PageText $other, PageText $page): bool
    {
        $name = mb_substr(mb_strtolower($other->name()), 0, self::NAME);
        $number = fn (string $of): string => (string) preg_replace('/\D+/', ' ', $of);
        foreach ($page->lines as $line) {
            $said = mb_substr(mb_strtolower(trim($line->text)), 0, self::NAME);
            $numbers = array_unique(array_filter([trim($number($name)), trim($number($said))]));
            if (count($numbers) <= 1 && levenshtein($name, $said) <= self::MISREAD * strlen($name)) {
                return true;
            }
        }

        return $name === '';
    }

    /** @param  array<int, list<SectionLabel>>  $labels  by page */
    private static function haveOtherLabels(PageText $page, PageText $other, array $labels): bool
    {
        $own = ($labels[$page->number][0] ?? null)?->words();
        $others = ($labels[$other->number][0] ?? null)?->words();

        return $own !== null && $others !== null && $own !== $others;
    }

    /**
     * The page before one of which it has the title and no other words, and nothing that it asks for: what was to be
     * sorted may be sorted here.
     *
     * @param  list<PageText>  $pages
     */
    private static function saysLess(PageText $page, array $pages, TextSimilarity $likeness): ?int
    {
        $title = $page->name();
        foreach (RoleSigns::asks($page->body()) || $title === '' ? [] : $pages as $other) {
            $size = $likeness->size($page->number);
            if (
                $other->number < $page->number &&
                $other->name() === $title &&
                $size > self::FEWEST_WORDS &&
                $size < $likeness->size($other->number) &&
                $likeness->shared($page->number, $other->number) >= self::MOST_WORDS * $size
            ) {
                return $other->number;
            }
        }

        return null;
    }

    /**
     * Whether another page has most of its words: it may be the answer to that, if it is not of another section.
     *
     * @param  array<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     */
    private static function isSaidElsewhere(
        PageText $page,
        array $pages,
        TextSimilarity $likeness,
        array $labels,
    ): bool {
        foreach ($pages as $other) {
            $isOther = $other === $page || self::haveOtherLabels($page, $other, $labels);
            $shared = $isOther ? 0 : $likeness->shared($page->number, $other->number);
            if ($shared >= self::SAME_WORDS * $likeness->size($page->number)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether others are but copies of it, or there are none.
     *
     * @param  array<PageText>  $others
     */
    private static function areCopies(PageText $page, array $others): bool
    {
        foreach ($others as $other) {
            if ($page->ink === null || $page->ink !== $other->ink || ! FullerPages::areAlike($page, $other)) {
                return false;
            }
        }

        return true;
    }
}
