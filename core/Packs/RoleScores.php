<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\TextLine;

/** How much speaks for each role of a page, and what speaks for it most. */
final class RoleScores
{
    /** More than all that can speak for a page being the students'. */
    private const CERTAIN = 18.0;

    /** What speaks for a role must come to this much, or nothing is said. */
    public const ENOUGH = 2.0;

    /** The titles or the questions of so many other pages stand on a page of answers to them. */
    private const ANSWERED = 2;

    /** A cover says no more, in whole sentences. */
    private const SENTENCES = 3;

    /** Its title has no more lines, all of them in one size, nearly. */
    private const LINES_OF_A_TITLE = 4;

    private const SAME_TYPE = 0.95;

    /** And one with a smaller title so many words at the most. */
    private const BARE = 30;

    /** What goes on with answers has so many words at the least. */
    private const FEWEST_WORDS = 12;

    /** @return array<string, array{float, string}> by role */
    public static function of(PageSigns $signs): array
    {
        $student = self::student($signs);
        $terms = RoleSigns::terms($signs->text);
        $credits = RoleSigns::credits($signs->text);

        return [
            Role::Key->value => self::key($signs, $student[0]),
            Role::Contents->value => self::contents($signs),
            Role::Terms->value => self::prose(
                $terms * 1.1,
                $terms,
                $signs->title(RoleSigns::isTermsHeading(...)),
                'speaks of licences and copying',
            ),
            Role::Guide->value => self::guide($signs),
            Role::Credits->value => self::prose(
                (float) $credits,
                $credits,
                $signs->title(RoleSigns::isCreditsHeading(...)),
                'names makers and sources',
            ),
            Role::Cover->value => self::cover($signs, $student[0]),
            Role::Student->value => $student,
        ];
    }

    /** @return array{float, string} */
    private static function key(PageSigns $signs, float $student): array
    {
        $repeats = "repeats page {$signs->repeated} with more on it";
        $title = $signs->title(RoleSigns::isKeyHeading(...));
        if ($title !== null) {
            return [self::CERTAIN, "titled “{$title}”".($signs->repeated === null ? '' : "; {$repeats}")];
        }
        if ($signs->repeated !== null) {
            return [self::CERTAIN, $repeats];
        }
        if ($signs->placed !== null) {
            return [self::CERTAIN, "has the words of page {$signs->placed} in their places"];
        }
        if ($signs->corrected !== null) {
            return [self::CERTAIN, "has the sentences of page {$signs->corrected} with more marks"];
        }
        if (PageSigns::isInSmall($signs->page, $signs->labels)) {
            return [self::CERTAIN, 'shows several pages in small'];
        }
        if (RoleSigns::isSignedKey($signs->text)) {
            return [self::CERTAIN, 'says “key” where a name would be written'];
        }
        $leads = $signs->leadsToPages();
        $isGuide = $signs->title(RoleSigns::isGuideHeading(...)) !== null;
        if (! $leads && ! $isGuide && $signs->answered >= self::ANSWERED && ! $signs->isFilledIn) {
            return [self::CERTAIN, 'gathers what several pages before it ask'];
        }
        $items = RoleSigns::items($signs->text);
        $sections = $signs->sections();
        $asksNothing = $signs->asksNothing();
        $goesOn = $signs->follows(Role::Key);
        // What other pages have one by one stands here together, and nothing is left to be filled in.
        $isGathered =
            ! $leads &&
            $signs->gathered >= 3 &&
            $items + RoleSigns::inlineItems($signs->text) >= $signs->gathered &&
            ! $signs->isFilledIn;
        [$more, $reason] = match (true) {
            $isGathered => [5.0, 'gathers short lines under the labels of several sections'],
            $asksNothing && $sections >= 2 && $items >= $sections => [4.0, 'lists short answers under several labels'],
            $goesOn && $sections >= 2 => [6.0, 'goes on with the answers of several sections'],
            $goesOn && $student < 3.5 && $items >= 3 && $asksNothing => [5.0, 'goes on with the answers before it'],
            $goesOn && $asksNothing && $signs->goesOn && $signs->words >= self::FEWEST_WORDS => [
                4.0,
                'goes on with the answers before it, in the same type',
            ],
            $signs->numbered !== null && $sections <= 1 => [
                self::CERTAIN,
                "has something for each number of page {$signs->numbered} and asks for nothing",
            ],
            default => [0.0, 'speaks of answers that may vary, or of marks'],
        };

        return [2.0 * RoleSigns::answersWithin($signs->text) + $more, $reason];
    }

