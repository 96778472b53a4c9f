<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\CorrectedPages;
use OpenSlate\Packs\FullerPages;
use OpenSlate\Packs\Furniture;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\PlacedAnswers;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Packs\TextSimilarity;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** Keys that have no other words than their sheets: common practice of teaching resources, no source. */
final class PlacedAnswersTest extends TestCase
{
    private const HEADS = [[60, 120, 'Label the parts with these words.'], [60, 700, 'Look closely.']];

    private const BANK = [[60, 180, 'petal'], [160, 180, 'stem'], [260, 180, 'root'], [360, 180, 'leaf']];

    private const PUT = [[90, 600, 'stem'], [390, 300, 'petal'], [90, 300, 'leaf'], [390, 600, 'root']];

    public function test_words_of_a_bank_that_stand_where_nothing_stood_are_put_in(): void
    {
        $sheet = $this->page(1, 'A plant', [...self::HEADS, ...self::BANK]);
        $this->assertSame([2 => 1], PlacedAnswers::of([
            $sheet,
            $this->page(2, 'A plant', [...self::HEADS, ...self::PUT]),
        ]));
        $this->assertSame([], PlacedAnswers::of([
            $sheet,
            $this->page(2, 'A flower', [...self::HEADS, ...self::PUT]),
        ]), 'another title');
        $other = array_map(fn (array $one): array => [$one[0], $one[1], strrev($one[2])], self::PUT);
        $this->assertSame([], PlacedAnswers::of([
            $sheet,
            $this->page(2, 'A plant', [...self::HEADS, ...$other]),
        ]), 'other words');
    }

