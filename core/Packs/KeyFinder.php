<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/**
 * Tells which pages a key has the answers to: the page it repeats; else the sections whose labels stand on it; else,
 * for a key that names none, the student pages since the key before it.
 */
final class KeyFinder
{
    /**
     * @param  list<PageText>  $pages  without their furniture
     * @param  array<int, Verdict>  $verdicts  by page number
     * @param  list<Section>  $sections
     * @return array<int, list<int>> page numbers by the number of the key page
     */
    public static function answers(array $pages, array $verdicts, array $sections, PackLabels $labels): array
    {
        $students = array_keys(
            array_filter($verdicts, fn (Verdict $verdict): bool => $verdict->role === Role::Student),
        );
        $answers = [];
        $since = [];
        $open = [];
        foreach ($pages as $page) {
            $verdict = $verdicts[$page->number];
            if ($verdict->role === Role::Student) {
                $since[] = $page->number;
                $open = [];
            } elseif ($verdict->role === Role::Key) {
                // The pages of one key answer the same pages, unless they name others.
                $open = $since === [] ? $open : $since;
                $since = [];
                $named = self::named($page, $sections, $students, $labels);
                $repeats =
                    $verdict->repeats !== null && in_array($verdict->repeats, $students, true)
                        ? [$verdict->repeats]
                        : [];
                $answers[$page->number] = $repeats ?: ($named ?: $open);
            }
        }

        return $answers;
    }

    /**
     * @param  list<Section>  $sections
     * @param  list<int>  $students
     * @return list<int>
     */
    private static function named(PageText $page, array $sections, array $students, PackLabels $known): array
    {
        $labels = [];
        foreach ($page->lines as $line) {
            $label = $known->in($line->text)?->words();
            $labels[mb_strtolower($label ?? trim($line->text))] = true;
        }
        $found = [];
        foreach ($sections as $section) {
            // A key of a week answers all of its days.
            $whole = explode(', ', mb_strtolower($section->label))[0];
            if (isset($labels[mb_strtolower($section->label)]) || isset($labels[$whole])) {
                array_push(
                    $found,
                    ...array_filter(
                        $students,
                        fn (int $number): bool => $number >= $section->from && $number <= $section->to,
                    ),
                );
            }
        }

        return array_values(array_unique($found));
    }
}
