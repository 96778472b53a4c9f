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

    public function test_choices_far_apart_on_one_line_are_of_few_words_each(): void
    {
        $sheet = fn (string $last): PrintedSheet => (new PrintedSheet())
            ->words('1. Ring what floats.', 72, 100)
            ->words('a cork', 90, 124)
            ->words('a stone', 220, 124)
            ->words($last, 350, 124)
            ->words('2. Why? ______', 72, 170);
        $this->assertSame([['a cork', 'a stone', 'an iron key']], $this->choices($sheet('an iron key')));
        $this->assertSame([], $this->choices($sheet('an iron key that was found in the harbour')));
    }

    public function test_letters_that_begin_later_are_none(): void
    {
        $of = function (string $letters): array {
            $sheet = (new PrintedSheet())->words('1. Which of these floats?', 72, 60);
            foreach (str_split($letters) as $at => $letter) {
                $sheet->words("{$letter}) thing {$at}", 90, 80 + 20 * $at);
            }

            return $this->choices($sheet->words('2. Why? ______', 72, 100 + 20 * strlen($letters)));
        };

        $this->assertCount(1, $of('abcd'));
        $this->assertSame([], $of('bcde'));
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
        $this->assertSame([['vrai', 'faux']], $said('La lune est une étoile. vrai / faux'));
        $this->assertSame([['richtig', 'falsch']], $said('Der Mond ist ein Stern. richtig / falsch'));
        $this->assertSame([], $said('Le vent et/ou la pluie.'));
        $this->assertSame([], $said('Circle the date: 3/4 or later.'));
    }

    public function test_a_pair_that_stands_apart_at_the_end_of_a_statement_is_chosen_from(): void
    {
        $said = function (string $first, string $second, float $apart): array {
            $sheet = (new PrintedSheet())->words('True or not?', 72, 70);
            foreach (['The sea is salty.', 'Sand is a metal.', 'Crabs have ten legs.'] as $at => $statement) {
                $number = $at + 1;
                $sheet->words("{$number}. {$statement}", 72, 100 + 30 * $at)
                    ->words($first, 240, 100 + 30 * $at)
                    ->words($second, 240 + 6 * strlen($first) + $apart, 100 + 30 * $at);
            }

            return $this->choices($sheet);
        };
        $this->assertSame(array_fill(0, 3, ['T', 'F']), $said('T', 'F', 12));
        $this->assertSame(array_fill(0, 3, ['richtig', 'falsch']), $said('richtig', 'falsch', 20));
        $this->assertSame([], $said('tide', 'time', 20));
        $this->assertSame([], $said('yes', 'no', 3), 'said in one breath');
    }

    public function test_words_with_articles_are_chosen_with_them_and_more_than_two_are_one_group(): void
    {
        $said = fn (string $words): array => $this->choices(
            (new PrintedSheet())->words("1. {$words}", 72, 100)->words('2. Why? ______', 72, 140),
        );
        $this->assertSame([['a plant', 'an animal']], $said('Ring it: a limpet is a plant / an animal.'));
        $this->assertSame([['sea', 'sand', 'rock']], $said('Underline it: crabs live in sea / sand / rock.'));
        $this->assertSame([['rises', 'falls']], $said('Circle one: the tide rises / falls twice.'));
        $this->assertSame([['une plante', 'un animal']], $said('Entoure : un crabe est une plante / un animal.'));
        $this->assertSame([['mar', 'playa', 'río']], $said('Subraya: vive en mar / playa / río.'));
    }

    public function test_what_is_filled_in_elsewhere_leaves_a_pair_one_and_what_stands_under_it_makes_it_a_head(): void
    {
        $explained = (new PrintedSheet())
            ->words('1. Is it far? Yes / No', 72, 100)
            ->words('Why? ____________________', 90, 160)
            ->words('2. Who? ______', 72, 200);
        $this->assertSame([['Yes', 'No']], $this->choices($explained));
        $headed = (new PrintedSheet())
            ->words('1. Is it so? Yes / No', 72, 100)
            ->words('A crab swims. ______', 90, 120)
            ->words('2. Who? ______', 72, 200);
        $this->assertSame([], $this->choices($headed));
    }

    public function test_what_stands_apart_is_chosen_from_where_one_is_told_to_choose(): void
    {
        $times = fn (string $directions): PrintedSheet => (new PrintedSheet())
            ->words($directions, 72, 70)
            ->words('1. Which is coldest?', 72, 100)
            ->words('4 °C', 240, 100)
            ->words('−3 °C', 300, 100)
            ->words('0 °C', 360, 100)
            ->words('2. Rain is measured in', 72, 130)
            ->words('litres', 240, 130)
            ->words('grams', 300, 130)
            ->words('3. half past six', 72, 160)
            ->words('06:15', 240, 160)
            ->words('06:30', 300, 160)
            ->words('06:45', 360, 160)
            ->words('4. Why? ______', 72, 200);
        $chosen = [['4 °C', '−3 °C', '0 °C'], ['litres', 'grams'], ['06:15', '06:30', '06:45']];
        $this->assertSame($chosen, $this->choices($times('Ring the right answer.')));
        $this->assertSame([], $this->choices($times('Copy these with care.')));
    }

    public function test_words_apart_on_a_line_of_their_own_are_three_and_what_leads_to_numbers_is_none(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Circle what floats.', 72, 100)
            ->words('cork', 90, 120)
            ->words('stone', 180, 120)
            ->words('oak', 270, 120)
            ->words('2. Circle the time.', 72, 150)
            ->words('half past six', 90, 170)
            ->words('06:15', 240, 170)
            ->words('06:30', 300, 170)
            ->words('06:45', 360, 170)
            ->words('3. Circle one.', 72, 200)
            ->words('left', 90, 220)
            ->words('right', 300, 220)
            ->words('4. Why? ______', 72, 260);
        $this->assertSame([['cork', 'stone', 'oak'], ['06:15', '06:30', '06:45']], $this->choices($sheet));
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
