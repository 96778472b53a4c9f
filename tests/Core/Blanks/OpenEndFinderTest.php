<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** What sums come to is written behind their sign, and answers behind their word: common practice, no source. */
final class OpenEndFinderTest extends TestCase
{
    public function test_what_a_sum_comes_to_is_written_behind_its_sign(): void
    {
        $blanks = $this->found([[72, 100, '6 × 8 ='], [72, 130, 'x ='], [72, 160, '5+3='], [72, 190, '£2 + £3 = £']]);

        $this->assertSame(['6 × 8 =', 'x =', '5+3=', '£2 + £3 = £'], array_column($blanks, 'label'));
        foreach ($blanks as $at => $blank) {
            $this->assertSame(BlankKind::Gap, $blank->kind);
            $this->assertTrue($blank->isSure());
            $this->assertEqualsWithDelta(100 + 30 * $at, $blank->frame->y, 0.01);
            $this->assertEqualsWithDelta(72, $blank->frame->width, 0.01);
        }
        $this->assertEqualsWithDelta(72 + 36, $blanks[0]->frame->x, 0.01, 'just behind the sign');
    }

    public function test_sums_beside_each_other_share_the_row_and_a_unit_ends_the_room(): void
    {
        $row = $this->found([[72, 100, '4 + 3 ='], [160, 100, '9 − 5 ='], [248, 100, 'Area ='], [330, 100, 'cm²']]);
        $this->assertCount(3, $row);
        foreach ([157.0, 245.0, 327.0] as $at => $end) {
            $this->assertEqualsWithDelta($end, $row[$at]->frame->right(), 0.01);
        }
    }

    public function test_where_something_stands_behind_it_nothing_is_written(): void
    {
        $this->assertSame([], $this->found([[72, 100, '6 × 8 = 48']]));
        $this->assertSame([], $this->found([[72, 100, '6 × 8 ='], [118, 100, '48']]));
        $this->assertSame([], $this->found([[72, 100, '6 × 8 ='], [118, 94, '96'], [118, 106, '2']]), 'a fraction');
        $this->assertSame([], $this->found([[530, 100, '6 × 8 =']]), 'the edge of the page');
        $this->assertSame([], $this->found([[72, 100, '=']]), 'of nothing');
        $this->assertSame([], $this->found([[72, 100, '3 × 12 ='], [80, 118, '= 36']]), 'worked out below');
    }

    public function test_a_line_or_a_gap_behind_it_is_the_place(): void
    {
        $this->assertCount(1, $this->found([[72, 100, '6 × 8 = ______']]));
        $this->assertCount(1, $this->found([[72, 100, '6 × 8 ='], [120, 100, '______']]));
    }

    public function test_what_something_becomes_is_written_behind_an_arrow(): void
    {
        $blanks = $this->found([[72, 100, 'RABC →'], [72, 140, '→'], [72, 180, 'go → went']]);
        $this->assertSame(['RABC'], array_column($blanks, 'label'));
        $this->assertEqualsWithDelta(140.0, $blanks[0]->frame->width, 0.01);
    }

    public function test_the_wall_of_a_cell_ends_the_room_and_the_line_below_does_not(): void
    {
        $sheet = (new PrintedSheet())->words('6 × 8 =', 72, 100);
        $this->assertEqualsWithDelta(72.0, $sheet->blanks()[0]->frame->width, 0.01);
        $this->assertEqualsWithDelta(29.0, $sheet->down(149, 40, 400)->blanks()[0]->frame->width, 1.1);
        $below = $this->found([[72, 100, '6 × 8 ='], [112, 111, 'of the boats']]);
        $this->assertEqualsWithDelta(72.0, $below[0]->frame->width, 0.01);
    }

    public function test_a_line_that_is_drawn_further_off_is_its_place_as_well(): void
    {
        $blanks = (new PrintedSheet())
            ->words('Work out what each of these sums comes to.', 72, 50)
            ->words('6 × 8 =', 72, 100)
            ->across(114, 165, 225)
            ->blanks();
        $this->assertSame(['line'], array_map(fn (Blank $one): string => $one->kind->value, $blanks));
    }

    public function test_an_answer_is_written_behind_its_word_in_as_many_letters_as_a_sentence(): void
    {
        $blanks = $this->found([[72, 100, 'Answer:'], [72, 140, 'Réponse :'], [72, 180, 'Ans:'], [320, 180, 'boats']]);
        $this->assertSame([260.0, 260.0, 218.0], array_map(
            fn (Blank $one): float => round($one->frame->width),
            $blanks,
        ));
        $others = [[72, 100, 'Answer: two boats'], [72, 140, 'Answers:'], [72, 180, 'Note:']];
        $this->assertSame([], $this->found($others));
    }

    public function test_on_what_is_read_off_a_picture_it_is_found_once_its_words_are_read(): void
    {
        $marks = $this->marks([[72, 100, '6 × 8 ='], [72, 140, 'It is old.'], [72, 180, 'Answer:']]);
        $unread = new Marks($marks->size, lines: $marks->lines, readable: false, seen: true);

        $this->assertSame([], BlankFinder::find($unread));
        $read = BlankFinder::read([], $unread->read($marks->lines));
        $this->assertSame(['6 × 8 =', 'Answer:'], array_column($read, 'label'));
    }

    /**
     * @param  list<array{float, float, string}>  $said  x, y and words
     * @return list<Blank>
     */
    private function found(array $said): array
    {
        return BlankFinder::find($this->marks($said));
    }

    /** @param  list<array{float, float, string}>  $said */
    private function marks(array $said): Marks
    {
        $lines = array_map(function (array $one): TextLine {
            [$x, $y, $text] = $one;
            $words = [];
            foreach (explode(' ', $text) as $word) {
                $words[] = new Word($word, Frame::of($x, $y, 6 * mb_strlen($word), 12));
                $x += 6 * mb_strlen($word) + 3;
            }

            return TextLine::of(...$words);
        }, $said);

        return new Marks(Size::of(595, 842), lines: $lines);
    }
}
