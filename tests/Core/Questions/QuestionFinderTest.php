<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\MarkerFinder;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Common practice of worksheets, no source: how questions are numbered, and what else is. */
final class QuestionFinderTest extends TestCase
{
    /** @return array<string, array{list<string>, list<string>}> */
    public static function numbers(): array
    {
        return [
            'full stops' => [['1.', '2.', '3.'], ['1', '2', '3']],
            'brackets' => [['1)', '2)'], ['1', '2']],
            'in brackets' => [['(4)', '(5)'], ['4', '5']],
            'Q' => [['Q1', 'Q2'], ['1', '2']],
            'named' => [['Question 1', 'Question 2'], ['1', '2']],
            'letters' => [['A.', 'B.', 'C.'], ['A', 'B', 'C']],
            'small letters' => [['a)', 'b)'], ['a', 'b']],
            'Roman' => [['I.', 'II.', 'III.', 'IV.'], ['I', 'II', 'III', 'IV']],
            'Roman, as a reader of scans has it' => [['I.', 'Il.', 'Ill.'], ['I', 'II', 'III']],
            'with letters' => [['1a.', '1b.', '2a.'], ['1a', '1b', '2a']],
            'with numbers' => [['1.1', '1.2', '2.1', '2.2'], ['1.1', '1.2', '2.1', '2.2']],
            'with strokes' => [['1/', '2/', '3/'], ['1', '2', '3']],
            'with a sign' => [['#4', '#5'], ['4', '5']],
            'in German' => [['Aufgabe 1:', 'Aufgabe 2:'], ['1', '2']],
            'in Spanish' => [['Pregunta 1.', 'Pregunta 2.'], ['1', '2']],
            'in Welsh' => [['Cwestiwn 1', 'Cwestiwn 2'], ['1', '2']],
            'rings' => [['①', '②'], ['1', '2']],
            'nothing behind' => [['7', '8', '9'], ['7', '8', '9']],
        ];
    }

    /**
     * @param  list<string>  $printed
     * @param  list<string>  $numbers
     */
    #[DataProvider('numbers')]
    public function test_numbers_that_count_on_begin_questions(array $printed, array $numbers): void
    {
        $sheet = new PrintedSheet();
        foreach ($printed as $at => $number) {
            $sheet->words("{$number} Why did it turn back? ________", 72, 100 + 40 * $at);
        }

        $this->assertSame($numbers, $this->numbered($sheet));
    }

    public function test_facts_steps_and_numbers_that_do_not_count_are_none(): void
    {
        $facts = (new PrintedSheet())->words('1. It is old.', 72, 100)->words('2. It is made of oak.', 72, 130);
        $this->assertSame([], $this->numbered($facts));
        $odd = (new PrintedSheet())->words('3. Why? ________', 72, 100)->words('7. How? ________', 72, 130);
        $this->assertSame([], $this->numbered($odd));
        $this->assertSame([], $this->numbered(new PrintedSheet()));
    }

    public function test_one_number_alone_begins_a_question_where_it_asks(): void
    {
        $this->assertSame(['7'], $this->numbered((new PrintedSheet())->words('7. Why? ________', 72, 100)));
        $this->assertSame([], $this->numbered((new PrintedSheet())->words('7. It is old.', 72, 100)));
    }

    public function test_parts_that_ask_are_parts_and_choices_are_none(): void
    {
        $parts = (new PrintedSheet())
            ->words('1. The range is 4 m.', 72, 100)
            ->words('a) When is it less? ________', 90, 130)
            ->words('b) Say why. ________', 90, 160)
            ->words('2. And here? ________', 72, 190);
        $this->assertSame(['1', '1a', '1b', '2'], $this->numbered($parts));

        $choices = (new PrintedSheet())
            ->words('1. Curlews eat', 72, 100)
            ->words('a) ☐ worms', 90, 130)
            ->words('b) ☐ grass', 90, 160)
            ->words('2. Terns eat', 72, 190)
            ->words('a) ☐ fish', 90, 220)
            ->words('b) ☐ seeds', 90, 250);
        $this->assertSame(['1', '2'], $this->numbered($choices));
    }

