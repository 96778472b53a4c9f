<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Furniture;
use OpenSlate\Packs\PackLabels;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\Section;
use OpenSlate\Packs\SectionLabel;
use OpenSlate\Paper\Size;
use OpenSlate\Text\Numeral;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PackReadingTest extends TestCase
{
    public function test_numbers_are_read_in_figures_roman_and_words(): void
    {
        foreach (
            [
                '3' => 3,
                '021' => 21,
                'III' => 3,
                'iv' => 4,
                'XIX' => 19,
                'seven' => 7,
                'Twelve' => 12,
                'twenty-one' => 21,
                'thirty' => 30,
                'FORTY TWO' => 42,
            ] as $text => $value
        ) {
            $this->assertSame($value, Numeral::value((string) $text), (string) $text);
        }
        foreach (['iiii', 'vx', 'mix', 'many', '', '1000', 'twenty-ten'] as $text) {
            $this->assertNull(Numeral::value($text), $text);
        }
    }

    /** @return array<string, array{string, string|null}> */
    public static function labels(): array
    {
        return [
            'plain' => ['Day 3', 'Day 3'],
            'shouted, in words' => ['DAY TWENTY-ONE', 'Day 21'],
            'roman, with a title' => ['Lesson IV: Meanders', 'Lesson IV'],
            'with a hash' => ['★ Task Card #12', 'Task card 12'],
            'with No.' => ['Worksheet No. 5', 'Worksheet 5'],
            'several' => ['Cards 5–8', 'Cards 5–8'],
            'with and' => ['Chapters 1 and 2', 'Chapters 1–2'],
            'a count of pages' => ['Sheet 3 of 24', null],
            'a word that begins like one' => ['Daylight 3', null],
            'in mid-sentence' => ['Look back at Day 3', null],
            'part of a sentence' => ['Part I think is best', null],
            'a word after it' => ['Task one-sided', null],
        ];
    }

    #[DataProvider('labels')]
    public function test_labels_are_told_from_words(string $line, ?string $label): void
    {
        $this->assertSame($label, SectionLabel::in($line)?->words());
    }

    public function test_running_heads_and_page_numbers_go_and_labels_and_titles_stay(): void
    {
        $pages = [];
        foreach (range(1, 6) as $n) {
            $pages[] = $this->page($n, [
                ['My Pack', 20, 9],
                ["Day {$n}", 22, 9],
                ['Write a line.', 300, 12],
                ["{$n} of 24", 770, 9],
            ]);
        }
        array_unshift($pages, $this->page(7, [['My Pack', 60, 40]]));
        $left = array_map(fn (PageText $page): string => $page->text(), Furniture::removed($pages));

        $this->assertSame('My Pack', $left[0]);
        $this->assertSame("Day 1\nWrite a line.", $left[1]);
    }

    public function test_an_empty_page_is_blank_and_a_picture_is_unknown(): void
    {
        $reading = PackReading::of([
            new PageText(1, Size::of(612, 792), [], 0.0),
            new PageText(2, Size::of(612, 792), [], 0.2),
            $this->page(3, [['This page is intentionally left blank', 400, 10]]),
        ]);

        $this->assertSame(
            [Role::Blank, Role::Unknown, Role::Blank],
            array_map(fn (int $n): Role => $reading->verdicts[$n]->role, [1, 2, 3]),
        );
    }

    public function test_a_page_that_repeats_another_with_more_on_it_is_a_key_and_a_page_built_alike_is_not(): void
    {
        $questions = [
            ['Name ______', 60, 12],
            ['1. What do limpets eat on the rocky shore?', 120, 12],
            ['2. Which animals eat the crab in winter?', 200, 12],
            ['3. Explain what happens to gulls.', 280, 12],
        ];
        $reading = PackReading::of([
            $this->page(1, $questions),
            $this->page(2, [
                ...$questions,
                ['green seaweed and small plants', 140, 12],
                ['rock fish and gulls', 220, 12],
            ]),
        ]);
        $alike = PackReading::of([
            $this->page(1, [['Day 1', 30, 20], ...$questions]),
            $this->page(2, [['Day 2', 30, 20], ...$questions, ['Use the words tide, shore and shell.', 320, 12]]),
        ]);

        $this->assertSame(Role::Student, $reading->verdicts[1]->role);
        $this->assertSame(Role::Key, $reading->verdicts[2]->role);
        $this->assertStringContainsString('page 1 with more on it', $reading->verdicts[2]->reason);
        $this->assertSame([Role::Student, Role::Student], [$alike->verdicts[1]->role, $alike->verdicts[2]->role]);
    }

    public function test_a_bare_list_of_answers_is_never_for_students(): void
    {
        $reading = PackReading::of([
            $this->page(1, [['Lesson 1', 40, 20], ['1. What floats? ______', 100, 12], ['2. Why? ______', 130, 12]]),
            $this->page(2, [
                ['Lesson 1', 40, 14],
                ['1. wood', 60, 12],
                ['2. it is light', 80, 12],
                ['Lesson 2', 110, 14],
                ['1. iron', 130, 12],
                ['2. it is heavy', 150, 12],
            ]),
            $this->page(3, [['1. oil', 60, 12], ['2. the lamp', 80, 12], ['3. at dusk', 100, 12]]),
        ]);

        $this->assertSame(Role::Key, $reading->verdicts[2]->role);
        $this->assertNotSame(Role::Student, $reading->verdicts[3]->role);
    }

    public function test_a_pack_may_count_its_sections_in_a_word_of_its_own(): void
    {
        $pages = [];
        foreach (['Workout 1', 'Workout 2: Verbs', 'Workout III'] as $index => $title) {
            $pages[] = $this->page($index + 1, [
                [$title, 60, 20],
                ['Name ______', 100, 12],
                ['1. Write a line. ______', 140, 12],
            ]);
        }
        $labels = fn (array $all): array => array_map(
            fn (Section $section): string => $section->label,
            PackReading::of($all)->sections,
        );
        $this->assertSame(['Workout 1', 'Workout 2', 'Workout III'], $labels($pages));

        $letters = array_map(
            fn (string $letter, int $n): PageText => $this->page($n, [
                ["Source {$letter}", 60, 20],
                ['Underline three jobs.', 140, 12],
                ['1. Who came? ______', 180, 12],
            ]),
            ['A', 'B'],
            [1, 2],
        );
        $this->assertSame(['Source A', 'Source B'], $labels($letters));

        // What counts pages or questions, or does not count up, is no label.
        foreach (['Page', 'Question', 'Grade'] as $word) {
            $this->assertNull(
                PackLabels::of(
                    array_map(fn (int $n): PageText => $this->page($n, [["{$word} {$n}", 300, 20]]), [1, 2]),
                )->in("{$word} 2"),
            );
        }
        $this->assertNull(
            PackLabels::of([$this->page(1, [['Harbour 9', 300, 20]]), $this->page(2, [['Harbour 4', 300, 20]])])->in(
                'Harbour 4',
            ),
        );
    }

    public function test_what_pages_have_one_by_one_and_one_page_has_together_is_its_key(): void
    {
        $student = fn (int $n): PageText => $this->page($n, [
            ["Workout {$n}", 120, 20],
            ['Name ______', 160, 12],
            ['1. Mend the sentence. ______', 200, 12],
            ['2. And this one. ______', 240, 12],
        ]);
        $together = [];
        foreach ([1, 2, 3] as $n) {
            array_push(
                $together,
                ["Workout {$n}", 100 + 150 * $n, 14],
                ['1. Three boats came in.', 130 + 150 * $n, 12],
                ['2. The fog has gone.', 160 + 150 * $n, 12],
            );
        }
        $reading = PackReading::of([$student(1), $student(2), $student(3), $this->page(4, $together)]);
        $this->assertSame(Role::Key, $reading->verdicts[4]->role);
        $this->assertSame([4 => [1, 2, 3]], $reading->answers);

        // Cards stand together too, but nowhere else one by one.
        $cards = fn (int $page): PageText => $this->page(
            $page,
            array_merge(
                ...array_map(
                    fn (int $n): array => [
                        ["Card {$n}", 100 + 150 * ($n % 4), 14],
                        ["{$n}. What floats?", 130 + 150 * ($n % 4), 12],
                    ],
                    range(4 * $page - 3, 4 * $page),
                ),
            ),
        );
        $this->assertSame(Role::Student, PackReading::of([$cards(1), $cards(2)])->verdicts[2]->role);
    }

    public function test_a_page_with_nothing_but_its_running_head_is_blank(): void
    {
        $pages = array_map(
            fn (int $n): PageText => $this->page($n, [
                ['My Pack for the harbour', 20, 9],
                ['1. Write a line. ______', 300, 12],
                ["{$n} of 5", 770, 9],
            ]),
            [1, 2, 3],
        );
        $empty = fn (int $n, float $ink): PageText => new PageText(
            $n,
            Size::of(612, 792),
            $this->page($n, [['My Pack for the harbour', 20, 9], ["{$n} of 5", 770, 9]])->lines,
            $ink,
        );
        $reading = PackReading::of([...$pages, $empty(4, 0.006), $empty(5, 0.06)]);
        $this->assertSame([Role::Blank, Role::Unknown], [$reading->verdicts[4]->role, $reading->verdicts[5]->role]);
    }

    public function test_a_page_of_few_words_goes_with_the_page_beside_it_that_has_its_label(): void
    {
        $reading = fn (string ...$words): PackReading => PackReading::of([
            $this->page(1, [['Week 1', 40, 20], ['1. Why did the boats turn back? ______', 100, 12]]),
            $this->page(2, [['Week 2', 40, 20], ['reef boat lamp sail cord net ______ ______ ______', 100, 12]]),
            $this->page(3, [
                ...array_map(
                    fn (string $one, int $at): array => [$one, 120 + 60 * $at, 20],
                    $words,
                    array_keys($words),
                ),
            ]),
        ]);
        $this->assertSame(Role::Student, $reading('Week 2', 'The map')->verdicts[3]->role);
        $this->assertStringContainsString('Week 2', $reading('Week 2', 'The map')->verdicts[3]->reason);
        $this->assertSame(Role::Unknown, $reading('Week 3', 'The map')->verdicts[3]->role, 'no page has its label');
        $this->assertNotSame(
            Role::Student,
            $reading('Week 2', 'reef boat lamp sail cord net')->verdicts[3]->role,
            'the words of the page beside it: it may be the answer',
        );
    }

    public function test_a_pack_of_nothing_is_read_as_nothing(): void
    {
        $this->assertSame([], PackReading::of([])->sections);
    }

    public function test_a_word_over_its_number_is_one_label(): void
    {
        $pages = [];
        foreach ([7, 8, 9] as $at => $day) {
            $pages[] = $this->page($at + 1, [
                ['DAY', 30, 12],
                [(string) $day, 44, 24],
                ['Name ______', 100, 12],
                ['Write a line. ______', 140, 12],
            ]);
        }

        $this->assertSame(['Day 7', 'Day 8', 'Day 9'], $this->labelsOf($pages));
    }

    public function test_a_number_far_below_its_word_or_over_it_is_no_part_of_the_label(): void
    {
        $labels = fn (float $y): array => $this->labelsOf(
            array_map(
                fn (int $day): PageText => $this->page($day, [
                    ['DAY', 60, 12],
                    [(string) $day, $y, 24],
                    ['Name ______', 130, 12],
                    ['Write a line. ______', 170, 12],
                ]),
                [1, 2, 3],
            ),
        );

        $this->assertSame(['Day 1', 'Day 2', 'Day 3'], $labels(72 + 0.6 * 24 - 0.1));
        $this->assertNotSame(['Day 1', 'Day 2', 'Day 3'], $labels(72 + 0.6 * 24 + 1));
        $this->assertNotSame(['Day 1', 'Day 2', 'Day 3'], $labels(30));
    }

    public function test_a_list_of_words_and_rising_numbers_is_one_of_contents_where_the_pack_has_such_pages(): void
    {
        $role = function (int $last): Role {
            $lines = array_map(
                fn (int $at): array => [
                    'Chapter about boats '.str_repeat('.', 20).' '.($at === 5 ? $last : $at),
                    60 + 30 * $at,
                    12,
                ],
                range(1, 5),
            );
            $pages = [$this->page(1, $lines)];
            foreach (range(2, 8) as $number) {
                $pages[] = $this->page($number, [['Name ______', 100, 12], ["{$number}. Write. ______", 140, 12]]);
            }

            return PackReading::of($pages)->verdicts[1]->role;
        };

        // Eight pages, which may be counted from up to four elsewhere.
        $this->assertSame(Role::Contents, $role(8));
        $this->assertSame(Role::Contents, $role(12));
        $this->assertNotSame(Role::Contents, $role(13));
    }

    public function test_labels_of_two_levels_are_kept_whole(): void
    {
        $pages = [];
        foreach (['Week 1, Monday', 'Week 1, Tuesday', 'Week 2: Monday', 'Week 2 – Day 2'] as $at => $label) {
            $pages[] = $this->page($at + 1, [
                [$label, 60, 20],
                ['Name ______', 100, 12],
                ['Write a line. ______', 140, 12],
            ]);
        }

        $this->assertSame(
            ['Week 1, Monday', 'Week 1, Tuesday', 'Week 2, Monday', 'Week 2, Day 2'],
            $this->labelsOf($pages),
        );
        $this->assertSame([1, 2, 3, 4], array_column(PackReading::of($pages)->sections, 'index'));
    }

    public function test_cards_with_bare_numbers_that_rise_from_page_to_page_are_sections(): void
    {
        $cards = fn (int $page, int ...$numbers): PageText => $this->page(
            $page,
            array_merge(
                ...array_map(
                    fn (int $number, int $at): array => [
                        [(string) $number, 60 + 200 * $at, 20],
                        ['How long is it? Write your answer. ______', 100 + 200 * $at, 12],
                    ],
                    $numbers,
                    array_keys($numbers),
                ),
            ),
        );

        $this->assertSame(['1–3', '4–6'], $this->labelsOf([$cards(1, 1, 2, 3), $cards(2, 4, 5, 6)]));
        $this->assertNotContains('4–6', $this->labelsOf([$cards(1, 4, 5, 6), $cards(2, 4, 5, 6)]));
    }

    public function test_a_titled_page_after_the_last_section_that_begins_anew_closes_it(): void
    {
        $page = fn (int $number, string $title, bool $named = true): PageText => $this->page($number, [
            [$title, 60, 20],
            ...$named ? [['Name ______', 100, 12]] : [],
            ['Write three lines. ______', 140, 12],
        ]);
        $until = fn (PageText ...$more): int => PackReading::of([$page(1, 'Scene 1'), $page(2, 'Scene 2'), ...$more])
            ->sections[1]->to;

        $this->assertSame(2, $until($page(3, 'My own ending')));
        $this->assertSame(3, $until($page(3, 'Check your work', named: false)));
        $this->assertSame(3, $until($page(3, 'Scene 2 continued')));
    }

    public function test_some_titled_pages_in_a_row_are_one_lesson_and_those_with_keys_between_are_not(): void
    {
        $pages = function (int $count, int $step): array {
            $pages = [];
            for ($at = 0; $at < $count; $at++) {
                $title = ['Ropes', 'Sails', 'Tides', 'Lamps', 'Knots', 'Gulls'][$at];
                $pages[] = $this->page($at * $step + 1, [
                    [$title, 100, 24],
                    ["Write what you know of {$title}. ______", 200, 12],
                    ['Draw one of them. ______', 300, 12],
                ]);
                if ($step === 2) {
                    $pages[] = $this->page($at * 2 + 2, [["{$title}: Answers", 100, 24], ['They differ.', 200, 12]]);
                }
            }

            return $pages;
        };

        $this->assertSame([], $this->labelsOf($pages(4, 1)));
        $this->assertSame(['Ropes', 'Sails', 'Tides', 'Lamps', 'Knots', 'Gulls'], $this->labelsOf($pages(6, 1)));
        $this->assertSame(['Ropes', 'Sails', 'Tides'], $this->labelsOf($pages(3, 2)));
    }

    public function test_pages_without_a_title_go_on_with_the_key_in_its_type(): void
    {
        $sheet = fn (int $number): PageText => $this->page($number, [
            ["Sheet {$number}", 60, 20],
            ['Name ______', 100, 12],
            ['1. Add them. ______', 140, 12],
        ]);
        $rest = fn (float $height): PageText => $this->page(
            4,
            array_map(
                fn (int $n): array => ["{$n} crates of herring and {$n} of cod", 60 + 20 * $n, $height],
                range(1, 6),
            ),
        );
        $answers = $this->page(3, [
            ['Answers', 60, 20],
            ...array_map(fn (int $n): array => ["1. {$n} crates in all", 80 + 20 * $n, 10], range(1, 6)),
        ]);
        $read = fn (PageText $last): PackReading => PackReading::of([$sheet(1), $sheet(2), $answers, $last]);
        $role = fn (PageText $last): Role => $read($last)->verdicts[4]->role;

        $this->assertSame(Role::Key, $role($rest(10)));
        $this->assertNotSame(Role::Key, $role($rest(16)));
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<string>
     */
    private function labelsOf(array $pages): array
    {
        return array_column(PackReading::of($pages)->sections, 'label');
    }

    /** @param  list<array{string, float, float}>  $lines  words, y and height */
    private function page(int $number, array $lines): PageText
    {
        return new PageText(
            $number,
            Size::of(612, 792),
            array_map(
                fn (array $line): TextLine => new TextLine(
                    $line[0],
                    Frame::of(72, $line[1], 6.0 * strlen($line[0]), $line[2]),
                ),
                $lines,
            ),
        );
    }
}
