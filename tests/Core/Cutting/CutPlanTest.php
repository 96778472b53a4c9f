<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use OpenSlate\Cutting\CutBy;
use OpenSlate\Cutting\CutPlan;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\PlannedSet;
use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;
use PHPUnit\Framework\TestCase;

final class CutPlanTest extends TestCase
{
    public function test_a_workbook_of_21_days_cut_by_five(): void
    {
        // Common practice, no source.
        $days = array_map(fn (int $n): PackPage => new PackPage($n, Role::Student, "Day {$n}"), range(1, 21));
        $sets = CutPlan::of($days, CutBy::Every, 5, 'Log', 'Days {first}–{last}', false);

        $this->assertSame(['1–5', '6–10', '11–15', '16–20', '21'], $this->ranges($sets));
        $this->assertSame(['Days 1–5', 'Days 21'], [$sets[0]->name, $sets[4]->name]);
        $this->assertSame(
            'Log, page 21',
            CutPlan::of($days, CutBy::Every, 5, 'Log', CutBy::Every->pattern(), false)[4]->name,
        );
    }

    public function test_eight_cards_are_eight_sets(): void
    {
        // Common practice, no source.
        $cards = [
            new PackPage(1, Role::Cover, null),
            ...array_map(fn (int $n): PackPage => new PackPage($n + 1, Role::Student, "Card {$n}"), range(1, 8)),
            new PackPage(10, Role::Key, null),
        ];
        $sets = CutPlan::of($cards, CutBy::Section, 1, 'Cards', CutBy::Section->pattern(), false);

        $this->assertSame(['2', '3', '4', '5', '6', '7', '8', '9'], $this->ranges($sets));
        $this->assertSame('Card 8', $sets[7]->name);
    }

    public function test_what_is_cut_already_is_left_out_and_the_others_keep_their_numbers(): void
    {
        $days = array_map(fn (int $n): PackPage => new PackPage($n, Role::Student, null), range(1, 9));
        $plan = fn (array $cut): array => CutPlan::of($days, CutBy::Every, 3, 'Log', 'Part {n}', false, [], $cut);

        $this->assertSame(
            ['Part 1', 'Part 3'],
            array_map(fn (PlannedSet $set): string => $set->name, $plan([[4, 5, 6], [7, 8]])),
        );
        $this->assertSame([], $plan([[1, 2, 3], [4, 5, 6], [7, 8, 9]]));
    }

    public function test_a_section_is_named_with_what_its_first_page_is_called(): void
    {
        $pages = [
            new PackPage(1, Role::Student, 'Day 1', 'Boats at the quay'),
            new PackPage(2, Role::Student, 'Day 1', 'More boats'),
            new PackPage(3, Role::Student, 'Day 2'),
        ];

        $this->assertSame(
            ['Day 1: boats at the quay', 'Day 2'],
            array_map(
                fn (PlannedSet $set): string => $set->name,
                CutPlan::of($pages, CutBy::Section, 1, 'Log', CutBy::Section->pattern(), false),
            ),
        );
    }

    public function test_pages_for_the_teacher_are_in_no_set_even_between_student_pages(): void
    {
        $pages = [
            new PackPage(1, Role::Guide, null),
            new PackPage(2, Role::Student, 'Day 1'),
            new PackPage(3, Role::Key, 'Day 1'),
            new PackPage(4, Role::Student, 'Day 1'),
            new PackPage(5, Role::Unknown, 'Day 2'),
            new PackPage(6, Role::Student, 'Day 2'),
        ];

        $this->assertSame(
            ['2, 4', '6'],
            $this->ranges(CutPlan::of($pages, CutBy::Section, 1, 'P', '{section}', false)),
        );
        $this->assertSame(
            ['2, 4', '5, 6'],
            $this->ranges(CutPlan::of($pages, CutBy::Section, 1, 'P', '{section}', true)),
        );
        $this->assertSame(['2, 4', '6'], $this->ranges(CutPlan::of($pages, CutBy::Every, 2, 'P', '{n}', false)));
    }

    public function test_empty_pages_divide(): void
    {
        $role = fn (string $letter): Role => ['s' => Role::Student, 'b' => Role::Blank, 'k' => Role::Key][$letter];
        $pages = array_map(
            fn (string $letter, int $at): PackPage => new PackPage($at + 1, $role($letter), null),
            str_split('bssbbskb'),
            array_keys(str_split('bssbbskb')),
        );

        $this->assertSame(
            ['2, 3', '6'],
            $this->ranges($sets = CutPlan::of($pages, CutBy::Blank, 1, 'P', CutBy::Blank->pattern(), false)),
        );
        $this->assertSame(['P, part 1', 'P, part 2'], array_map(fn (PlannedSet $set): string => $set->name, $sets));
    }

    public function test_names_are_never_empty_nor_the_same(): void
    {
        $pages = [new PackPage(1, Role::Student, 'Day 1'), new PackPage(2, Role::Student, 'Day 2')];

        $this->assertSame(
            ['Same', 'Same (2)'],
            array_map(
                fn (PlannedSet $set): string => $set->name,
                CutPlan::of($pages, CutBy::Section, 1, 'P', 'Same', false),
            ),
        );
        $this->assertSame(
            ['Set 1', 'Set 2'],
            array_map(
                fn (PlannedSet $set): string => $set->name,
                CutPlan::of($pages, CutBy::Section, 1, 'P', '  ', false),
            ),
        );
        $this->assertSame([], CutPlan::of([], CutBy::Section, 1, 'P', '{n}', true));
    }

    /**
     * @param  list<PlannedSet>  $sets
     * @return list<string>
     */
    private function ranges(array $sets): array
    {
        return array_map(fn (PlannedSet $set): string => PageRange::format($set->pages), $sets);
    }
}