    public function test_each_blank_belongs_to_the_number_above_it_in_its_column(): void
    {
        $sheet = new PrintedSheet();
        foreach ([1, 2, 3] as $at => $number) {
            $sheet->words("{$number}. Why? ________", 72, 100 + 60 * $at);
            $sheet->words($number + 3 .'. How? ________', 320, 100 + 60 * $at);
        }
        $blanks = BlankFinder::find($sheet->marks());
        $questions = QuestionFinder::find($sheet->marks(), $blanks);

        $this->assertSame(['1', '2', '3', '4', '5', '6'], array_column($questions, 'number'));
        foreach ($questions as $question) {
            $this->assertCount(1, $question->blanks);
            $this->assertTrue($question->frame->contains($blanks[$question->blanks[0]]->frame));
        }
    }

    public function test_what_goes_on_in_the_next_column_is_said_to_go_on(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why? ________', 72, 100)
            ->words('2. Say how it came to be so,', 72, 700)
            ->words('in your own words: ________', 330, 100)
            ->words('3. When? ________', 330, 160)
            ->words('4. Where? ________', 330, 220);
        $questions = QuestionFinder::find($sheet->marks(), BlankFinder::find($sheet->marks()));

        $said = array_map(fn (Question $one): string => $one->number.($one->goesOn ? ' goes on' : ''), $questions);
        $this->assertSame(['1', '2', '2 goes on', '3', '4'], $said);
        $this->assertCount(1, $questions[2]->blanks);
    }

    public function test_the_last_question_goes_on_at_the_top_of_the_next_page(): void
    {
        $page = fn (PrintedSheet $sheet, array $before): array => QuestionFinder::find(
            $sheet->marks(),
            $sheet->blanks(),
            $before,
        );
        $first = (new PrintedSheet())->words('3. Why? ________', 72, 100)->words('4. Say more:', 72, 700);
        $next = (new PrintedSheet())->across(120, 72, 500)->across(146, 72, 500)->words('5. Who? ________', 72, 200);
        $before = $page($first, []);

        $this->assertSame(['4', '5'], array_column($page($next, $before), 'number'));
        $this->assertSame([true, false], array_column($page($next, $before), 'goesOn'));
        $this->assertSame(['5'], array_column($page($next, []), 'number'));
        $this->assertSame(['5'], array_column($page($next, array_slice($before, 0, 1)), 'number'));
        // A letter is followed by no number.
        $anew = (new PrintedSheet())->across(120, 72, 500)->words('1. Who? ________', 72, 200);
        $letter = new Question('C', Frame::of(72, 700, 100, 20), []);
        $this->assertSame(['1'], array_column($page($anew, [$letter]), 'number'));
    }

    public function test_under_a_heading_on_the_next_page_nothing_goes_on(): void
    {
        $page = fn (PrintedSheet $sheet, array $before = []): array => QuestionFinder::find(
            $sheet->marks(),
            $sheet->blanks(),
            $before,
        );
        $before = $page((new PrintedSheet())->words('3. Why? ________', 72, 100)->words('4. Say more:', 72, 700));
        $next = fn (string $heading, float $at): PrintedSheet => (new PrintedSheet())
            ->words($heading, 72, $at)
            ->across(130, 72, 500)
            ->across(156, 72, 500)
            ->words('5. Who? ________', 72, 200);

        $this->assertSame(['4', '5'], array_column($page($next('and how it was', 90), $before), 'number'));
        $this->assertSame(['5'], array_column($page($next('Part B', 90), $before), 'number'));
    }

    public function test_what_has_a_place_to_write_right_behind_it_is_no_heading(): void
    {
        $ends = function (float $from): float {
            $sheet = (new PrintedSheet())
                ->words('1. Trace it, and write it.', 72, 100)
                ->words('Part A', 72, 140)
                ->across(150, $from, $from + 200)
                ->words('2. How? ________', 72, 240);

            return QuestionFinder::find($sheet->marks(), $sheet->blanks())[0]->frame->bottom();
        };
        $this->assertGreaterThan(145, $ends(112));
        $this->assertLessThan(140, $ends(300));
    }

    public function test_a_heading_ends_a_question(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why? ________', 72, 100)
            ->words('Part B', 72, 140)
            ->words('2. How? ________', 72, 180);
        [$first] = QuestionFinder::find($sheet->marks(), BlankFinder::find($sheet->marks()));

        $this->assertLessThan(130, $first->frame->bottom());
    }

