<?php

declare(strict_types=1);

namespace OpenSlate\Arrange;

use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;

/** The teacher's own hand on the sections of a pack: where one starts, what it is called, and which belong together. */
final class Sectioning
{
    /**
     * Starts a section at a page: it takes what was left of the section there. At a section's own first page this is
     * a new name for it; at a page without one, the student pages up to the next section.
     *
     * @param  list<PackPage>  $pages  in order
     * @return array<int, string|null> the section of each page, by number
     */
    public static function startedAt(array $pages, int $number, string $label): array
    {
        $sections = self::sections($pages);
        $old = $sections[$number] ?? null;
        foreach (self::runFrom($pages, $number, $old) as $page) {
            $sections[$page->number] = $label;
        }

        return $sections;
    }

    /**
     * Joins the section at a page to the one before it.
     *
     * @param  list<PackPage>  $pages  in order
     * @return array<int, string|null> the section of each page, by number
     */
    public static function joinedAt(array $pages, int $number): array
    {
        $sections = self::sections($pages);
        $students = array_values(array_filter($pages, fn (PackPage $page): bool => $page->role === Role::Student));
        $at = array_search($number, array_map(fn (PackPage $page): int => $page->number, $students), true);
        if ($at === false) {
            return $sections;
        }
        $first = $at;
        while ($first > 0 && $students[$first - 1]->section === $students[$at]->section) {
            $first--;
        }
        $before = $first > 0 ? $students[$first - 1]->section : null;
        if ($before === null) {
            return $sections;
        }
        foreach (self::runFrom($pages, $students[$first]->number, $students[$at]->section) as $page) {
            $sections[$page->number] = $before;
        }

        return $sections;
    }

    /**
     * Moves the start of a section: forwards its first pages go to the section before it, backwards it takes the last
     * pages of that one.
     *
     * @param  list<PackPage>  $pages  in order
     * @param  int  $from  where it starts
     * @param  int  $to  where it is to start
     * @return array<int, string|null> the section of each page, by number
     *
     * @throws ArrangementRefused when no section starts there, or it would be left without a page, or take another
     *                             whole
     */
    public static function boundaryMoved(array $pages, int $from, int $to): array
    {
        $sections = self::sections($pages);
        $students = array_values(array_filter($pages, fn (PackPage $page): bool => $page->role === Role::Student));
        $at = array_search($from, array_map(fn (PackPage $page): int => $page->number, $students), true);
        $label = $at === false ? null : $students[$at]->section;
        $before = $at === false ? null : $students[$at - 1] ?? null;
        if ($label === null || $before?->section === $label) {
            throw ArrangementRefused::noBoundary($from);
        }
        $own = self::runFrom($pages, $from, $label);
        $previous = array_values(
            array_filter(
                $students,
                fn (PackPage $page): bool => $page->number < $from && $page->section === $before?->section,
            ),
        );
        $takesItWhole = $before?->section !== null && $previous !== [] && $to <= $previous[0]->number;
        if ($to > $own[count($own) - 1]->number || $takesItWhole) {
            throw ArrangementRefused::pastTheSection();
        }
        foreach ($students as $page) {
            if ($page->number >= $to && $page->number < $from) {
                $sections[$page->number] = $label;
            } elseif ($page->number >= $from && $page->number < $to) {
                $sections[$page->number] = $before?->section;
            }
        }

        return $sections;
    }

    /**
     * The student pages from one on that are in the same section, teacher pages between them passed over.
     *
     * @param  list<PackPage>  $pages
     * @return list<PackPage>
     */
    private static function runFrom(array $pages, int $number, ?string $section): array
    {
        $run = [];
        foreach ($pages as $page) {
            if ($page->number < $number || ($page->role !== Role::Student && $page->number !== $number)) {
                continue;
            }
            if ($page->section !== $section) {
                break;
            }
            $run[] = $page;
        }

        return $run;
    }

    /**
     * @param  list<PackPage>  $pages
     * @return array<int, string|null>
     */
    private static function sections(array $pages): array
    {
        return array_column(array_map(fn (PackPage $page): array => [$page->number, $page->section], $pages), 1, 0);
    }
}
