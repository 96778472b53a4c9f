<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use PHPUnit\Framework\TestCase;
use Tests\Support\TypedLine;

/** Pages that say little more than their name, and those that have more on them. */
final class FullerPagesTest extends TestCase
{
    private const PLAIN = [[0, 0, '5'], [2, 1, '4'], [1, 3, '1'], [3, 3, '2']];

    private const FULL = [...self::PLAIN, [1, 0, '2'], [2, 0, '1'], [3, 0, '4'], [0, 1, '3']];

    public function test_a_grid_that_is_filled_where_another_is_not_is_its_key(): void
    {
        $this->assertSame(['student', 'key'], $this->roles([
            $this->page('Sudoku', self::PLAIN),
            $this->page('Sudoku', self::FULL),
        ]));
        // Whatever is between them; a page before it is none.
        $this->assertSame(['student', 'student', 'key'], $this->roles([
            $this->page('Sudoku', self::PLAIN),
            $this->page('Maze', []),
            $this->page('Sudoku', self::FULL),
        ]));
        $this->assertNotContains('key', $this->roles([
            $this->page('Sudoku', self::FULL),
            $this->page('Sudoku', self::PLAIN),
        ]));
    }

    public function test_the_first_page_is_no_cover_where_another_has_its_answers(): void
    {
        $verdicts = PackReading::of([
            $this->page('Sudoku', self::PLAIN, number: 1),
            $this->page('Sudoku', self::FULL, number: 2),
        ])->verdicts;

        $this->assertSame([Role::Student, Role::Key], [$verdicts[1]->role, $verdicts[2]->role]);
    }

    public function test_gaps_that_are_filled_in_their_places_are_a_key(): void
    {
        $parts = fn (string ...$words): PageText => $this->page('Parts of a boat', array_merge(
            [[0, 0, 'Label them.']],
            array_map(
                fn (string $word, int $at): array => [0, $at + 1, ($at + 1)." {$word}"],
                $words,
                array_keys($words),
            ),
        ));

        $this->assertSame(['student', 'key'], $this->roles([
            $parts('______', '______', '______'),
            $parts('mast', 'keel', 'bow'),
        ]));
    }

    public function test_another_puzzle_of_the_same_name_is_no_key_and_neither_is_surely_the_students(): void
    {
        $other = array_map(fn (array $one): array => [3 - $one[0], $one[1], $one[2]], self::FULL);

        $this->assertSame(['unknown', 'unknown'], $this->roles([
            $this->page('Sudoku', self::PLAIN),
            $this->page('Sudoku', $other),
        ]));
    }

    public function test_of_two_word_searches_the_one_with_more_ink_is_the_key(): void
    {
        $search = fn (?float $ink): PageText => $this->page('Word search', self::FULL, $ink);

        $this->assertSame(['student', 'key'], $this->roles([$search(0.04), $search(0.06)]));
        $this->assertSame(['student', 'student'], $this->roles([$search(0.04), $search(0.04)]), 'copies');
        $this->assertSame(['unknown', 'unknown'], $this->roles([$search(null), $search(null)]));
        // More lines to write on are no answer.
        $notes = fn (float $ink): PageText => $this->page('My notes', [], $ink);
        $this->assertNotContains('key', $this->roles([$notes(0.02), $notes(0.05)]));
    }

    public function test_what_asks_for_more_is_no_answer(): void
    {
        $asks = [...self::FULL, [0, 5, 'Why?'], [0, 6, 'How?'], [0, 7, 'Who?']];

        $this->assertNotContains('key', $this->roles([
            $this->page('Sudoku', self::PLAIN),
            $this->page('Sudoku', $asks),
        ]));
    }

    public function test_a_puzzle_alone_and_a_text_beside_its_questions_are_the_students(): void
    {
        $this->assertSame(['student', 'unknown'], $this->roles([
            $this->page('Join the dots', []),
            $this->page('The quiet bay', []),
        ]));
        $text = [];
        foreach (range(0, 9) as $row) {
            $text[] = [0, $row, 'The Petrel left the quiet bay with timber for the north.'];
        }
        $questions = [[0, 0, '1. What did she carry?'], [0, 1, '2. Why did she go?'], [0, 2, '3. When was it?']];
        $this->assertSame(['student', 'student'], $this->roles([
            $this->page('The Petrel', $text),
            $this->page('The Petrel', $questions),
        ]));
        $this->assertSame(['unknown', 'student'], $this->roles([
            $this->page('The tern', $text),
            $this->page('The Petrel', $questions),
        ]));
    }