    public function test_a_line_to_cut_along_ends_a_question_and_one_to_write_on_does_not(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why? ________', 72, 100)
            ->words('2. How did they come home?', 72, 140)
            ->across(180, 72, 528)
            ->across(240, 0, 600, 1.0, true)
            ->words('Keep the lower half.', 72, 250);
        $second = QuestionFinder::find($sheet->marks(), $sheet->blanks())[1];

        $this->assertCount(1, $second->blanks);
        $this->assertGreaterThanOrEqual(180, $second->frame->bottom());
        $this->assertLessThan(240, $second->frame->bottom());
    }

    public function test_bare_numbers_count_where_they_stand_straight_below_each_other(): void
    {
        $sheet = function (float ...$from): PrintedSheet {
            $sheet = new PrintedSheet();
            foreach ($from as $at => $x) {
                $sheet->words($at + 1 .' Why? ________', $x, 100 + 40 * $at);
            }

            return $sheet;
        };

        $this->assertSame(['1', '2', '3'], $this->numbered($sheet(72, 72, 72)));
        $this->assertSame([], $this->numbered($sheet(72, 90, 72)));
        $this->assertSame([], $this->numbered($sheet(72, 72)), 'two may be anything');
    }

    public function test_numbers_along_rows_go_on_below_and_what_is_below_is_not_held_in_their_column(): void
    {
        $sheet = new PrintedSheet();
        foreach (
            ['1.' => [72, 100], '3.' => [320, 100], '2.' => [72, 130], '4.' => [320, 130]] as $number => [$x, $y]
        ) {
            $sheet->words("{$number} Half of it? ____", $x, $y);
        }
        $sheet->words('5. Which of all these times is the right one, and why? ________', 72, 170);
        $found = QuestionFinder::find($sheet->marks(), $sheet->blanks());
        $this->assertSame(['1', '2', '3', '4', '5'], array_column($found, 'number'));
        $this->assertGreaterThan(420, $found[4]->frame->right(), 'it goes on across the page');
        $this->assertLessThan(160, $found[3]->frame->bottom(), 'the right column ends where the reading goes on');
    }

    public function test_a_column_of_one_number_goes_on_from_the_first_and_back(): void
    {
        $sheet = (new PrintedSheet())->box(330, 120, 120, 60);
        foreach (['4', '5', '6'] as $at => $number) {
            $sheet->words("{$number} Why not? ____", 72, 100 + 30 * $at);
        }
        $sheet->words('7 Draw a boat.', 320, 100)->words('8 Why should all of it be drawn? ____', 72, 220);
        $found = QuestionFinder::find($sheet->marks(), $sheet->blanks());
        $this->assertSame(['4', '5', '6', '7', '8'], array_column($found, 'number'));
        $this->assertSame([180.0, 1], [round($found[3]->frame->bottom()), count($found[3]->blanks)]);
        $this->assertLessThan(300, $found[1]->frame->right(), 'what stands beside is of the other column');
    }

    public function test_a_fraction_on_its_row_belongs_to_a_number_and_not_to_the_one_before(): void
    {
        $sheet = (new PrintedSheet())->words('1. Half of it? ____', 72, 100)->words('2. ____', 72, 126);
        $sheet->words('15', 140, 115)->words('3', 143, 132);
        $found = QuestionFinder::find($sheet->marks(), $sheet->blanks());
        $this->assertSame(['1', '2'], array_column($found, 'number'));
        $this->assertSame([114.0, 115.0], [$found[0]->frame->bottom(), $found[1]->frame->y]);
    }

    public function test_the_head_of_a_column_is_no_section_and_a_letter_after_it_makes_it_one(): void
    {
        $sheet = fn (string $head): PrintedSheet => (new PrintedSheet())
            ->words('1. Why? ____', 72, 100)
            ->words('2. Fill it in.', 72, 130)
            ->grid(70, 150, [100, 100], [22, 22])
            ->words($head, 74, 154)
            ->words('What for', 174, 154)
            ->words('Bow', 74, 176);
        $ends = fn (string $head): float => QuestionFinder::find(
            $sheet($head)->marks(),
            $sheet($head)->blanks(),
        )[1]->frame->bottom();
        $this->assertEqualsWithDelta(194, $ends('Part'), 1);
        $this->assertLessThan(154, $ends('Part B'));
    }

