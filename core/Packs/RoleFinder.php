<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

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
    /** So many titles of other pages stand on a page of answers to them. */
    private const TITLES = 2;

    /** Less than this share of the page is dust, not print. */
    private const NO_INK = 0.002;

    /** What a word of a running head covers at the most, as a share of the page. */
    private const INK_OF_A_WORD = 0.0012;

    /** What speaks for a role must come to this much, or nothing is said. */
    private const ENOUGH = 2.0;

    /** More than all that can speak for a page being the students'. */
    private const CERTAIN = 18.0;

    /** Told of so often, students are not spoken to. */
    private const TOLD_OF = 3;

    /** A title is larger than most words by this; types of so nearly one size, in points, are one. */
    private const TITLE = 1.15;

    private const SAME_TYPE = 0.6;

    /** Pages may be counted from elsewhere, by so many: a cover, or a leaf before it. */
    private const COUNTED_OTHERWISE = 4;

    /** A page of fewer words has too little on it to be recognised on another. */
    private const FEWEST_WORDS = 12;

    /** Why nothing is said of most pages of few words. */
    public const TOO_LITTLE = 'too little tells what it is for';

    /** One with most of them, some ticked, is. */
    private const MOST_WORDS = 0.9;

    /** A page whose words are smaller than this, in points, shows other pages in small. */
    private const MINIATURE = 5.5;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return list<Verdict> one for each page
     */
    public static function verdicts(array $pages, PackLabels $known): array
    {
        $labels = [];
        foreach ($pages as $page) {
            $labels[$page->number] = self::labels($page, $known);
        }
        $answers = AnsweredQuestions::of($pages);
        $repeats = self::repeats($pages, $labels) + FullerPages::of($pages);
        $repeats += array_map(
            fn (array $others): int => $others[0],
            array_filter($answers, fn (array $others): bool => count($others) === 1),
        );
        $gathered = self::gathered($labels);
        $titles = self::titles($pages);
        $largest = self::usualTitle($pages);
        $verdicts = [];
        foreach ($pages as $index => $page) {
            $verdicts[] = self::verdict(
                $page,
                $labels[$page->number],
                $gathered[$page->number],
                count($answers[$page->number] ?? []) > 1 || self::isInSmall($page, $labels[$page->number])
                    ? null
                    : $repeats[$page->number] ?? null,
                max($titles[$page->number], count($answers[$page->number] ?? [])),
                $largest,
                $verdicts[$index - 1] ?? null,
                count($pages),
                $index > 0 && self::goesOn($page, $pages[$index - 1]),
                in_array($page->number, $repeats, true),
            );
        }

        return RolesByOthers::settled($pages, $verdicts, $labels);
    }

    /** @param  list<SectionLabel>  $labels */
    private static function verdict(
        PageText $page,
        array $labels,
        int $gathered,
        ?int $repeated,
        int $titles,
        float $largest,
        ?Verdict $before,
        int $count,
        bool $isLikeBefore,
        bool $isRepeated,
    ): Verdict {
        $words = $page->wordCount();
        if ($words === 0) {
            return $page->ink !== null && $page->ink < self::NO_INK + self::INK_OF_A_WORD * $page->furniture
                ? new Verdict(Role::Blank, 0.99, 'nothing is printed on it')
                : new Verdict(Role::Unknown, 0.5, 'it is a picture; no words can be read on it');
        }
        $text = $page->text();
        if (
            $words <= 12 &&
            preg_match(
                '/\bleft (intentionally )?(blank|empty)\b|\b(intentionally|deliberately|purposely) (left )?(blank|'.
                    'empty)\b/iu',
                $text,
            ) === 1
        ) {
            return new Verdict(Role::Blank, 0.95, 'it says that it is left blank');
        }
        $speaks = self::evidence(
            $page,
            $labels,
            $gathered,
            $text,
            $words,
            $repeated,
            $titles,
            $largest,
            $before,
            $count,
            $isLikeBefore,
            $isRepeated,
        );
        uasort($speaks, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $roles = array_keys($speaks);
        [$score, $reason] = $speaks[$roles[0]];
        $second = $speaks[$roles[1]][0];
        $role = Role::from($roles[0]);
        if ($score < self::ENOUGH) {
            return new Verdict(Role::Unknown, 0.5, self::TOO_LITTLE);
        }
        $confidence = round(min(0.99, 0.5 + (0.5 * ($score - $second)) / $score), 2);
        if ($role === Role::Student && ($speaks[Role::Key->value][0] >= self::ENOUGH || $score - $second < 0.75)) {
            return new Verdict(
                Role::Unknown,
                $confidence,
                "it may be for students ({$reason}), but also: {$speaks[$roles[1]][1]}",
            );
        }

        return new Verdict($role, $confidence, $reason, $repeated);
    }

    /**
     * @param  list<SectionLabel>  $labels
     * @return array<string, array{float, string}> what speaks for each role, and the best reason
     */
    private static function evidence(
        PageText $page,
        array $labels,
        int $gathered,
        string $text,
        int $words,
        ?int $repeated,
        int $titles,
        float $largest,
        ?Verdict $before,
        int $count,
        bool $isLikeBefore,
        bool $isRepeated,
    ): array {
        $headings = array_map(fn (TextLine $line): string => trim($line->text), $page->headings());
        // A line that leads to a page number is an entry of a list of contents, and no title.
        $short = array_values(
            array_filter(
                $headings,
                fn (string $line): bool => preg_match_all('/[\p{L}\p{N}]+/u', $line) <= 9 &&
                    preg_match('/(?:[.…·]{3,}|\s{3,}|\s[.…·]\s)\s*\d{1,3}\W*$/u', $line) !== 1,
            ),
        );
        $title = fn (callable $is): ?string => array_values(array_filter($short, $is))[0] ?? null;
        $guide = $title(RoleSigns::isGuideHeading(...));
        // A guide tells of tasks that it does not set.
        $tells =
            ($guide !== null || RoleSigns::tellsOfStudents($text) >= self::TOLD_OF) &&
            ! RoleSigns::hasNameLine($text) &&
            RoleSigns::gaps($text) === 0;
        $student = self::student($text, $labels, $before, $tells);
        $leads = self::leadsToPages($page, $count);

        return [
            Role::Key->value => self::key(
                $page,
                $text,
                $words,
                $title(RoleSigns::isKeyHeading(...)),
                $repeated,
                $labels,
                $leads ? 0 : $gathered,
                $leads || $guide !== null ? 0 : $titles,
                $student[0],
                $before,
                $isLikeBefore,
            ),
            Role::Contents->value => self::contents($leads, $title(RoleSigns::isContentsHeading(...))),
            Role::Terms->value => self::prose(
                RoleSigns::terms($text),
                $title(RoleSigns::isTermsHeading(...)),
                1.1,
                2,
                'speaks of licences and copying',
            ),
            Role::Guide->value => self::guide($text, $guide, $before),
            Role::Credits->value => self::prose(
                RoleSigns::credits($text),
                $title(RoleSigns::isCreditsHeading(...)),
                1.0,
                2,
                'names makers and sources',
            ),
            Role::Cover->value => $isRepeated || $before?->role === Role::Cover
                ? [0.0, '']
                : self::cover($page, $words, $largest, $student[0]),
            Role::Student->value => $student,
        ];
    }

    /**
     * @param  list<SectionLabel>  $labels
     * @return array{float, string}
     */
    private static function key(
        PageText $page,
        string $text,
        int $words,
        ?string $title,
        ?int $repeated,
        array $labels,
        int $gathered,
        int $titles,
        float $student,
        ?Verdict $before,
        bool $isLikeBefore,
    ): array {
        if ($title !== null) {
            return [
                self::CERTAIN,
                "titled “{$title}”".($repeated === null ? '' : "; repeats page {$repeated} with more on it"),
            ];
        }
        if ($repeated !== null) {
            return [self::CERTAIN, "repeats page {$repeated} with more on it"];
        }
        if (self::isInSmall($page, $labels)) {
            return [self::CERTAIN, 'shows several pages in small'];
        }
        if ($titles >= self::TITLES && ! RoleSigns::hasNameLine($text) && RoleSigns::gaps($text) === 0) {
            return [self::CERTAIN, 'gathers what several pages before it ask'];
        }
        $score = 2.0 * RoleSigns::answersWithin($text);
        $reason = 'speaks of answers that may vary, or of marks';
        $sections = array_unique(array_map(fn (SectionLabel $label): string => $label->words(), $labels));
        $asksNothing =
            RoleSigns::tasks($text) === 0 &&
            ! str_contains($text, '?') &&
            ! RoleSigns::hasNameLine($text) &&
            RoleSigns::gaps($text) === 0;
        // What other pages have one by one stands here together, and nothing is left to be filled in.
        if (
            $gathered >= 3 &&
            RoleSigns::items($text) + RoleSigns::inlineItems($text) >= $gathered &&
            ! RoleSigns::hasNameLine($text) &&
            RoleSigns::gaps($text) === 0
        ) {
            return [$score + 5.0, 'gathers short lines under the labels of several sections'];
        }
        if ($asksNothing && count($sections) >= 2 && RoleSigns::items($text) >= count($sections)) {
            return [$score + 4.0, 'lists short answers under several labels'];
        }
        if ($before?->role === Role::Key && count($sections) >= 2) {
            return [$score + 6.0, 'goes on with the answers of several sections'];
        }
        if ($before?->role === Role::Key && $student < 3.5 && RoleSigns::items($text) >= 3 && $asksNothing) {
            return [$score + 5.0, 'goes on with the answers before it'];
        }

        if ($before?->role === Role::Key && $asksNothing && $isLikeBefore && $words >= self::FEWEST_WORDS) {
            return [$score + 4.0, 'goes on with the answers before it, in the same type'];
        }

        return [$score, $reason];
    }

    /**
     * Whether it shows several pages in small.
     *
     * @param  list<SectionLabel>  $labels
     */
    private static function isInSmall(PageText $page, array $labels): bool
    {
        return $page->bodyHeight() < self::MINIATURE && $page->wordCount() > 120 && count($labels) >= 2;
    }

    /** Whether a page has no title and is set in the type of the page before it. */
    private static function goesOn(PageText $page, PageText $before): bool
    {
        $body = $page->bodyHeight();

        return $page->tallest() < self::TITLE * $body && abs($body - $before->bodyHeight()) <= self::SAME_TYPE;
    }

    /** @return array{float, string} */
    private static function contents(bool $leads, ?string $title): array
    {
        return [
            ($title === null ? 0.0 : 9.0) + ($leads ? 4.0 : 0.0),
            $title === null ? 'its lines end in rising page numbers' : "titled “{$title}”",
        ];
    }

    /** Whether most of a page's lines end in numbers that rise, as page numbers do, and that the pack has as pages. */
    private static function leadsToPages(PageText $page, int $count): bool
    {
        $rows = self::rows($page);
        $numbers = [];
        foreach ($rows as $row) {
            if (preg_match('/\p{L}{3}.*?[\s.…·]+(\d{1,3})(?:\s*[-–]\s*\d{1,3})?\W*$/u', $row, $match) === 1) {
                $numbers[] = (int) $match[1];
            }
        }
        $sorted = $numbers;
        sort($sorted);

        return count($numbers) >= 4 &&
            $numbers === $sorted &&
            end($numbers) > reset($numbers) &&
            end($numbers) <= $count + self::COUNTED_OTHERWISE &&
            count($numbers) >= 0.5 * count($rows);
    }

    /** @return array{float, string} */
    private static function guide(string $text, ?string $title, ?Verdict $before): array
    {
        $hits = RoleSigns::guide($text);
        $score = $hits * 1.1 + ($title === null ? 0.0 : 4.0);
        $goesOn = $before?->role === Role::Guide && $hits >= 1 && ! RoleSigns::hasNameLine($text);
        if ($goesOn) {
            $score += 1.5;
        }

        // A story may have a teacher and pupils in it.
        return [
            $hits < 3 && $title === null && ! $goesOn ? min($score, 1.9) : $score,
            $title === null ? 'speaks to the teacher about the class' : "titled “{$title}”",
        ];
    }

    /** @return array{float, string} */
    private static function prose(int $hits, ?string $title, float $weight, int $fewest, string $reason): array
    {
        $score = $hits * $weight + ($title === null ? 0.0 : 4.0);

        return [
            $hits < $fewest ? min($score, 1.9) : $score,
            $title === null ? $reason : "titled “{$title}”; {$reason}",
        ];
    }

    /** @return array{float, string} */
    private static function cover(PageText $page, int $words, float $largest, float $student): array
    {
        $tallest = $page->tallest();
        $few = $words <= ($page->number === 1 ? 90 : 25);
        if ($page->number > 2 || ! $few || $student > 3.0 || ($tallest < 24 && $tallest < 1.4 * $largest)) {
            return [0.0, ''];
        }

        return [$page->number === 1 ? 6.0 : 3.0, 'the first page: large words, and few of them'];
    }

    /**
     * Labels and numbers alone do not make a page the students': a list of answers has them as well.
     *
     * @param  list<SectionLabel>  $labels
     * @return array{float, string}
     */
    private static function student(string $text, array $labels, ?Verdict $before, bool $tells): array
    {
        $tasks = $tells ? 0 : RoleSigns::tasks($text);
        $asks = [
            'has a line for the name' => RoleSigns::hasNameLine($text) ? 2.5 : 0.0,
            'asks for something to be done' => min(3.0, 0.7 * $tasks),
            'asks questions' => $tells ? 0.0 : min(1.5, 0.6 * substr_count($text, '?')),
            'has gaps to fill' => min(2.0, 0.7 * RoleSigns::gaps($text)),
            'has a word bank' => preg_match('/\b(word ?bank|word ?box|word ?list)\b/iu', $text) === 1 ? 1.5 : 0.0,
            'has a text to read under a label' => $labels !== [] && RoleSigns::isText($text) ? 1.0 : 0.0,
            'speaks to the student' => RoleSigns::speaksToStudent($text) ? 1.0 : 0.0,
        ];
        $more = [
            'has numbered questions' => min(1.5, 0.4 * RoleSigns::items($text)),
            'goes on from a student page' => $before?->role === Role::Student && $tasks > 0 ? 1.3 : 0.0,
            'has a label such as “'.($labels === [] ? '' : $labels[0]->words()).'”' => $labels === [] ? 0.0 : 2.0,
        ];
        $signs = $asks + $more;
        arsort($signs);
        $score = (float) array_sum($signs);

        return [array_sum($asks) > 0 ? $score : min($score, 1.9), (string) array_key_first($signs)];
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
     * Lines that stand at one height, put together: a list of contents has its numbers far from its words.
     *
     * @return list<string>
     */
    private static function rows(PageText $page): array
    {
        $middles = [];
        $rows = [];
        foreach ($page->lines as $line) {
            $at = null;
            foreach ($middles as $row => $middle) {
                if (abs($middle - $line->frame->middle()) < 0.35 * $line->frame->height) {
                    $at = $row;
                    break;
                }
            }
            $at ??= count($middles);
            $middles[$at] ??= $line->frame->middle();
            $rows[$at][] = $line;
        }
        $texts = [];
        foreach ($rows as $row) {
            usort($row, fn (TextLine $a, TextLine $b): int => $a->frame->x <=> $b->frame->x);
            $texts[] = implode(' ', array_map(fn (TextLine $line): string => trim($line->text), $row));
        }

        return $texts;
    }

    /**
     * Pages that repeat another with more on it: the other's words are all there, and some besides. A page of another
     * section that happens to be built the same way is not one.
     *
     * @param  list<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> the page repeated, by page
     */
    private static function repeats(array $pages, array $labels): array
    {
        $likeness = new TextSimilarity($pages);
        $ticks = [];
        foreach ($pages as $page) {
            $ticks[$page->number] = RoleSigns::ticks($page->text());
        }
        $label = array_map(fn (array $some): ?SectionLabel => $some[0] ?? null, $labels);
        $repeats = [];
        foreach ($pages as $plain) {
            $size = $likeness->size($plain->number);
            if ($size < self::FEWEST_WORDS) {
                continue;
            }
            foreach ($pages as $fuller) {
                $more = $likeness->size($fuller->number) - $size;
                $isTicked = $ticks[$fuller->number] > $ticks[$plain->number];
                if (
                    $isTicked &&
                    ($repeats[$fuller->number] ?? null) === null &&
                    $likeness->shared($plain->number, $fuller->number) >= self::MOST_WORDS * $size
                ) {
                    $repeats[$fuller->number] = $plain->number;
                }
                if ($fuller->number === $plain->number || $more < max(3, 0.03 * $size) || $more > 2 * $size) {
                    continue;
                }
                $missing = $size - $likeness->shared($plain->number, $fuller->number);
                $other =
                    $label[$plain->number] !== null &&
                    $label[$fuller->number] !== null &&
                    $label[$plain->number]->words() !== $label[$fuller->number]->words();
                $nearer =
                    abs($plain->number - $fuller->number) <
                    abs(($repeats[$fuller->number] ?? PHP_INT_MAX) - $fuller->number);
                if (! $other && $nearer && $missing <= max(2, 0.04 * $size)) {
                    $repeats[$fuller->number] = $plain->number;
                }
            }
        }

        return $repeats;
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