    /** @return array{float, string} */
    private static function contents(PageSigns $signs): array
    {
        $title = $signs->title(RoleSigns::isContentsHeading(...));

        return [
            ($title === null ? 0.0 : 9.0) + ($signs->leadsToPages() ? 4.0 : 0.0),
            $title === null ? 'its lines end in rising page numbers' : "titled “{$title}”",
        ];
    }

    /** @return array{float, string} */
    private static function guide(PageSigns $signs): array
    {
        $hits = RoleSigns::guide($signs->text);
        $title = $signs->title(RoleSigns::isGuideHeading(...));
        $goesOn = $signs->follows(Role::Guide) && $hits >= 1 && ! RoleSigns::hasNameLine($signs->text);
        $score = $hits * 1.1 + ($title === null ? 0.0 : 4.0) + ($goesOn ? 1.5 : 0.0);

        // A story may have a teacher and pupils in it.
        return [
            $hits < 3 && $title === null && ! $goesOn ? min($score, 1.9) : $score,
            $title === null ? 'speaks to the teacher about the class' : "titled “{$title}”",
        ];
    }

    /** @return array{float, string} */
    private static function prose(float $score, int $hits, ?string $title, string $reason): array
    {
        $score += $title === null ? 0.0 : 4.0;

        return [
            $hits < 2 ? min($score, 1.9) : $score,
            $title === null ? $reason : "titled “{$title}”; {$reason}",
        ];
    }

    /** @return array{float, string} */
    private static function cover(PageSigns $signs, float $student): array
    {
        $page = $signs->page;
        // A title by itself, with nothing below it that is to be done, need not be so much larger.
        $isBare = $page->number === 1 && $signs->words <= self::BARE && $signs->asksNothing();
        $isLarge =
            $page->tallest() >= 24 || $page->tallest() >= ($isBare ? 1.25 : 1.4) * max(1.0, $signs->largest);
        // Many words as large as the largest are those of cards.
        $titles = array_filter(
            $page->lines,
            fn (TextLine $line): bool => $line->frame->height >= self::SAME_TYPE * $page->tallest(),
        );
        $isOne =
            $page->number <= 2 &&
            count($titles) <= self::LINES_OF_A_TITLE &&
            ! $signs->isRepeated &&
            ($page->number === 1 || $signs->isOnlyOne()) &&
            ! $signs->follows(Role::Cover) &&
            $signs->words <= ($page->number === 1 ? 90 : 25) &&
            $student <= 3.0 &&
            RoleSigns::tasks(implode("\n", array_column(array_diff_key($page->lines, $titles), 'text'))) === 0 &&
            RoleSigns::sentences($signs->text) <= self::SENTENCES &&
            $isLarge;

        return $isOne
            ? [$page->number === 1 ? 6.0 : 3.0, 'the first page: large words, and few of them']
            : [0.0, ''];
    }

    /**
     * Labels and numbers alone do not make a page the students': a list of answers has them as well.
     *
     * @return array{float, string}
     */
    private static function student(PageSigns $signs): array
    {
        [$text, $label] = [$signs->text, $signs->labels[0] ?? null];
        $tells = $signs->tellsOfTasks();
        $tasks = $tells ? 0 : RoleSigns::tasks($text);
        $asks = [
            'has a line for the name' => RoleSigns::hasNameLine($text) ? 2.5 : 0.0,
            'asks for something to be done' => min(3.0, 0.7 * $tasks),
            'asks questions' => $tells ? 0.0 : min(1.5, 0.6 * substr_count($text, '?')),
            'has gaps to fill' => min(2.0, 0.7 * RoleSigns::gaps($text)),
            'is headed as a student’s own' => $signs->title(RoleSigns::isStudentHeading(...)) !== null ? 1.5 : 0.0,
            'has a word bank' => RoleSigns::hasWordBank($text) ? 1.5 : 0.0,
            'has a text to read under a label' => $label !== null && RoleSigns::isText($text) ? 1.0 : 0.0,
            'has a text to read' => $signs->title(RoleSigns::isTextHeading(...)) !== null && RoleSigns::isText($text)
                    ? self::ENOUGH
                    : 0.0,
            'speaks to the student' => RoleSigns::speaksToStudent($text) ? 1.0 : 0.0,
        ];
        $more = [
            'has numbered questions' => min(1.5, 0.4 * RoleSigns::items($text)),
            'goes on from a student page' => $signs->followsSheet() && $tasks > 0 ? 1.3 : 0.0,
            'has a label such as “'.$label?->words().'”' => $label === null ? 0.0 : 2.0,
        ];
        $all = $asks + $more;
        arsort($all);
        $score = (float) array_sum($all);

        return [array_sum($asks) > 0 ? $score : min($score, 1.9), (string) array_key_first($all)];
    }
}