    public function test_a_line_apart_at_the_foot_of_the_page_is_of_no_question(): void
    {
        $sheet = fn (float $y): PrintedSheet => (new PrintedSheet())
            ->words('1. Why? ____', 72, 100)
            ->words('2. How? ____', 72, 680)
            ->words('Boats, page 2', 250, $y);
        $ends = fn (float $y): float => QuestionFinder::find(
            $sheet($y)->marks(),
            $sheet($y)->blanks(),
        )[1]->frame->bottom();
        $this->assertSame(694.0, $ends(732));
        $this->assertSame(726.0, $ends(712), 'right below it belongs to it');
    }

    public function test_however_narrow_the_gutter_a_number_at_the_edge_of_a_column_begins_a_question(): void
    {
        // Ten points of room before it: less than a number has before it within a line.
        $sheet = fn (int $rows): PrintedSheet => array_reduce(
            range(1, $rows),
            fn (PrintedSheet $made, int $row): PrintedSheet => $made
                ->words('Fog lay on the pier for days and no ship', 72, 86 + 14 * $row)
                ->words($row === 3 ? 'III. How? ____' : 'and so it went', self::besideFog(), 86 + 14 * $row),
            (new PrintedSheet())
                ->words('I. Who? ____', self::besideFog(), 40)
                ->words('II. Why? ____', self::besideFog(), 70)
                ->words('IV. When? ____', self::besideFog(), 200),
        );

        $this->assertSame(['I', 'II', 'III', 'IV'], $this->numbered($sheet(5)));
        $running = (new PrintedSheet())
            ->words('I. Who? ____', 72, 40)
            ->words('II. Why? ____', 72, 70)
            ->words('Fog lay on the pier for days and no ship', 72, 128)
            ->words('III. Well? ____', self::besideFog(), 128);
        $this->assertSame(['I', 'II'], $this->numbered($running), 'one row makes no column');
    }

    /** Where a column begins ten points behind that line. */
    private static function besideFog(): float
    {
        $line = (new PrintedSheet())->words('Fog lay on the pier for days and no ship', 72, 100)->marks()->lines[0];

        return $line->frame->right() + 0.8 * $line->frame->height;
    }

    public function test_numbers_count_on_below_a_table_of_which_the_rows_are_counted(): void
    {
        $sheet = fn (string $next): PrintedSheet => (new PrintedSheet())
            ->grid(70, 100, [30, 200, 200], [40, 40, 40])
            ->words('1', 74, 104)
            ->words('What is sand?', 104, 104)
            ->words('2', 74, 144)
            ->words('What is mud?', 104, 144)
            ->words('3', 74, 184)
            ->words('What is silt?', 104, 184)
            ->words("{$next}. Why is it so? ________", 72, 260);

        $this->assertSame(['1', '2', '3', '4'], $this->numbered($sheet('4')));
        $this->assertSame(['1', '2', '3'], $this->numbered($sheet('6')));
    }

    public function test_a_heading_in_the_middle_of_the_page_ends_a_question_and_words_further_aside_do_not(): void
    {
        $ends = function (float $x): float {
            $sheet = (new PrintedSheet())
                ->words('1. Why? ____', 72, 100)
                ->words('2. Draw it here:', 72, 140)
                ->words('Part B', $x, 240)
                ->words('1. How? ____', 72, 280);

            return QuestionFinder::find($sheet->marks(), $sheet->blanks())[1]->frame->bottom();
        };
        $width = (new PrintedSheet())->marks()->size->width;

        $this->assertLessThan(180, $ends($width / 2 - 18));
        $this->assertGreaterThan(240, $ends($width / 2 + 60));
    }

    public function test_where_the_next_column_begins_higher_places_there_go_on_and_reading_does_not(): void
    {
        $numbered = function (string $above): array {
            $sheet = (new PrintedSheet())
                ->words('The keeper lit his lamp.', 72, 80)
                ->words('1. Why? ________', 72, 300)
                ->words('2. How long did he stay there?', 72, 340)
                ->words('3. Who? ________', 330, 140)
                ->words('4. Where? ________', 330, 180);
            $above === '' ? $sheet->across(100, 330, 520) : $sheet->words($above, 330, 90);

            return $this->numbered($sheet);
        };

        $this->assertSame(['1', '2', '2', '3', '4'], $numbered(''));
        $this->assertSame(['1', '2', '3', '4'], $numbered('and stayed for the night.'));
    }

