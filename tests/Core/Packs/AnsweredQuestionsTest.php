<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Packs\AnsweredQuestions;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;
use Tests\Support\TypedLine;

final class AnsweredQuestionsTest extends TestCase
{
    private const ASKED = ['Read the page.', '1 Where did Ines stand?', '2 What was late?', '3 How did she feel?'];

    private const ANSWERED = [
        'For the shelf',
        '1. Where did Ines stand?',
        'On the slip.',
        '2. What was late?',
        'The ferry.',
        '3. How did she feel?',
        'Cold, or worried.',
    ];

    public function test_the_questions_of_a_page_with_something_after_each_are_its_key(): void
    {
        $this->assertSame([2 => [1]], $this->answers(self::ASKED, self::ANSWERED));
        $this->assertSame([1 => [2]], $this->answers(self::ANSWERED, self::ASKED));

        $reading = PackReading::of([$this->page(1, self::ASKED), $this->page(2, self::ANSWERED)]);
        $this->assertSame(
            [Role::Student, Role::Key],
            [$reading->verdicts[1]->role, $reading->verdicts[2]->role],
            'handing out a key is the worst mistake',
        );
        $this->assertSame([1], $reading->answers[2]);
    }

    public function test_a_question_of_two_words_is_known_again(): void
    {
        $this->assertSame([2 => [1]], $this->answers(
            ['Think', 'Why do people live there?', 'Would you?'],
            ['Think', 'Why do people live there?', 'The soil is good.', 'Would you?', 'Own answer.'],
        ));
    }

    public function test_what_stands_behind_them_on_their_lines_answers_them(): void
    {
        $asked = ['1. the boat of the keeper', '2. it is late', '3. do not go there'];

        $this->assertSame([2 => [1]], $this->answers($asked, array_map(
            fn (string $line, string $answer): string => "{$line} → {$answer}",
            $asked,
            ['the keeper’s boat', 'it’s late', 'don’t go there'],
        )));
        foreach ([' → ____', 'ly', 's'] as $behind) {
            $this->assertSame([], $this->answers(
                $asked,
                array_map(fn (string $line): string => "{$line}{$behind}", $asked),
            ), 'what goes on as a word is another one');
        }
    }

    public function test_the_questions_of_several_pages_with_answers_are_a_key_of_all(): void
    {
        $more = ['1. Who came with her?', '2. Why was that, then?'];
        $key = [...self::ANSWERED, $more[0], 'Her aunt.', $more[1], 'The boat was full.'];
        $this->assertSame([3 => [1, 2]], $this->answers(self::ASKED, $more, $key));

        $verdict = PackReading::of([$this->page(1, self::ASKED), $this->page(2, $more), $this->page(3, $key)])
            ->verdicts[3];
        $this->assertSame([Role::Key, null], [$verdict->role, $verdict->repeats]);
    }

    public function test_the_same_questions_once_more_are_not(): void
    {
        $this->assertSame([], $this->answers(self::ASKED, self::ASKED));
        $this->assertSame([], $this->answers(self::ASKED, ['Test after the unit', ...array_slice(self::ASKED, 1)]));
        $this->assertSame([], $this->answers(self::ANSWERED, self::ANSWERED));
    }

    public function test_one_question_alone_or_some_of_many_are_not(): void
    {
        $this->assertSame([], $this->answers(array_slice(self::ASKED, 0, 2), array_slice(self::ANSWERED, 0, 3)));
        $many = [...self::ASKED, '4 Who came with her?', '5 Why was that?', '6 When did it go?'];
        $this->assertSame([], $this->answers($many, self::ANSWERED));
        // Few are answered.
        $this->assertSame([], $this->answers(self::ASKED, [
            '1. Where did Ines stand?',
            'On the slip.',
            '2. What was late?',
            '3. How did she feel?',
        ]));
    }

    public function test_lines_to_write_on_and_short_items_are_no_questions_of_their_own(): void
    {
        $this->assertSame([2 => [1]], $this->answers(
            array_map(fn (string $line): string => "{$line} ______", self::ASKED),
            self::ANSWERED,
        ));
        $this->assertSame([], $this->answers(['1. boat', '2. sea', '3. tern'], ['1. boat', 'a', '2. sea', 'b']));
    }

    public function test_boxes_that_are_ticked_where_another_page_has_them_empty_are_its_key(): void
    {
        $ask = fn (string $box): array => ['Tick the right one.', '1. What is a quay?', '☐ a bird that sings',
            "{$box} a place for ships", '2. What is ebb?', "{$box} falling water of the sea", '☐ rising water'];
        $roles = fn (string $first, string $then): array => array_map(
            fn (Verdict $one): string => $one->role->value,
            array_values(PackReading::of([
                $this->page(1, ['Name ______', ...$ask($first)]),
                $this->page(2, $ask($then)),
            ])->verdicts),
        );

        $this->assertSame(['student', 'key'], $roles('☐', '☑'));
        $this->assertNotContains('key', $roles('☐', '☐'));
    }

