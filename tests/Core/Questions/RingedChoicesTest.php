<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Choices that are printed to be ringed (common practice of worksheets, no source). */
final class RingedChoicesTest extends TestCase
{
    public function test_letters_that_count_up_under_a_question_are_choices_of_it(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Which of these floats?', 72, 100)
            ->words('a) a stone', 90, 120)
            ->words('b) a cork', 90, 140)
            ->words('c) a key', 90, 160)
            ->words('2. Which is the highest?', 72, 200)
            ->words('A. 4 m', 240, 200)
            ->words('B. 5 m', 320, 200)
            ->words('C. 6 m', 400, 200);
        $this->assertSame(
            [['a) a stone', 'b) a cork', 'c) a key'], ['A. 4 m', 'B. 5 m', 'C. 6 m']],
            $this->choices($sheet),
        );
        $this->assertSame([[89.0, 120.0]], [$this->firstOf($sheet)], 'the ring goes round the letter, not the article');
    }

    public function test_two_letters_are_none_and_where_something_is_to_be_filled_in_there_are_none(): void
    {
        $two = (new PrintedSheet())->words('1. Which? a) rope b) sail', 72, 100)->words('2. Why? ______', 72, 130);
        $this->assertSame([], $this->choices($two));
        $filled = (new PrintedSheet())
            ->words('1. Which is it? ________', 72, 100)
            ->words('a) rope', 90, 120)
            ->words('b) sail', 90, 140)
            ->words('c) oar', 90, 160)
            ->words('2. Why? ______', 72, 200);
        $this->assertSame([], $this->choices($filled));
    }

    public function test_pairs_are_chosen_from_where_they_say_so_or_the_question_does(): void
    {
        $said = fn (string $words): array => $this->choices(
            (new PrintedSheet())->words("1. {$words}", 72, 100)->words('2. Why? ______', 72, 140),
        );
        $this->assertSame([['True', 'False']], $said('The moon is a star? True / False'));
        $this->assertSame([['Yes', 'No']], $said('Is it far? Yes/No'));
        $this->assertSame([['is', 'are'], ['go', 'goes']], $said('Circle the word: it is/are on and they go/goes.'));
        $this->assertSame([], $said('What is said of wind and/or rain?'));
        $this->assertSame([], $said('Circle the date: 3/4 or later.'));
    }

    public function test_what_a_part_has_to_choose_from_is_not_its_wholes_as_well(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Say what is so.', 72, 100)
            ->words('a) Is it wet? Yes / No', 90, 130)
            ->words('b) Is it deep? Yes / No', 90, 160)
            ->words('2. Why? ______', 72, 220);

        $this->assertSame([['Yes', 'No'], ['Yes', 'No']], $this->choices($sheet));
    }

    public function test_a_question_that_is_answered_by_choosing_has_no_room_as_well(): void
    {
        $sheet = (new PrintedSheet())->words('1. Is it far? Yes / No', 72, 100)->words('2. Why? ______', 72, 200);
        $kinds = array_map(fn (Blank $blank): BlankKind => $blank->kind, $this->all($sheet));
        $this->assertSame([BlankKind::Gap, BlankKind::Choice], $kinds);
        $this->assertSame(
            [BlankKind::Gap],
            array_map(fn (Blank $blank): BlankKind => $blank->kind, QuestionBlanks::without($this->all($sheet))),
        );
    }

    /** @return list<list<string>> the words of each group */
    private function choices(PrintedSheet $sheet): array
    {
        $groups = array_filter($this->all($sheet), fn (Blank $blank): bool => $blank->kind === BlankKind::Choice);

        return array_values(array_map(fn (Blank $blank): array => $blank->choices(), $groups));
    }

    /** @return list<float> where the first choice of the first group begins */
    private function firstOf(PrintedSheet $sheet): array
    {
        foreach ($this->all($sheet) as $blank) {
            if ($blank->form instanceof ChoiceAnswer) {
                $option = $blank->form->options[0];

                return [
                    round($blank->frame->x + $option->left * $blank->frame->width + 2),
                    round($blank->frame->y + $option->top * $blank->frame->height + 1),
                ];
            }
        }

        return [];
    }

    /** @return list<Blank> */
    private function all(PrintedSheet $sheet): array
    {
        $blanks = $sheet->blanks();

        return QuestionBlanks::of($sheet->marks(), $blanks, QuestionFinder::find($sheet->marks(), $blanks));
    }
}
