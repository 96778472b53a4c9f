<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/**
 * Finds the sections of a pack: by labels that count up ("Day 1", "Task Card 2"), else by titles that change.
 */
final class SectionFinder
{
    private const LONGEST_LABEL = 60;

    /** A title stands out from the running text by this factor. */
    private const STANDS_OUT = 1.25;

    private const CONTINUED = '/\b(continued|cont\.?)\b/iu';

    /** A lesson has so many pages with titles at the most. */
    private const LESSON = 5;

    /** The number of a card stands out by this. */
    private const NUMBER = 1.1;

    /** A label that begins again on this share of the pages counts within pages, not over them. */
    private const RESTARTS = 0.3;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @param  list<Verdict>  $verdicts
     * @return list<Section>
     */
    public static function sections(array $pages, array $verdicts, PackLabels $known): array
    {
        $forStudents = array_values(
            array_filter(
                $pages,
                fn (PageText $page, int $at): bool => $verdicts[$at]->role === Role::Student,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $labels = self::byKind($forStudents, $known);
        $kind = self::series($labels, count($forStudents));

        return match (true) {
            $kind !== null => self::byLabel($forStudents, $labels[$kind]),
            default => self::byNumbers($forStudents) ?: self::byTitle($forStudents),
        };
    }

    /**
     * @param  list<PageText>  $pages
     * @return array<string, array<int, SectionLabel>> by kind and page
     */
    private static function byKind(array $pages, PackLabels $known): array
    {
        $labels = [];
        foreach ($pages as $page) {
            foreach ($page->lines as $line) {
                $label = $line->wordCount() <= 12 ? $known->in($line->text) : null;
                if ($label !== null) {
                    $there = $labels[$label->kind][$page->number] ?? null;
                    $labels[$label->kind][$page->number] = $there === null ? $label : $there->through($label);
                }
            }
        }

        return $labels;
    }

    /**
     * The kind of label that the pack is built on: on the most pages, with the most numbers.
     *
     * @param  array<string, array<int, SectionLabel>>  $labels
     */
    private static function series(array $labels, int $pages): ?string
    {
        $best = null;
        $most = [1, 0];
        foreach ($labels as $kind => $byPage) {
            $numbers = array_values(array_map(fn (SectionLabel $label): int => $label->number, $byPage));
            $counts = array_count_values($numbers);
            ksort($counts);
            $distinct = count($counts);
            $again = reset($counts);
            $sorted = $numbers;
            sort($sorted);
            // One that counts up without ever going back does not begin again, however many pages each number has.
            $restarts =
                $numbers !== $sorted &&
                (($again >= 3 && $distinct <= 2) ||
                    ($again > 2 && $again > self::RESTARTS * $pages && $again > $distinct));
            if ($distinct < 2 || $restarts) {
                continue;
            }
            if ([$distinct, count($byPage)] > $most) {
                $most = [$distinct, count($byPage)];
                $best = (string) $kind;
            }
        }

        return $best;
    }

    /**
     * @param  list<PageText>  $pages
     * @param  array<int, SectionLabel>  $labels  by page
     * @return list<Section>
     */
    private static function byLabel(array $pages, array $labels): array
    {
        $sections = [];
        $open = null;
        $last = max(array_keys($labels) ?: [0]);
        $closes =
            self::titled($pages, $labels, before: $last) === [] ? self::titled($pages, $labels, after: $last) : [];
        foreach ($pages as $page) {
            if (in_array($page->number, $closes, true)) {
                break;
            }
            $label = $labels[$page->number] ?? null;
            if ($label !== null && $label->words() !== $open?->label) {
                $open === null || ($sections[] = $open);
                $index = $label->within === '' ? $label->number : count($sections) + 1;
                $open = new Section($label->words(), $index, $page->number, $page->number);
            }
            $open = $open?->until($page->number);
        }

        return $open === null ? $sections : [...$sections, $open];
    }

    /**
     * Pages with a title of their own and no label, that begin as those with a label do: with a line for the name,
     * where most have one. Where the sections have none of these, one after the last section belongs to no section.
     *
     * @param  list<PageText>  $pages
     * @param  array<int, SectionLabel>  $labels  by page
     * @return list<int>
     */
    private static function titled(array $pages, array $labels, int $after = 0, int $before = PHP_INT_MAX): array
    {
        $first = min(array_keys($labels) ?: [0]);
        $labelled = array_filter($pages, fn (PageText $page): bool => isset($labels[$page->number]));
        $named = array_filter($labelled, fn (PageText $page): bool => RoleSigns::hasNameLine($page->text()));
        $isNamed = count($named) > count($labelled) / 2;
        $titled = [];
        foreach ($pages as $page) {
            if (
                $page->number > max($after, $first) &&
                $page->number < $before &&
                ! isset($labels[$page->number]) &&
                (! $isNamed || RoleSigns::hasNameLine($page->text())) &&
                preg_match(self::CONTINUED, (string) self::title($page)) === 0 &&
                self::title($page) !== null
            ) {
                $titled[] = $page->number;
            }
        }

        return $titled;
    }

    /**
     * Cards that have numbers and no words over them: those of each page, where they rise from page to page.
     *
     * @param  list<PageText>  $pages
     * @return list<Section>
     */
    private static function byNumbers(array $pages): array
    {
        $sections = [];
        $next = null;
        foreach ($pages as $page) {
            $numbers = self::numbers($page);
            if ($numbers === [] || ($next !== null && $numbers[0] !== $next)) {
                if ($sections !== []) {
                    break;
                }

                continue;
            }
            $next = $numbers[count($numbers) - 1] + 1;
            $label = $numbers[0] === $next - 1 ? (string) $numbers[0] : $numbers[0].'–'.($next - 1);
            $sections[] = new Section($label, count($sections) + 1, $page->number, $page->number);
        }

        return count($sections) < 2 ? [] : $sections;
    }

    /** @return list<int> large numbers that stand by themselves and count up by one; none where there is but one */
    private static function numbers(PageText $page): array
    {
        $numbers = [];
        foreach ($page->lines as $line) {
            if (
                preg_match('/^\W*(\d{1,3})\W*$/u', $line->text, $match) === 1 &&
                $line->frame->height >= self::NUMBER * $page->bodyHeight()
            ) {
                $numbers[] = (int) $match[1];
            }
        }
        sort($numbers);

        return count($numbers) > 1 && $numbers === range($numbers[0], $numbers[0] + count($numbers) - 1)
            ? $numbers
            : [];
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<Section>
     */
    private static function byTitle(array $pages): array
    {
        $sections = [];
        $open = null;
        foreach ($pages as $page) {
            $title = self::title($page);
            if ($title !== null && ($open === null || ! self::sameTitle($title, $open->label))) {
                $open === null || ($sections[] = $open);
                $open = new Section($title, count($sections) + 1, $page->number, $page->number);
            }
            $open = $open?->until($page->number);
        }
        $sections = $open === null ? [] : [...$sections, $open];

        return count($sections) < 2 || self::areOneLesson($sections) ? [] : $sections;
    }

    /**
     * Some pages one after the other, each with a title of its own, are those of one lesson; with something for the
     * teacher after each, or many, they are one each.
     *
     * @param  list<Section>  $sections
     */
    private static function areOneLesson(array $sections): bool
    {
        $pages = count($sections);

        return $pages <= self::LESSON && $sections[$pages - 1]->to - $sections[0]->from === $pages - 1;
    }

    private static function title(PageText $page): ?string
    {
        $title = $page->title();
        $heights = array_map(
            fn (TextLine $line): float => $line->frame->height,
            array_filter($page->lines, fn (TextLine $line): bool => trim($line->text) === $title),
        );
        $standsOut = $heights !== [] && max($heights) >= self::STANDS_OUT * $page->bodyHeight();

        return $standsOut ? mb_strimwidth($title, 0, self::LONGEST_LABEL, '…') : null;
    }

    private static function sameTitle(string $a, string $b): bool
    {
        $plain = fn (string $title): string => trim(
            (string) preg_replace(
                ['/\(?\b(continued|cont\.?|part \d+|page \d+|\d+ of \d+)\)?/iu', '/[^\p{L}\p{N}]+/u'],
                ['', ' '],
                mb_strtolower($title),
            ),
        );

        return $plain($a) === $plain($b);
    }
}