    public function test_what_is_marked_on_the_print_needs_no_room_and_what_is_picked_elsewhere_is_a_step(): void
    {
        $sheet = fn (string $verb): PrintedSheet => (new PrintedSheet())
            ->words("1. {$verb} the longest rope of all.", 72, 100)
            ->words("2. {$verb} the right knot for it.", 72, 116);

        $this->assertSame(['1', '2'], $this->numbered($sheet('Circle')));
        $this->assertSame([], $this->numbered($sheet('Pick')->words('3. Coil it.', 72, 132)));
    }

    public function test_letters_alone_count_where_there_is_room_behind_them(): void
    {
        $lettered = function (float $room): array {
            $lines = [];
            foreach (['A', 'B', 'C'] as $at => $letter) {
                $lines[] = TextLine::of(
                    new Word($letter, Frame::of(72, 100 + 40 * $at, 8, 14)),
                    new Word('Name', Frame::of(80 + $room, 100 + 40 * $at, 30, 14)),
                    new Word('________', Frame::of(120 + $room, 100 + 40 * $at, 48, 14)),
                );
            }
            $marks = new Marks(Size::of(600, 800), lines: $lines);

            return array_column(QuestionFinder::find($marks, BlankFinder::find($marks)), 'number');
        };

        $this->assertSame(['A', 'B', 'C'], $lettered(7));
        $this->assertSame([], $lettered(5), 'an article may begin a line');
    }

    public function test_a_box_before_its_number_is_of_a_question(): void
    {
        $sheet = new PrintedSheet();
        foreach ([1, 2, 3] as $number) {
            $sheet->words("{$number} gale", 100, 60 + 40 * $number)->box(76, 58 + 40 * $number, 18, 18);
        }
        $questions = QuestionFinder::find($sheet->marks(), $sheet->blanks());

        $this->assertSame([[0], [1], [2]], array_column($questions, 'blanks'));
        $this->assertSame(76.0, round($questions[0]->frame->x));
        $this->assertLessThan($questions[1]->frame->y, $questions[0]->frame->bottom());
    }

    public function test_what_goes_on_over_the_edge_of_a_column_is_of_none(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why? ________', 72, 100)
            ->words('2. How? ________', 72, 140)
            ->words('3. Who? ________', 330, 100)
            ->words('4. When? ________', 330, 140)
            ->words('Now read what the keeper of the lamp said to those who came ashore.', 72, 200)
            ->words('He said: ____________', 72, 240);
        $questions = QuestionFinder::find($sheet->marks(), $sheet->blanks());

        $this->assertSame(['1', '2', '3', '4'], array_column($questions, 'number'));
        foreach ($questions as $question) {
            $this->assertLessThan(200, $question->frame->bottom());
        }
    }

    public function test_the_last_question_ends_where_words_begin_that_are_of_something_else(): void
    {
        $end = function (float $x, float $y, string $said = 'How did you find this work today?'): float {
            $sheet = (new PrintedSheet())
                ->words('1. Why? ________', 72, 100)
                ->words('2. Say what you saw.', 72, 140)
                ->across(174, 90, 400)
                ->across(198, 90, 400)
                ->words($said, $x, $y);

            return QuestionFinder::find($sheet->marks(), $sheet->blanks())[1]->frame->bottom();
        };

        $this->assertLessThan(210, $end(72, 240));
        $this->assertGreaterThan(240, $end(92, 240), 'it begins where the words of the question do');
        $this->assertGreaterThan(210, $end(72, 206), 'there is hardly room before it');
        $this->assertGreaterThan(240, $end(72, 240, 'Signed: ________'), 'it is to be filled in');
    }

    public function test_room_that_others_have_within_them_does_not_end_the_last_question(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why is it so?', 72, 100)
            ->words('Say it in your own words here below.', 72, 150)
            ->words('________________', 90, 170)
            ->words('2. How did it come about?', 72, 220)
            ->words('Say it in your own words here below.', 72, 270)
            ->words('________________', 90, 290);

        $this->assertSame([[0], [1]], array_column(QuestionFinder::find($sheet->marks(), $sheet->blanks()), 'blanks'));
    }

