<?php

declare(strict_types=1);

namespace Tests\Core\Arrange;

use OpenSlate\Arrange\ArrangedPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Packs\Role;
use OpenSlate\Questions\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArrangementTest extends TestCase
{
    /**
     * @return iterable<string, array{list<int>, int|null, list<int>}> pages that move, before which, and the order then
     */
    public static function moves(): iterable
    {
        yield 'one forwards' => [[1], 4, [2, 3, 1, 4, 5, 6]];
        yield 'one backwards' => [[5], 2, [1, 5, 2, 3, 4, 6]];
        yield 'to the end' => [[2], null, [1, 3, 4, 5, 6, 2]];
        yield 'several that lie apart come together, in their order' => [[6, 1, 4], 3, [2, 1, 4, 6, 3, 5]];
        yield 'onto itself' => [[3], 3, [1, 2, 3, 4, 5, 6]];
        yield 'onto one of themselves' => [[2, 3], 3, [1, 2, 3, 4, 5, 6]];
        yield 'onto the last of themselves' => [[2, 6], 6, [1, 3, 4, 5, 2, 6]];
    }

    /**
     * @param  list<int>  $ids
     * @param  list<int>  $order
     */
    #[DataProvider('moves')]
    public function test_pages_move_together(array $ids, ?int $before, array $order): void
    {
        $this->assertSame($order, self::six()->moved($ids, $before)->ids());
    }

    public function test_moving_keeps_every_page_and_the_order_of_those_that_stay(): void
    {
        mt_srand(7);
        for ($run = 0; $run < 300; $run++) {
            $ids = range(1, 6);
            shuffle($ids);
            $moving = array_slice($ids, 0, mt_rand(1, 5));
            $after = self::six()->moved($moving, [null, ...range(1, 6)][mt_rand(0, 6)])->ids();
            $this->assertEqualsCanonicalizing(range(1, 6), $after);
            $this->assertSame(
                array_values(array_diff(range(1, 6), $moving)),
                array_values(array_diff($after, $moving)),
            );
            $this->assertSame(
                array_values(array_intersect(range(1, 6), $moving)),
                array_values(array_intersect($after, $moving)),
            );
        }
    }

    public function test_pages_are_taken_out_but_never_the_last_and_keys_forget_them(): void
    {
        $six = self::six()->tied([6], [1, 2]);
        $this->assertSame([2, 4, 6], $six->without([1, 3, 5])->ids());
        $this->assertSame([2], $six->without([1, 3])->pages[3]->answers);
        $this->assertRefused('every page', fn () => $six->without(range(1, 6)));
        $this->assertRefused('No page is ticked', fn () => $six->without([]));
        $this->assertRefused('no longer in this worksheet', fn () => $six->without([1, 99]));
    }

    public function test_new_pages_go_between_never_over(): void
    {
        $new = [new ArrangedPage(8, 1), new ArrangedPage(9, 1)];
        $this->assertSame([1, 2, 8, 9, 3, 4, 5, 6], self::six()->with($new, 3)->ids());
        $this->assertSame([1, 2, 3, 4, 5, 6, 8, 9], self::six()->with($new, null)->ids());
        $this->assertSame(
            [1, 2, 3, 4, 5, 6, 8, 9],
            self::six()->with($new, 77)->ids(),
            'the page they were to go before is gone',
        );
        $many = array_map(fn (int $id): ArrangedPage => new ArrangedPage($id, 1), range(10, 604));
        $this->assertRefused('at most 600 pages', fn () => self::six()->with($many, null));
    }

    public function test_roles_change_many_and_a_new_student_page_goes_on_the_section_before_it(): void
    {
        $after = self::six()->roles([6, 2], Role::Student);
        $this->assertSame(
            [Role::Student, 'you said so', 'Day 2'],
            [$after->pages[5]->role, $after->pages[5]->reason, $after->pages[5]->section],
        );
        $this->assertSame('Day 1', $after->pages[1]->section, 'a page that has a section keeps it');
        $this->assertTrue($after->samePages(self::six()), 'roles are notes on the pages');
        $this->assertFalse(
            self::six()
                ->moved([1], 3)
                ->samePages(self::six()),
        );
        $this->assertFalse(
            self::six()
                ->revised([1 => 2])
                ->samePages(self::six()),
        );
    }

    public function test_keys_are_tied_to_pages_and_let_go_when_they_are_keys_no_more(): void
    {
        $tied = self::six()->tied([6], [3, 1, 6, 99]);
        $this->assertSame([1, 3], $tied->pages[5]->answers, 'in order, without itself, without what is not here');
        $this->assertSame([], $tied->roles([6], Role::Guide)->pages[5]->answers);
        $this->assertRefused('Page 2 is not marked as an answer key', fn () => self::six()->tied([2], [1]));
    }

    public function test_it_comes_back_exactly_from_json(): void
    {
        $six = self::six()
            ->tied([6], [1, 2])
            ->revised([3 => 17]);
        $this->assertEquals($six, Arrangement::decode($six->encode()));
        $this->expectException(InvalidJson::class);
        Arrangement::decode('[{"page":0,"revision":1,"role":"student","reason":"","section":null,"answers":[]}]');
    }

    public static function six(): Arrangement
    {
        $student = fn (int $id, string $section): ArrangedPage => new ArrangedPage(
            $id,
            1,
            Role::Student,
            'has a line for the name',
            $section,
        );

        return new Arrangement([
            $student(1, 'Day 1'),
            $student(2, 'Day 1'),
            $student(3, 'Day 1'),
            $student(4, 'Day 2'),
            $student(5, 'Day 2'),
            new ArrangedPage(6, 1, Role::Key, 'titled “Answers”'),
        ]);
    }

    private function assertRefused(string $said, callable $change): void
    {
        try {
            $change();
            $this->fail("Not refused: {$said}");
        } catch (ArrangementRefused $refusal) {
            $this->assertStringContainsString($said, $refusal->getMessage());
        }
    }

    public function test_a_page_that_is_no_key_any_more_answers_nothing_and_other_keys_keep_what_they_answer(): void
    {
        $keys = new Arrangement([
            new ArrangedPage(1, 1, Role::Student),
            new ArrangedPage(2, 1, Role::Key, answers: [1]),
            new ArrangedPage(3, 1, Role::Key, answers: [1]),
        ]);
        $answers = fn (Arrangement $of): array => array_map(
            fn (ArrangedPage $page): array => $page->answers,
            $of->pages,
        );
        $this->assertSame([[], [], [1]], $answers($keys->roles([2], Role::Guide)));
        $this->assertSame([[], [1], [1]], $answers($keys->roles([2], Role::Key)));
    }

    public function test_the_same_pages_are_so_whatever_they_are_for(): void
    {
        $six = self::six();
        $this->assertTrue($six->samePages($six->roles([4], Role::Guide)));
        $this->assertTrue($six->samePages($six->sectionStarted(2, 'Extra')));
        $this->assertFalse($six->samePages($six->moved([4], 1)));
        $this->assertFalse($six->samePages($six->without([4])));
        $this->assertFalse($six->samePages($six->revised([4 => 2])));
        $this->assertTrue($six->samePages($six->revised([9 => 2])), 'a page of another worksheet');
        $this->assertSame([1, 1, 1, 2, 1, 1], array_column($six->revised([4 => 2])->pages, 'revision'));
    }

    public function test_sections_begin_where_they_are_said_to_and_join_and_move(): void
    {
        $sections = fn (Arrangement $of): array => array_column($of->pages, 'section');
        $two = self::six()->sectionsStarted([2 => 'Warm-up', 3 => 'Work']);
        $this->assertSame(['Day 1', 'Warm-up', 'Work', 'Day 2', 'Day 2', null], $sections($two));
        $this->assertSame(
            ['Day 1', 'Warm-up', 'Warm-up', 'Day 2', 'Day 2', null],
            $sections($two->sectionJoined(3)),
        );
        $this->assertSame(
            ['Day 1', 'Day 1', 'Day 1', 'Day 1', 'Day 2', null],
            $sections(self::six()->boundaryMoved(4, 5)),
        );
        $this->assertRefused(
            'no longer in this worksheet',
            fn (): Arrangement => self::six()->sectionStarted(7, 'Day 3'),
        );
    }

    public function test_a_teachers_word_on_the_questions_of_a_page_is_of_that_page_alone_and_is_kept(): void
    {
        $asked = self::six()->asked(2, [new Question('3a', Frame::of(10, 20, 30, 40), [0, 2])]);
        $back = Arrangement::decode($asked->encode());
        $this->assertTrue($back->isSameAs($asked));
        $this->assertSame('3a', $back->pages[1]->questions[0]->number ?? null);
        $this->assertSame([0, 2], $back->pages[1]->questions[0]->blanks ?? null);
        $this->assertSame([null, null, null, null, null], array_column([...array_slice($back->pages, 0, 1),
            ...array_slice($back->pages, 2)], 'questions'));
        $none = self::six()->asked(2, []);
        $this->assertSame([], Arrangement::decode($none->encode())->pages[1]->questions, 'that there are none');
        $this->assertFalse($none->isSameAs(self::six()));
        $this->assertTrue($none->asked(2, null)->isSameAs(self::six()));
    }

    public function test_a_worksheet_holds_so_many_pages_and_not_one_more(): void
    {
        $pages = array_map(
            fn (int $id): ArrangedPage => new ArrangedPage($id, 1, Role::Student),
            range(1, Arrangement::MOST_PAGES - 1),
        );
        $nearly = new Arrangement($pages);
        $full = $nearly->with([new ArrangedPage(9001, 1, Role::Student)], 5);
        $this->assertSame([4, 9001, 5], array_slice($full->ids(), 3, 3));
        $this->assertRefused(
            (string) Arrangement::MOST_PAGES,
            fn (): Arrangement => $full->with([new ArrangedPage(9002, 1, Role::Student)], null),
        );
        $last = $nearly->with([new ArrangedPage(9003, 1, Role::Student)], 777777)->ids();
        $this->assertSame(9003, end($last), 'before a page that is gone');
    }

    public function test_nothing_is_done_to_no_page_and_to_one_that_is_not_here(): void
    {
        foreach ([[], [1, 7]] as $ids) {
            foreach ([
                fn (): Arrangement => self::six()->moved($ids, null),
                fn (): Arrangement => self::six()->without($ids),
                fn (): Arrangement => self::six()->roles($ids, Role::Key),
                fn (): Arrangement => self::six()->tied($ids, [1]),
            ] as $change) {
                $this->assertRefused($ids === [] ? 'No page is ticked' : 'no longer in this worksheet', $change);
            }
        }
        $this->assertSame([2, 3, 4, 5, 6], self::six()->without([1, 1])->ids(), 'one that is said twice');
    }

    public function test_only_a_key_is_tied_to_what_it_answers_and_never_to_itself(): void
    {
        $this->assertRefused('4', fn (): Arrangement => self::six()->tied([4], [1]));
        $this->assertSame([1, 5], self::six()->tied([6], [5, 6, 1, 99])->pages[5]->answers);
    }
}