    public function test_another_order_of_the_same_cards_is_another_sheet_and_no_key(): void
    {
        $mixed = [[60, 180, 'leaf'], [160, 180, 'root'], [260, 180, 'stem'], [360, 180, 'petal']];
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'A plant', [...self::HEADS, ...self::BANK]),
            $this->page(2, 'A plant', [...self::HEADS, ...$mixed]),
        ]));
    }

    public function test_the_same_lines_with_room_between_them_are_no_key_of_those_without(): void
    {
        $lines = fn (int $apart): array => array_map(
            fn (int $at): array => [60, 160 + $apart * $at, 'Which of the birds'.str_repeat(' here', $at)],
            range(0, 3),
        );
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'Birds', [...self::HEADS, ...$lines(16)]),
            $this->page(2, 'Birds', [...self::HEADS, ...$lines(90)]),
        ]));
    }

    public function test_where_few_words_moved_or_few_stayed_nothing_is_said(): void
    {
        $two = fn (array $words): array => [...self::HEADS, ...$words, ...array_slice(self::BANK, 2)];
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'A plant', [...self::HEADS, ...self::BANK]),
            $this->page(2, 'A plant', $two([[90, 600, 'petal'], [390, 300, 'stem']])),
        ]));
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'Plant', self::BANK),
            $this->page(2, 'Plant', self::PUT),
        ]));
    }

    public function test_cards_that_were_to_be_sorted_are_sorted_where_nothing_is_asked(): void
    {
        $asks = [[60, 120, 'Cut out the cards and glue them.'], [60, 200, 'Alive'], [300, 200, 'Not alive']];
        $cards = [[60, 500, 'crab'], [160, 500, 'stone'], [260, 500, 'gull'], [360, 500, 'rope']];
        $sorted = [[60, 160, 'Alive'], [300, 160, 'Not alive'], [60, 200, 'crab'], [300, 200, 'stone'],
            [60, 240, 'gull'], [300, 240, 'rope']];
        $this->assertSame([2 => 1], PlacedAnswers::of([
            $this->page(1, 'Alive?', [...$asks, ...$cards]),
            $this->page(2, 'Alive?', $sorted),
        ]));
        $this->assertSame([3 => 1], PlacedAnswers::of([
            $this->page(1, 'Alive?', $asks),
            $this->page(2, 'Cards', $cards),
            $this->page(3, 'Alive?', $sorted),
        ]), 'the cards on the page behind');
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'Alive?', [[60, 120, 'Talk about these.'], ...array_slice($asks, 1), ...$cards]),
            $this->page(2, 'Alive?', $sorted),
        ]), 'nothing was to be sorted');
        $this->assertSame([], PlacedAnswers::of([
            $this->page(1, 'Alive?', [...$asks, ...$cards]),
            $this->page(2, 'Alive?', [...$sorted, [60, 400, 'Why?'], [60, 420, 'How?']]),
        ]), 'something is asked');
    }

    public function test_the_same_sentences_with_more_marks_are_corrected_whichever_comes_first(): void
    {
        $plain = [[60, 120, 'Mend these.'], [60, 160, 'we saw gulls crabs and seals'],
            [60, 200, 'tam rowed home to bay']];
        $right = [[60, 120, 'Mend these.'], [60, 160, 'We saw gulls, crabs, and seals.'],
            [60, 200, 'Tam rowed home to Bay.']];
        $this->assertSame([2 => 1], CorrectedPages::of([
            $this->page(1, 'Commas', $plain),
            $this->page(2, 'Commas', $right),
        ]));
        $this->assertSame([1 => 2], CorrectedPages::of([
            $this->page(1, 'Commas', $right),
            $this->page(2, 'Commas', $plain),
        ]));
        $this->assertSame([], CorrectedPages::of([
            $this->page(1, 'Commas', $plain),
            $this->page(2, 'Commas', [$right[0], $plain[1], [60, 200, 'Tam rowed home to bay.']]),
        ]), 'two marks are another setting');
        $this->assertSame([], CorrectedPages::of([
            $this->page(1, 'Commas', $plain),
            $this->page(2, 'Commas', [...$right, [60, 240, 'more']]),
        ]));
    }

    public function test_what_has_all_the_words_of_a_key_and_asks_more_is_none(): void
    {
        $meanings = fn (string $mark, string ...$more): array => array_map(
            fn (string $line, int $at): array => [60, 160 + 30 * $at, $line],
            [...$more, "oar {$mark} a pole to row with", "slip {$mark} a slope for boats", "oak {$mark} a hard wood"],
            array_keys([...$more, 1, 2, 3]),
        );
        $roles = $this->roles([
            $this->page(1, 'Words', $meanings('•', 'Draw a line from each word to its meaning, please.')),
            $this->page(2, 'Words: solution', $meanings('is')),
        ]);
        $this->assertNotSame('key', $roles[0]);
        $this->assertSame('key', $roles[1]);
        $text = $this->page(1, 'The boat', $meanings('is'));
        $asked = $this->page(2, 'The boat', [...$meanings('is'), [60, 400, '1. Which word is that of a tree?'],
            [60, 440, '2. Write it here: ________']]);
        $this->assertNotSame('key', $this->roles([$text, $asked])[1]);
    }

    public function test_a_title_that_counts_stays_where_it_comes_back_and_a_running_head_does_not(): void
    {
        $left = fn (int $height): int => count(Furniture::removed(array_map(
            fn (int $number): PageText => new PageText($number, Size::of(595, 842), [
                $this->line("Mend it! Week {$number}", 60, 30, $height),
                $this->line('we saw gulls and crabs on the pier', 60, 200, 12),
            ]),
            range(1, 5),
        ))[3]->lines);
        $this->assertSame([2, 1], [$left(20), $left(12)]);
    }

    public function test_the_title_of_a_text_its_questions_and_its_key_stays_on_each(): void
    {
        $page = fn (int $number, string $title): PageText => new PageText($number, Size::of(595, 842), [
            $this->line($title, 60, 40, 20),
            $this->line('Saltmarsh readers', 60, 800, 8),
            $this->line('the wind pulled at it', 60, 200, 12),
        ]);
        $titles = ['The kite', 'The kite', 'The old bus', 'The old bus', 'The kite'];
        $this->assertSame($titles, array_map(
            fn (PageText $left): string => implode('|', array_column(array_slice($left->lines, 0, -1), 'text')),
            Furniture::removed(array_map($page, range(1, 5), $titles)),
        ));
    }

    public function test_what_is_headed_as_ones_own_is_the_students_and_what_tells_much_is_no_cover(): void
    {
        $task = [[60, 200, 'With your group you will build a bridge that holds a tin.']];
        $first = $this->page(1, 'Bridges', [], 40);
        $this->assertSame('student', $this->roles([$first, $this->page(2, 'Your task', $task)])[1]);
        $this->assertSame('unknown', $this->roles([$first, $this->page(2, 'A task', $task)])[1]);
        $told = fn (int $sentences): array => array_map(
            fn (int $at): array => [60, 200 + 30 * $at, 'The bay was calm that day.'],
            range(1, $sentences),
        );
        $this->assertSame('cover', $this->roles([$this->page(1, 'Bridges', $told(3), 40)])[0]);
        $this->assertNotSame('cover', $this->roles([$this->page(1, 'Bridges', $told(4), 40)])[0]);
    }

    public function test_the_second_page_is_no_cover_where_others_have_its_title(): void
    {
        $card = fn (int $number, string $words): PageText => $this->page($number, 'Bingo', [[60, 200, $words]], 40);
        $rules = $this->page(1, 'Rules', [[60, 200, 'Read a sum. Write down each answer. Check it. Draw a line.']]);
        $this->assertSame('cover', $this->roles([$rules, $card(2, '1 2')])[1]);
        $this->assertNotContains('cover', $this->roles([$rules, $card(2, '1 2'), $card(3, '3 4'), $card(4, '5 6')]));
    }

    public function test_a_list_of_two_titles_with_their_pages_is_the_contents(): void
    {
        $list = fn (string ...$lines): array => array_map(
            fn (string $line, int $at): array => [60, 140 + 40 * $at, $line],
            $lines,
            array_keys($lines),
        );
        $pages = fn (string ...$lines): array => [
            $this->page(1, 'What is here', $list(...$lines)),
            $this->page(2, 'Estuary', [[60, 200, 'Write what it means.'], [60, 400, '________']]),
            $this->page(3, 'Erosion', [[60, 200, 'Draw what it does.'], [60, 400, '________']]),
        ];
        $this->assertSame('contents', $this->roles($pages('Estuary ..... 2', 'Erosion ..... 3'))[0]);
        $this->assertNotSame('contents', $this->roles($pages('Estuary ..... 3', 'Erosion ..... 2'))[0]);
        $this->assertNotSame('contents', $this->roles($pages('Estuary ..... 2', 'Harbours .... 3'))[0]);
    }

    public function test_places_to_write_on_make_a_sheet_of_what_says_too_little(): void
    {
        $speech = [[60, 160, 'Opening'], [60, 300, 'Reasons'], [60, 500, 'Closing']];
        $role = fn (?int $blanks, array $words = []): string => $this->roles([
            $this->page(1, 'Debates', [], 40),
            $this->page(2, 'A speech', [...$speech, ...$words], blanks: $blanks),
        ])[1];
        $this->assertSame(['unknown', 'unknown', 'student'], [$role(null), $role(2), $role(3)]);
        $task = [[60, 120, 'Make a plan.']];
        $this->assertSame(['unknown', 'student'], [$role(0, $task), $role(1, $task)]);
        $twice = $this->roles([
            $this->page(1, 'Debates', [], 40),
            $this->page(2, 'A speech', $speech, blanks: 3),
            $this->page(3, 'A speech', [[60, 160, 'Birds of the bay'], [60, 300, 'boats']], blanks: 3),
        ]);
        $this->assertSame(['unknown', 'unknown'], array_slice($twice, 1), 'one may be the answer to the other');
    }

    public function test_blanks_are_looked_for_where_the_words_say_too_little_and_there_is_ink(): void
    {
        $page = fn (int $number, string $title, float $ink): PageText => new PageText(
            $number,
            Size::of(595, 842),
            [$this->line($title, 60, 80, 20), $this->line(strrev($title), 60, 200, 12)],
            $ink,
        );
        $asked = [];
        $verdicts = PackReading::of(
            [$this->page(1, 'Debates', [], 40), $page(2, 'Speeches', 0.05), $page(3, 'Voices', 0.008),
                $this->page(4, 'Sheet', [[60, 200, 'Write. Draw. Measure. Name: ____']])],
            function (array $open) use (&$asked): array {
                $asked[] = $open;

                return [2 => 4];
            },
        )->verdicts;
        $this->assertSame([[1, 2]], $asked, 'a large heading may be that of a sheet');
        $this->assertSame(
            ['has places to write on', 'too little tells what it is for'],
            [$verdicts[2]->reason, $verdicts[3]->reason],
        );
    }

    public function test_a_first_page_with_a_large_heading_is_no_cover_where_there_is_room_to_write(): void
    {
        $read = fn (float $ink, ?int $room): array => PackReading::of(
            [
                new PageText(1, Size::of(595, 842), [$this->line('My best day', 60, 80, 32)], $ink, blanks: $room),
                $this->page(2, 'Harbour', [[60, 200, 'Name: ________'], [60, 300, 'Draw it.']]),
            ],
            fn (array $open): array => array_fill_keys($open, 5),
        )->verdicts;
        $role = fn (float $ink, ?int $room = null): string => $read($ink, $room)[1]->role->value;

        $this->assertSame('student', $role(0.05));
        $this->assertSame('student', $role(0.05, 4), 'it is known before');
        $this->assertSame('cover', $role(0.4), 'with a picture on it it is a cover, and nobody looks');
        $this->assertSame('cover', $role(0.006), 'nothing is on it besides its title');
    }

    public function test_a_first_page_that_asks_for_something_below_its_heading_is_no_cover(): void
    {
        $role = fn (string $words): string => $this->roles([
            $this->page(1, 'Read and write', [[60, 400, $words]], 32),
            $this->page(2, 'Harbour', [[60, 200, 'Name: ________'], [60, 300, 'Draw it.']]),
        ])[0];

        $this->assertSame('cover', $role('A pack of harbour words'));
        $this->assertNotSame('cover', $role('Draw the best day of your year.'));
        // Where its heading is on all pages, and so a running head, the task is what the page is called by.
        $sheets = array_map(
            fn (int $at): PageText => new PageText($at, Size::of(595, 842), [
                $this->line('Handwriting', 60, 30, 18),
                $this->line('Trace the letter. Write it on the lines.', 60, 200, 13),
                $this->line(implode(' ', array_fill(0, 3, chr(96 + $at))), 60, 240, 30),
            ], 0.05),
            range(1, 4),
        );
        $this->assertNotContains('cover', $this->roles($sheets));
    }

    public function test_a_title_by_itself_on_the_first_page_need_not_be_much_larger_than_others(): void
    {
        $role = fn (int $height, string $words = 'A pack of harbour words'): string => $this->roles([
            $this->page(1, 'At the harbour', [[60, 400, $words]], $height),
            $this->page(2, 'Boats', [[60, 200, 'Name: ________'], [60, 300, 'Draw one.']], 16),
            $this->page(3, 'Birds', [[60, 200, 'Name: ________'], [60, 300, 'Draw one.']], 16),
        ])[0];

        $this->assertSame(['unknown', 'cover'], [$role(18), $role(21)]);
        $this->assertNotSame('cover', $role(21, 'Which do you know?'));
        $many = str_repeat('word ', 40);
        $this->assertSame(['unknown', 'cover'], [$role(21, $many), $role(23, $many)]);
    }

    public function test_many_words_as_large_as_the_largest_are_cards_and_no_cover(): void
    {
        $page = fn (int $count): PageText => new PageText(1, Size::of(595, 842), array_map(
            fn (string $word, int $at): TextLine => $this->line($word, 60, 80 + 90 * $at, 40),
            array_slice(['swim', 'dive', 'sail', 'float', 'sink'], 0, $count),
            range(0, $count - 1),
        ), 0.05);
        $boats = $this->page(2, 'Boats', [[60, 200, 'Draw.']]);
        $role = fn (int $count): string => $this->roles([$page($count), $boats])[0];

        $this->assertSame('cover', $role(4));
        $this->assertNotSame('cover', $role(5));
    }

    public function test_pages_before_a_key_that_has_their_title_are_the_students(): void
    {
        $role = fn (string $title): string => $this->roles([
            $this->page(1, 'Fill the harbour', []),
            $this->page(2, $title, [[60, 110, 'Answers'], [60, 200, 'boats, nets and crabs']]),
        ])[0];

        $this->assertSame('student', $role('Fill the harbour'));
        $this->assertNotSame('student', $role('Fill the beach'));
        $this->assertSame(
            ['key', 'unknown'],
            $this->roles([
                $this->page(1, 'Fill the harbour', [[60, 110, 'Answers'], [60, 200, 'boats, nets and crabs']]),
                $this->page(2, 'Fill the harbour', [[60, 200, 'gulls']]),
            ]),
            'what follows a key may go on with it',
        );
    }

    public function test_tables_of_several_weeks_are_no_answers_to_each_other_nor_are_copies(): void
    {
        $heads = [[60, 160, 'Date'], [160, 160, 'Book'], [260, 160, 'Pages'], [360, 160, 'Signed']];
        $roles = fn (string $first, string $second, float $ink = 0.05): array => $this->roles([
            $this->page(1, $first, $heads, blanks: 28),
            new PageText(2, Size::of(595, 842), $this->page(2, $second, $heads)->lines, $ink, blanks: 28),
        ]);

        $this->assertSame(['student', 'student'], $roles('Week 1', 'Week 2'));
        $this->assertSame(['unknown', 'unknown'], $roles('What I read', 'All that I read'));
        $this->assertSame(['student', 'student'], $roles('What I read', 'What I read'));
        $this->assertSame(['unknown', 'unknown'], $roles('What I read', 'What I read', 0.06), 'one may be filled in');
    }

    public function test_answers_need_not_have_the_line_for_the_name(): void
    {
        $sums = fn (string ...$answers): array => array_map(
            fn (string $sum, int $at): array => [60, 160 + 30 * $at, trim($sum.' '.($answers[$at] ?? ''))],
            ['3 × 4 =', '6 × 5 =', '7 × 8 =', '9 × 2 =', '8 × 6 =', '4 × 4 ='],
            range(0, 5),
        );
        $sheet = $this->page(1, 'Tables, set A', [[60, 120, 'Name ____ Time ____ Score ___ / 6'], ...$sums()]);
        $roles = fn (string ...$answers): array => $this->roles([
            $sheet,
            $this->page(2, 'Tables, set A', $sums(...$answers)),
        ]);

        $this->assertSame(['student', 'key'], $roles('12', '30', '56', '18', '48', '16'));
        $this->assertNotSame('key', $roles()[1]);
    }

    public function test_numbers_with_nothing_behind_them_do_not_make_a_list_of_words_their_answers(): void
    {
        $list = fn (int $number, string $title, string $word): PageText => $this->page($number, $title, array_map(
            fn (int $at): array => [60, 160 + 30 * $at, trim("{$at}. {$word}".($word === '' ? '' : chr(96 + $at)))],
            range(1, 12),
        ));
        $roles = fn (string $title): array => $this->roles([
            $list(1, 'Spelling record', ''),
            $list(2, $title, 'harbour'),
        ]);

        $this->assertNotSame('key', $roles('Spelling list')[1]);
        $this->assertSame('key', $roles('Spelling record')[1]);
    }

    public function test_a_page_repeats_the_one_that_it_has_most_of_and_not_the_nearest(): void
    {
        $week = fn (int $page, int $week, string $more): PageText => $this->page($page, "Bell work, week {$week}", [
            [60, 160, "Monday: what is {$week} times {$week}?"],
            [60, 200, "Tuesday: name two birds of the bay {$more}"],
            [60, 240, 'Wednesday: which word rhymes with tide'],
        ]);
        $verdicts = PackReading::of([
            $week(1, 1, ''),
            $week(2, 2, ''),
            $week(3, 1, 'tern gull oystercatcher'),
            $week(4, 2, 'tern gull oystercatcher'),
        ])->verdicts;
        $this->assertSame([null, null, 1, 2], array_column($verdicts, 'repeats'));
    }

    public function test_lines_that_go_on_in_small_letters_ask_nothing(): void
    {
        $this->assertSame(0, RoleSigns::tasks("The place\nwhere a river meets the sea\nwhich is wide"));
        $this->assertSame(2, RoleSigns::tasks("Where does it flow\n2. When is the tide in"));
        $this->assertSame(1, RoleSigns::tasks('a) write it down'));
    }

    public function test_keys_and_notes_for_teachers_are_titled_in_other_languages_too(): void
    {
        foreach (['Lösungen', 'Respuestas', 'El pretérito: respuestas', 'Corrigé', 'Atebion'] as $title) {
            $this->assertTrue(RoleSigns::isKeyHeading($title), $title);
        }
        foreach (['Deine Antworten', 'Mis respuestas', 'Tes réponses', 'Problem and solution'] as $title) {
            $this->assertFalse(RoleSigns::isKeyHeading($title), $title);
        }
        $guides = ['Using these cards', 'Für die Lehrkraft', 'Para el maestro', 'Pour l’enseignant', 'About this unit'];
        foreach ($guides as $title) {
            $this->assertTrue(RoleSigns::isGuideHeading($title), $title);
        }
        $this->assertTrue(RoleSigns::hasNameLine('Nombre: ____'));
    }

    public function test_answers_may_have_but_the_beginning_of_the_title(): void
    {
        $lines = fn (string ...$said): array => array_map(
            fn (string $line, int $at): array => [60, 160 + 30 * $at, $line],
            $said,
            array_keys($said),
        );
        $sheet = $this->page(1, 'Rivers: exit slip', $lines('1. What is a mouth?', '2. What is a bed?', '3. Why?'));
        $key = fn (string $title): PageText => $this->page(2, $title, $lines('1. the end', '2. the floor', '3. rain'));
        $this->assertSame('key', $this->roles([$sheet, $key('Rivers')])[1]);
        $this->assertNotSame('key', $this->roles([$sheet, $key('River')])[1]);
        $this->assertNotSame('key', $this->roles([$sheet, $key('Exit slip')])[1]);
    }

    public function test_what_has_its_answers_on_another_page_is_no_answer_to_that(): void
    {
        $cards = [[60, 160, 'Wash the jar.'], [60, 190, 'Add the water.'], [60, 220, 'Cover it with cloth.']];
        $sorted = [[90, 500, 'Add the water.'], [90, 540, 'Cover it with cloth.'], [90, 460, 'Wash the jar.']];
        $roles = $this->roles([
            $this->page(1, 'Cut and order', [[60, 120, 'Cut out the steps. Glue them in order.'], ...$cards]),
            $this->page(2, 'Cut and order', $sorted),
        ]);
        $this->assertSame(['student', 'key'], $roles);
    }

    public function test_of_many_pages_under_one_title_only_the_few_most_alike_are_compared(): void
    {
        $ticket = fn (int $number, string $words): PageText => $this->page($number, 'Exit ticket', [[60, 160, $words]]);
        $same = 'boats gulls crabs seals tides';
        $pages = [
            $ticket(1, "{$same} rope"),
            $ticket(2, 'quite other words stand here alone now'),
            ...array_map(fn (int $number): PageText => $ticket($number, $same), range(3, 14)),
            $ticket(15, "{$same} rope oar sail"),
        ];
        $last = end($pages);
        $nearest = FullerPages::nearest($last, array_slice($pages, 0, -1), new TextSimilarity($pages));
        $this->assertSame([1, 14, 13, 12, 11, 10, 9, 8], array_column($nearest, 'number'));
        $this->assertSame([], FullerPages::nearest($pages[1], [$pages[0]], new TextSimilarity($pages)));
    }

    public function test_a_line_for_the_team_is_a_line_for_the_name(): void
    {
        $this->assertTrue(RoleSigns::hasNameLine('Team: ____________'));
        $this->assertTrue(RoleSigns::hasNameLine('Our names ________'));
        $this->assertFalse(RoleSigns::hasNameLine('Team work is fun'));
        $this->assertFalse(RoleSigns::hasNameLine('Group the words: ______'));
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<string>
     */
    private function roles(array $pages): array
    {
        return array_map(
            fn (Verdict $one): string => $one->role->value,
            array_values(PackReading::of($pages)->verdicts),
        );
    }

    /** @param  list<array{int, int, string}>  $lines  x, y and words */
    private function page(int $number, string $title, array $lines, int $height = 20, ?int $blanks = null): PageText
    {
        return new PageText(
            $number,
            Size::of(595, 842),
            [$this->line($title, 60, 80, $height), ...array_map(
                fn (array $line): TextLine => $this->line($line[2], $line[0], $line[1], 12),
                $lines,
            )],
            0.05,
            blanks: $blanks,
        );
    }

    private function line(string $text, int $x, int $y, int $height): TextLine
    {
        $words = [];
        $at = $x;
        foreach (explode(' ', $text) as $word) {
            $words[] = new Word($word, Frame::of($at, $y, 6 * strlen($word), $height));
            $at += 6 * strlen($word) + 6;
        }

        return new TextLine($text, Frame::of($x, $y, $at - $x, $height), $words);
    }
}
