<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use OpenSlate\Packs\Headline;
use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;

/**
 * Plans many sets at once. Pages for the teacher only are in none of them; pages of which nobody knows what they are
 * for are in them only if the teacher says so.
 */
final class CutPlan
{
    public const LONGEST_NAME = 120;

    /**
     * @param  list<PackPage>  $pages  in order
     * @param  int  $every  pages in a set, when they are cut by number
     * @param  string  $pattern  of the names: {master}, {section}, {title} (the section with its title), {first},
     *                           {last}, {n}
     * @param  bool  $unknown  whether pages of unknown role go in
     * @param  list<string>  $taken  names that sets have already
     * @param  list<list<int>>  $cut  pages of sets that are not to be cut again
     * @return list<PlannedSet>
     */
    public static function of(
        array $pages,
        CutBy $by,
        int $every,
        string $master,
        string $pattern,
        bool $unknown,
        array $taken = [],
        array $cut = [],
    ): array {
        $groups = [];
        $current = [];
        $before = null;
        foreach ($pages as $page) {
            $wanted = $page->role === Role::Student || ($unknown && $page->role === Role::Unknown);
            $ends = match ($by) {
                CutBy::Section => $wanted && $before !== null && $page->section !== $before->section,
                CutBy::Every => count($current) >= $every && $wanted,
                CutBy::Blank => $page->role === Role::Blank,
            };
            if ($ends && $current !== []) {
                $groups[] = $current;
                $current = [];
            }
            if ($wanted && ! ($by === CutBy::Section && $page->section === null)) {
                $current[] = $page;
            }
            $before = $wanted ? $page : $before;
        }
        if ($current !== []) {
            $groups[] = $current;
        }

        foreach ($groups as $index => $group) {
            if (in_array(self::numbers($group), $cut, true)) {
                unset($groups[$index]);
            }
        }

        return self::named($groups, $master, $pattern, $taken);
    }

    /**
     * No two sets have one name: a number tells them apart.
     *
     * @param  array<int, non-empty-list<PackPage>>  $groups  by their places among all
     * @param  list<string>  $taken
     * @return list<PlannedSet>
     */
    private static function named(array $groups, string $master, string $pattern, array $taken): array
    {
        $sets = [];
        foreach ($groups as $index => $group) {
            $wanted = self::name($pattern, $master, $group, $index + 1);
            $name = $wanted;
            for ($n = 2; in_array($name, $taken, true); $n++) {
                $name = mb_substr($wanted, 0, self::LONGEST_NAME - 6)." ({$n})";
            }
            $taken[] = $name;
            $sets[] = new PlannedSet($name, self::numbers($group));
        }

        return $sets;
    }

    /**
     * @param  non-empty-list<PackPage>  $group
     * @return non-empty-list<int>
     */
    private static function numbers(array $group): array
    {
        return array_map(fn (PackPage $page): int => $page->number, $group);
    }

    /** @param  non-empty-list<PackPage>  $group */
    private static function name(string $pattern, string $master, array $group, int $n): string
    {
        [$first, $last] = [$group[0]->number, $group[count($group) - 1]->number];
        // "pages 21–21" is a page.
        $pattern =
            $first === $last
                ? str_replace(
                    ['pages {first}–{last}', '{first}–{last}', '{first}-{last}'],
                    ['page {first}', '{first}', '{first}'],
                    $pattern,
                )
                : $pattern;
        $section = $group[0]->section ?? "part {$n}";
        $name = strtr($pattern, [
            '{master}' => $master,
            '{section}' => $section,
            '{title}' => Headline::after($section, $group[0]->title),
            '{first}' => (string) $first,
            '{last}' => (string) $last,
            '{n}' => (string) $n,
        ]);
        $name = trim((string) preg_replace('/\s+/u', ' ', $name));

        return mb_substr($name === '' ? "Set {$n}" : $name, 0, self::LONGEST_NAME);
    }
}
