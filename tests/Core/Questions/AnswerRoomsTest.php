<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Marks;
use OpenSlate\Questions\AnswerRooms;
use OpenSlate\Questions\QuestionFinder;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Questions that leave room and have no line (common practice, no source). */
final class AnswerRoomsTest extends TestCase
{
    public function test_a_question_with_room_under_it_and_no_line_has_a_room_with_its_words(): void
    {
        $rooms = $this->rooms($this->sheet());
        $this->assertSame(
            ['1. Why did the boats turn back?', '2. Describe the harbour.'],
            array_column($rooms, 'label'),
        );
        $this->assertEqualsWithDelta(
            [[72, 119, 492, 75], [72, 219, 492, 81]],
            array_map(
                fn (Blank $one): array => [$one->frame->x, $one->frame->y, $one->frame->width, $one->frame->height],
                $rooms,
            ),
            8,
        );
        $this->assertFalse($rooms[0]->isSure());
    }

    public function test_what_has_a_line_or_is_done_on_the_print_or_asks_nothing_has_none(): void
    {
        $this->assertSame([], $this->rooms($this->sheet('1. Why? ________', '2. How? ________')));
        $this->assertSame([], $this->rooms($this->sheet('1. Circle the boat.', '2. Underline the verbs.')));
        $this->assertSame([], $this->rooms($this->sheet('1. It is old.', '2. It is of oak.')));
        $this->assertSame([], $this->rooms($this->sheet('1. Entoure le bateau.', '2. Unterstreiche die Verben.')));
        $this->assertCount(2, $this->rooms($this->sheet('1. Décris le bateau.', '2. Describe el puerto.')));
    }

    public function test_on_a_picture_whose_words_nobody_has_read_there_are_none(): void
    {
        $marks = $this->sheet()->marks();
        $questions = QuestionFinder::find($marks, []);
        $unread = new Marks($marks->size, $marks->rules, lines: $marks->lines, readable: false);
        $this->assertSame([], AnswerRooms::with($unread, [], $questions));
        $this->assertSame([], AnswerRooms::with($unread, [], []));
        $this->assertCount(2, AnswerRooms::with($marks, [], $questions));
    }

    public function test_on_a_page_without_numbers_lines_that_ask_or_lead_to_an_answer_have_rooms(): void
    {
        $slip = (new PrintedSheet())
            ->words('Exit slip', 72, 60)
            ->words('One thing that I learned:', 72, 100)
            ->words('What do you want to know?', 72, 200)
            ->words('Harbour school', 72, 300);
        $this->assertSame(
            ['One thing that I learned:', 'What do you want to know?'],
            array_column($this->rooms($slip), 'label'),
        );
        $this->assertSame([], $this->rooms($slip->across(160, 72, 500)->across(190, 72, 500)->across(260, 72, 500)));
        $told = (new PrintedSheet())->words('The tide turns twice.', 72, 100)->words('Boats wait.', 72, 200);
        $this->assertSame([], $this->rooms($told));
    }

    public function test_where_most_have_no_room_they_are_answered_elsewhere(): void
    {
        $tight = (new PrintedSheet())
            ->words('1. Why did it turn back?', 72, 100)
            ->words('2. Where did it go?', 72, 118)
            ->words('3. Who saw it?', 72, 136);
        $this->assertSame([], $this->rooms($tight));
    }

    public function test_a_picture_beside_makes_it_narrower_and_what_is_too_narrow_is_none(): void
    {
        $beside = fn (float $x): array => $this->rooms($this->sheet()->drawing($x, 110, 80, 60));
        $this->assertEqualsWithDelta(400 - 72 - 5, $beside(400)[0]->frame->width, 1);
        $this->assertSame(['2. Describe the harbour.'], array_column($beside(150), 'label'));
    }

    private function sheet(
        string $first = '1. Why did the boats turn back?',
        string $second = '2. Describe the harbour.',
    ): PrintedSheet {
        return (new PrintedSheet())->words($first, 72, 100)->words($second, 72, 200)->words('Part B', 72, 306);
    }

    /** @return list<Blank> */
    private function rooms(PrintedSheet $sheet): array
    {
        $blanks = $sheet->blanks();
        $all = AnswerRooms::with($sheet->marks(), $blanks, QuestionFinder::find($sheet->marks(), $blanks));

        return array_slice($all, count($blanks));
    }
}