    public function test_what_stands_beside_several_questions_is_of_none_and_what_stands_beside_one_is_its_own(): void
    {
        $counts = function (float $height): array {
            $sheet = (new PrintedSheet())
                ->words('1. Why? ________', 72, 100)
                ->words('2. How? ________', 72, 160)
                ->words('3. Who? ________', 72, 220)
                ->box(330, 96, 200, $height);

            $questions = QuestionFinder::find($sheet->marks(), $sheet->blanks());

            return array_map(count(...), array_column($questions, 'blanks'));
        };

        $this->assertSame([1, 1, 1], $counts(150));
        $this->assertSame([2, 1, 1], $counts(40));
    }

    public function test_a_text_beside_questions_is_of_none(): void
    {
        $sheet = (new PrintedSheet())
            ->words('1. Why? ________', 72, 100)
            ->words('2. How? ________', 72, 140)
            ->words('3. Who? ________', 72, 180);
        foreach (range(0, 5) as $line) {
            $sheet->words('The keeper lit the lamp and', 330, 100 + 18 * $line);
        }
        foreach (QuestionFinder::find($sheet->marks(), $sheet->blanks()) as $question) {
            $this->assertLessThan(330, $question->frame->right());
        }
    }

    public function test_a_number_in_running_text_is_no_marker(): void
    {
        $sheet = (new PrintedSheet())->words('They saw 3) boats and 4. ships', 72, 100);

        $this->assertSame([], MarkerFinder::find($sheet->marks()->lines));
    }

    public function test_bare_numbers_before_letters_number_the_questions(): void
    {
        $exam = fn (string ...$numbers): array => $this->numbered(array_reduce(
            array_keys($numbers),
            fn (PrintedSheet $sheet, int $at): PrintedSheet => $sheet
                ->words("{$numbers[$at]} Ice melts in a room.", 72, 100 + 120 * $at)
                ->words('(a) How? ________', 96, 130 + 120 * $at)
                ->words('(b) Why? ________', 96, 160 + 120 * $at),
            new PrintedSheet(),
        ));

        $this->assertSame(['1', '1a', '1b', '2', '2a', '2b'], $exam('1', '2'));
        $this->assertSame(['3', '3a', '3b'], $exam('3.'));
        $this->assertSame(['Question 7', '7a', '7b'], ['Question 7', ...array_slice($exam('Question 7'), 1)]);
        // What does not count on, or is before none, is no number of a question.
        $this->assertSame(['a', 'b', 'a', 'b'], $exam('8', '3'));
        $this->assertSame(['a', 'b', 'a', 'b'], $exam('1', 'The'));
    }

    public function test_what_is_measured_counts_nothing_and_a_section_ends_what_is_numbered_in_the_one_before(): void
    {
        $measured = (new PrintedSheet())->words('1.1 ________', 72, 100)->words('1.2 ________', 72, 130);
        $this->assertSame([], $this->numbered($measured));

        $sheet = (new PrintedSheet())
            ->words('1.1 Why? ________', 72, 100)
            ->words('1.2 How? ________', 72, 140)
            ->words('2 Magnets', 72, 200)
            ->words('2.1 Who? ________', 72, 240);
        $questions = QuestionFinder::find($sheet->marks(), $sheet->blanks());
        $this->assertSame(['1.1', '1.2', '2.1'], array_column($questions, 'number'));
        $this->assertLessThan(200, $questions[1]->frame->bottom());
    }

    public function test_letters_that_go_on_from_the_page_before_stay(): void
    {
        $sheet = (new PrintedSheet())
            ->words('(c) How? ________', 96, 100)
            ->words('(d) Why? ________', 96, 130)
            ->words('5 Ice melts.', 72, 190)
            ->words('(a) How? ________', 96, 220)
            ->words('(b) Why? ________', 96, 250);

        $this->assertSame(['c', 'd', 'a', 'b'], $this->numbered($sheet));
    }

