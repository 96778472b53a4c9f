<?php

declare(strict_types=1);

namespace Tests\Core\Arrange;

use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Arrange\Sectioning;
use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;
use PHPUnit\Framework\TestCase;

final class SectioningTest extends TestCase
{
    /** @var list<PackPage> */
    private array $pages;

    protected function setUp(): void
    {
        // 1 cover, 2–4 A, 5 key, 6 A, 7–8 B, 9–10 without a section
        $this->pages = array_map(
            fn (int $n, array $page): PackPage => new PackPage($n + 1, $page[0], $page[1]),
            range(0, 9),
            [
                [Role::Cover, null],
                [Role::Student, 'A'],
                [Role::Student, 'A'],
                [Role::Student, 'A'],
                [Role::Key, null],
                [Role::Student, 'A'],
                [Role::Student, 'B'],
                [Role::Student, 'B'],
                [Role::Student, null],
                [Role::Student, null],
            ],
        );
    }

    public function test_a_section_is_split_where_the_teacher_says(): void
    {
        $this->assertSame('_ A A New _ New B B _ _', $this->said(Sectioning::startedAt($this->pages, 4, 'New')));
    }

    public function test_started_at_its_own_first_page_it_is_renamed(): void
    {
        $this->assertSame('_ New New New _ New B B _ _', $this->said(Sectioning::startedAt($this->pages, 2, 'New')));
        $this->assertSame('_ A A A _ A New New _ _', $this->said(Sectioning::startedAt($this->pages, 7, 'New')));
    }

    public function test_pages_without_a_section_get_one(): void
    {
        $this->assertSame('_ A A A _ A B B New New', $this->said(Sectioning::startedAt($this->pages, 9, 'New')));
    }

    public function test_a_section_joins_the_one_before_from_any_of_its_pages(): void
    {
        $this->assertSame('_ A A A _ A A A _ _', $this->said(Sectioning::joinedAt($this->pages, 8)));
        $this->assertSame('_ A A A _ A A A _ _', $this->said(Sectioning::joinedAt($this->pages, 7)));
        $this->assertSame('_ A A A _ A B B B B', $this->said(Sectioning::joinedAt($this->pages, 9)));
    }

    public function test_the_first_section_has_none_before_it(): void
    {
        $this->assertSame('_ A A A _ A B B _ _', $this->said(Sectioning::joinedAt($this->pages, 3)));
    }

    public function test_split_and_joined_again_it_is_as_it_was(): void
    {
        foreach ([3, 4, 6, 8] as $number) {
            $split = Sectioning::startedAt($this->pages, $number, 'New');
            $pages = array_map(
                fn (PackPage $page): PackPage => new PackPage($page->number, $page->role, $split[$page->number]),
                $this->pages,
            );
            $this->assertSame('_ A A A _ A B B _ _', $this->said(Sectioning::joinedAt($pages, $number)));
        }
    }

    public function test_a_section_leaves_the_one_before_a_page_and_takes_all_where_that_has_no_name(): void
    {
        $this->assertSame('_ A B B _ B B B _ _', $this->said(Sectioning::boundaryMoved($this->pages, 7, 3)));
        try {
            Sectioning::boundaryMoved($this->pages, 7, 2);
            $this->fail('It took the section before it whole.');
        } catch (ArrangementRefused $refusal) {
            $this->assertStringContainsString('own last page', $refusal->getMessage());
        }
        $after = [...array_slice($this->pages, 8), new PackPage(11, Role::Student, 'C')];
        $this->assertSame([9 => 'C', 10 => 'C', 11 => 'C'], Sectioning::boundaryMoved($after, 11, 9));
    }

    /** @param  array<int, string|null>  $sections */
    private function said(array $sections): string
    {
        return implode(' ', array_map(fn (?string $section): string => $section ?? '_', $sections));
    }
}
