<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Questions\TableChoices;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Statements in a table with a column for each thing that may be true of them: common practice, no source. */
final class TableChoicesTest extends TestCase
{
    public function test_of_the_cells_behind_a_statement_one_is_ticked(): void
    {
        $choices = TableChoices::find($this->table(['True', 'False'])->marks());
        $this->assertSame(['Crabs swim 1', 'Crabs swim 2'], array_column($choices, 'label'));
        foreach ($choices as $row => $choice) {
            $this->assertSame(['True', 'False'], $choice->choices());
            $this->assertInstanceOf(ChoiceAnswer::class, $choice->form);
            $this->assertFalse($choice->form->many);
            $this->assertEqualsWithDelta(
                [220, 124 + 24 * $row, 100, 24],
                [$choice->frame->x, $choice->frame->y, $choice->frame->width, $choice->frame->height],
                1.0,
            );
        }
        $this->assertCount(2, TableChoices::find($this->table(['Sí', 'No'])->marks()));
        $this->assertSame(
            ['Always', 'Sometimes', 'Never'],
            TableChoices::find($this->table(['Always', 'Sometimes', 'Never'])->marks())[0]->choices(),
        );
    }

    public function test_its_cells_are_no_blanks_of_their_own_and_those_of_other_tables_are(): void
    {
        $kinds = function (PrintedSheet $sheet): array {
            $blanks = BlankFinder::find($sheet->marks());
            $all = QuestionBlanks::of($sheet->marks(), $blanks, QuestionFinder::find($sheet->marks(), $blanks));

            return array_map(fn (Blank $one): string => $one->kind->value, $all);
        };
        $this->assertSame(['choice', 'choice'], $kinds($this->table(['True', 'False'])));
        $this->assertSame(array_fill(0, 4, 'cell'), $kinds($this->table(['Food', 'Home'])));
        $this->assertSame(array_fill(0, 4, 'cell'), $kinds($this->table(['No', 'Home'])), 'a number of each');
        $this->assertNotContains('choice', $kinds($this->table(['True', 'False'], '')), 'of no statement');
    }

    public function test_a_head_may_be_of_two_words_and_a_cell_with_something_in_it_stays_a_cell(): void
    {
        $this->assertCount(2, TableChoices::find($this->table(['Certain', 'Not sure'])->marks()));
        $table = $this->table(['True', 'False', 'Why'])->marks();
        $blanks = BlankFinder::find($table);
        $all = QuestionBlanks::of($table, $blanks, []);
        $kinds = array_count_values(array_map(fn (Blank $one): string => $one->kind->value, $all));
        $this->assertSame(['cell' => 2, 'choice' => 2], $kinds, 'the reasons are written beside');
    }

    public function test_a_row_that_is_done_already_is_an_example(): void
    {
        $sheet = $this->table(['True', 'False'])->words('x', 240, 129);
        $this->assertSame(['Crabs swim 2'], array_column(TableChoices::find($sheet->marks()), 'label'));
    }

    public function test_in_a_picture_they_are_found_once_its_words_are_read(): void
    {
        $marks = $this->table(['True', 'False'])->marks();
        $unread = new Marks($marks->size, $marks->rules, lines: $marks->lines, readable: false, seen: true);
        $this->assertSame([], TableChoices::find($unread));
        $read = $unread->read($marks->lines);
        $this->assertCount(2, TableChoices::find($read));
        $cells = BlankFinder::find($unread);
        $this->assertCount(4, $cells);
        $this->assertSame($cells, QuestionBlanks::further($read, $cells, []), 'what was found before stays as it is');
    }

    /** @param  list<string>  $heads */
    private function table(array $heads, string $statement = 'Crabs swim'): PrintedSheet
    {
        $sheet = (new PrintedSheet())->grid(60, 100, [160, ...array_fill(0, count($heads), 50)], [24, 24, 24]);
        foreach ($heads as $at => $head) {
            $sheet->words($head, 222 + 50 * $at, 105);
        }
        foreach ($statement === '' ? [] : [1, 2] as $row) {
            $sheet->words("{$statement} {$row}", 66, 105 + 24 * $row);
        }

        return $sheet;
    }
}