    public function test_a_full_stop_that_a_reader_of_scans_takes_for_a_comma_ends_a_number_before_its_row(): void
    {
        $sheet = (new PrintedSheet())->words('3. Why did it turn back? ________', 72, 100);
        $sheet->words('4, What did they see on 1, 2, or 3, May? ________', 72, 140);
        $marks = $sheet->marks();
        $numbers = fn (bool $seen): array => array_column(MarkerFinder::find($marks->lines, $seen), 'number');

        $this->assertSame(['3', '4'], $numbers(true));
        $this->assertSame(['3'], $numbers(false));
    }

    public function test_a_question_ends_above_the_box_on_the_row_of_the_next(): void
    {
        $sheet = (new PrintedSheet())->words('1. Why? ________', 72, 100)->words('2. 3 + 4 =', 72, 140);
        $sheet->box(150, 134, 40, 22);
        $questions = QuestionFinder::find($sheet->marks(), $sheet->blanks());

        $this->assertSame([[0], [1]], array_column($questions, 'blanks'));
        $this->assertLessThan(134, $questions[0]->frame->bottom());
    }

    public function test_what_is_far_too_large_for_a_heading_ends_no_question(): void
    {
        $ends = function (float $height): float {
            $sheet = (new PrintedSheet())
                ->words('1. Look and write.', 72, 100)
                ->across(260, 72, 200)
                ->words('2. Look again. ________', 72, 300);
            $marks = $sheet->marks();
            $read = TextLine::of(new Word('XO', Frame::of(72, 150, 60, $height)));
            $found = QuestionFinder::find(
                new Marks($marks->size, $marks->rules, lines: [...$marks->lines, $read]),
                $sheet->blanks(),
            );

            return $found[0]->frame->bottom();
        };

        $this->assertLessThan(150, $ends(20));
        $this->assertGreaterThan(250, $ends(60));
    }

    public function test_a_number_of_a_picture_begins_a_question_though_what_is_behind_it_was_not_read(): void
    {
        $numbers = function (bool $seen, string ...$behind): array {
            $sheet = new PrintedSheet();
            foreach (['Write the letter of what each means', '1 gale', '2 breeze', '3 squall'] as $row => $words) {
                $sheet->words($words, 72, 100 + 40 * $row);
                $row === 0 || $sheet->across(112 + 40 * $row, 160, 260);
            }
            $sheet->words(implode(' ', ['4', ...$behind]), 340, 100)->across(112, 420, 500);
            $marks = $sheet->marks();

            return array_column(
                QuestionFinder::find(
                    new Marks($marks->size, $marks->rules, lines: $marks->lines, seen: $seen),
                    $sheet->blanks(),
                ),
                'number',
            );
        };

        $this->assertSame(['1', '2', '3', '4'], $numbers(true));
        $this->assertSame(['1', '2', '3', '4'], $numbers(false, 'calm'));
        $this->assertSame(['1', '2', '3'], $numbers(false), 'where all is known, it is a number by itself');
    }

    public function test_letters_apart_on_a_picture_are_a_row_of_a_puzzle_and_no_heading(): void
    {
        $ends = function (string $read, bool $seen): float {
            $sheet = (new PrintedSheet())
                ->words('1. Look and write.', 72, 100)
                ->across(260, 72, 200)
                ->words('2. Look again. ________', 72, 300);
            $words = array_map(
                fn (int $at, string $word): Word => new Word($word, Frame::of(72 + 60 * $at, 150, 40, 20)),
                array_keys(explode(' ', $read)),
                explode(' ', $read),
            );
            $marks = $sheet->marks();

            return QuestionFinder::find(
                new Marks($marks->size, $marks->rules, lines: [...$marks->lines, TextLine::of(...$words)], seen: $seen),
                $sheet->blanks(),
            )[0]->frame->bottom();
        };

        $this->assertGreaterThan(250, $ends('B O A', true));
        $this->assertGreaterThan(250, $ends('R| T', true), 'with a side of its cell');
        $this->assertLessThan(150, $ends('The boats', true));
        $this->assertLessThan(150, $ends('B O A', false));
    }

    /** @return list<string> */
    private function numbered(PrintedSheet $sheet): array
    {
        $marks = $sheet->marks();

        return array_column(QuestionFinder::find($marks, BlankFinder::find($marks)), 'number');
    }
}