    public function test_what_has_no_word_of_its_own_and_asks_for_nothing_is_not_surely_the_students(): void
    {
        $words = ['smoke', 'lava', 'ash', 'Asleep', 'quiet', 'grass'];
        $role = fn (string ...$more): Role => PackReading::of([
            $this->page(1, ['Sheet 1: Sort them', 'Cut out the words. Name ______', 'Active', ...$words]),
            $this->page(2, ['Sheet 1: Sort them', 'Active', ...$words, ...$more]),
        ])->verdicts[2]->role;

        $this->assertNotSame(Role::Student, $role());
        $this->assertSame(Role::Student, $role('Write two more ______'));
    }

    public function test_a_sheet_that_has_less_on_it_and_asks_for_something_is_the_students(): void
    {
        $words = ['The lamp is lit at dusk.', 'The keeper climbs the stair.', 'Boats come home by its light.'];
        $verdicts = PackReading::of([
            $this->page(1, ['The lamp', ...$words, 'Name ______', 'Write what comes next. ______', 'Draw the lamp.']),
            $this->page(2, ['The lamp', ...$words, 'Name ______', 'Write what comes next. ______']),
        ])->verdicts;

        $this->assertSame(Role::Student, $verdicts[2]->role);
    }

    public function test_a_sheet_on_which_answers_are_spoken_of_is_never_surely_the_students(): void
    {
        $sheet = ['Name ______', '1. What is ebb? ______', '2. What is a hull? ______', 'Write a line of your own.'];
        $verdict = fn (string ...$more): Verdict => PackReading::of([
            $this->page(1, [...$sheet, ...$more]),
        ])->verdicts[1];

        $this->assertSame(Role::Student, $verdict()->role);
        $doubtful = $verdict('Answers will vary.');
        $this->assertSame(Role::Unknown, $doubtful->role);
        $this->assertStringContainsString('speaks of answers that may vary', $doubtful->reason);
    }

    public function test_a_text_has_four_sentences_and_fifty_words_at_the_least(): void
    {
        $text = fn (int $sentences, int $words): string => implode(
            ' ',
            array_map(
                fn (int $of): string => 'The '.str_repeat('tide ', $of - 2).'turns.',
                array_fill(0, $sentences, intdiv($words, $sentences)),
            ),
        );

        $this->assertTrue(RoleSigns::isText($text(4, 52)));
        $this->assertTrue(RoleSigns::isText($text(5, 50)));
        $this->assertFalse(RoleSigns::isText($text(3, 60)));
        $this->assertFalse(RoleSigns::isText($text(4, 48)));
    }

    public function test_a_number_or_an_order_is_no_task_and_to_number_is_one(): void
    {
        $this->assertSame(0, RoleSigns::tasks("Number bonds 7, 6, 5\nOrder 4\nTest 3\nPlan B\nRecord time\nList 2"));
        $this->assertSame(4, RoleSigns::tasks("Number the lines.\nOrder these.\nPlan your day.\nList three birds."));
    }

    public function test_the_titles_of_several_pages_on_one_are_a_key_and_those_of_a_list_are_none(): void
    {
        $sheet = fn (int $n, string $title, string ...$lines): PageText => new PageText($n, Size::of(595, 842), [
            TypedLine::of($title, 60, 40, 24),
            ...$this->page($n, array_values($lines))->lines,
        ], null);
        $pages = [
            $sheet(1, 'Cycle of water', 'Label the picture. ______', 'Check your answers with a partner.'),
            $sheet(2, 'Challenge', 'Explain in your own words why the sea is not fuller. ______'),
        ];
        $both = new PageText(3, Size::of(595, 842), [
            TypedLine::of('Cycle of water', 60, 40, 24),
            TypedLine::of('Label the picture.', 60, 90, 12),
            TypedLine::of('sea, vapour, cloud and rain', 60, 120, 12),
            TypedLine::of('Challenge', 60, 180, 24),
            TypedLine::of('As much water leaves it as comes back.', 60, 220, 12),
        ], null);
        $this->assertSame(Role::Key, PackReading::of([...$pages, $both])->verdicts[3]->role);

        // Headings with room under them are a sheet to record something on.
        $record = new PageText(3, $both->size, [
            TypedLine::of('Cycle of water', 60, 40, 24),
            TypedLine::of('Draw it here.', 60, 90, 12),
            TypedLine::of('Challenge', 60, 400, 24),
            TypedLine::of('Write it here.', 60, 450, 12),
        ], null);
        $this->assertNotSame(Role::Key, PackReading::of([...$pages, $record])->verdicts[3]->role);
        // What leaves room to write is a sheet.
        $more = new PageText(3, $both->size, [...$both->lines, TypedLine::of('Name ______', 60, 300, 12)], null);
        $this->assertNotSame(Role::Key, PackReading::of([...$pages, $more])->verdicts[3]->role);
    }

    /**
     * @param  list<string>  ...$pages
     * @return array<int, list<int>>
     */
    private function answers(array ...$pages): array
    {
        return AnsweredQuestions::of(
            array_map(
                fn (array $lines, int $at): PageText => $this->page($at + 1, $lines),
                $pages,
                array_keys($pages),
            ),
        );
    }

    /** @param  list<string>  $lines */
    private function page(int $number, array $lines): PageText
    {
        return new PageText(
            $number,
            Size::of(595, 842),
            array_map(
                fn (string $text, int $at): TextLine => TypedLine::of($text, 60, 90 + 30 * $at, 12),
                $lines,
                array_keys($lines),
            ),
        );
    }
}