    public function test_sheets_that_come_back_page_after_page_with_more_ink_are_their_keys(): void
    {
        $sheet = fn (string $title, float $ink): PageText => $this->page($title, [
            [0, 0, 'Underline them.'],
            [0, 1, 'The grey boat sails to the harbour.'],
        ], $ink);

        $this->assertSame(['student', 'student', 'key', 'key'], array_slice($this->roles([
            $sheet('Nouns', 0.04),
            $sheet('Verbs', 0.04),
            $sheet('Nouns', 0.041),
            $sheet('Verbs', 0.041),
        ]), 0, 4));
        $this->assertNotContains('key', $this->roles([
            $sheet('Nouns', 0.04),
            $sheet('Verbs', 0.04),
            $sheet('Nouns', 0.041),
            $this->page('The end', [], 0.02),
        ]), 'one alone may have more lines to write on');
        $this->assertNotContains('key', $this->roles([
            $sheet('Nouns', 0.04),
            $sheet('Verbs', 0.04),
            $sheet('Nouns', 0.0401),
            $sheet('Verbs', 0.0401),
        ]), 'another number of the page');
    }

    public function test_what_is_printed_large_is_a_poster_unless_its_words_are_on_another_page(): void
    {
        $poster = $this->page('Nouns', []);
        $lines = $poster->lines;
        foreach (['words for people, places and things', 'boat, harbour, keeper, tern'] as $at => $said) {
            $lines[] = TypedLine::of($said, 60, 200 + 60 * $at, 24);
        }
        $poster = new PageText(1, $poster->size, $lines, 0.05);
        $small = $this->page('Words', [[0, 0, 'words for people, places and things: boat, harbour, keeper, tern']]);

        $this->assertSame(['student'], $this->roles([$poster]));
        $this->assertSame('unknown', $this->roles([$poster, $small])[0]);
        // One that stands low on its page has no title; asking for something, it is the students'.
        $low = new PageText(1, $poster->size, [
            TypedLine::of('Trace words for people, places and things', 40, 640, 24),
            TypedLine::of('boat, harbour, keeper, tern', 40, 700, 24),
        ], 0.05);
        $this->assertSame('', $low->name());
        $this->assertSame('student', $this->roles([$low, $small])[0]);
    }

    public function test_the_plain_page_says_which_page_has_its_answers(): void
    {
        $reading = PackReading::of([
            $this->page('Welcome to all', [], number: 1),
            $this->page('Sudoku', self::PLAIN, number: 2),
            $this->page('Sudoku', self::FULL, number: 3),
        ]);

        $this->assertSame('page 3 repeats it with more on it', $reading->verdicts[2]->reason);
        $this->assertSame([2], $reading->answers[3]);
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<string> the role of each, behind two that are none of them
     */
    private function roles(array $pages): array
    {
        $all = [$this->page('Harbour Puzzles', [], number: 1), $this->page('For a wet day', [], number: 2)];
        foreach ($pages as $at => $page) {
            $all[] = new PageText($at + 3, $page->size, $page->lines, $page->ink);
        }
        $verdicts = PackReading::of($all)->verdicts;
        unset($verdicts[1], $verdicts[2]);

        return array_map(fn (Verdict $one): string => $one->role->value, array_values($verdicts));
    }

    /** @param  list<array{int, int, string}>  $cells  across, down, and what stands there */
    private function page(string $title, array $cells, ?float $ink = 0.05, int $number = 1): PageText
    {
        $lines = [TypedLine::of($title, 60, 60, 24)];
        foreach ($cells as [$column, $row, $text]) {
            $lines[] = TypedLine::of($text, 80 + 30 * $column, 140 + 30 * $row, 12);
        }

        return new PageText($number, Size::of(595, 842), $lines, $ink);
    }
}
