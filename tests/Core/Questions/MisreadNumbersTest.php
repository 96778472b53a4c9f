<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\Marker;
use OpenSlate\Questions\MisreadNumbers;
use OpenSlate\Questions\NumberStyle;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

final class MisreadNumbersTest extends TestCase
{
    public function test_what_stands_between_two_numbers_is_the_one_between(): void
    {
        $this->assertSame(['6', '7', '8'], $this->down(NumberStyle::Number, [6, 1, 8]));
        $this->assertSame(['I', 'II', 'III', 'IV'], $this->down(NumberStyle::UpperRoman, [1, 1, 3, 4]));
        // Along the rows of a grid as well.
        $grid = [$this->marker(6, 390, 100), $this->marker(1, 50, 140), $this->marker(8, 220, 140)];
        $this->assertSame(['6', '7', '8'], $this->numbers($grid));
        // And down a column beside another, though both are read row by row.
        $rows = [
            $this->marker(1, 50, 100),
            $this->marker(4, 300, 100),
            $this->marker(7, 55, 140),
            $this->marker(5, 300, 140),
            $this->marker(3, 50, 180),
            $this->marker(6, 300, 180),
        ];
        $this->assertSame(['1', '4', '2', '5', '3', '6'], $this->numbers($rows));
    }

    public function test_the_first_and_the_last_are_no_neighbour_of_theirs(): void
    {
        $this->assertSame(['1', '2', '3'], $this->down(NumberStyle::Number, [2, 2, 3]));
        $this->assertSame(['4', '5', '6', '7'], $this->down(NumberStyle::Number, [6, 5, 6, 7]));
        $this->assertSame(['1', '2', '3', '4'], $this->down(NumberStyle::Number, [1, 2, 3, 3]));
        foreach ([[1, 1, 2], [9, 2, 3], [1, 2, 3, 1], [2, 2], [2, 1, 2]] as $left) {
            $this->assertSame(array_map(strval(...), $left), $this->down(NumberStyle::Number, $left));
        }
    }

    public function test_what_counts_on_or_begins_again_is_left(): void
    {
        foreach ([[1, 2, 3], [1, 2, 3, 1, 2], [1, 3, 5], [2, 4, 3], [4, 5], [7]] as $values) {
            $this->assertSame(array_map(strval(...), $values), $this->down(NumberStyle::Number, $values));
        }
        // Letters are as often what they seem.
        $this->assertSame(['1', '5', '3'], $this->down(NumberStyle::Letter, [1, 5, 3]));
        // What stands within a row numbers nothing.
        $within = [$this->marker(1, 50, 100), $this->marker(9, 50, 140, false), $this->marker(3, 50, 180)];
        $this->assertSame(['1', '9', '3'], $this->numbers($within));
    }

    public function test_full_stops_that_were_lost_are_there(): void
    {
        $bare = fn (int $value, float $y): Marker => $this->marker($value, 50, $y, true, NumberStyle::Bare);
        $mixed = [$bare(1, 100), $this->marker(2, 52, 140), $bare(23, 180), $this->marker(4, 50, 220), $bare(5, 260)];
        $mended = MisreadNumbers::mended($mixed);
        $this->assertSame(['1', '2', '3', '4', '5'], array_column($mended, 'number'));
        $this->assertSame(array_fill(0, 5, NumberStyle::Number), array_column($mended, 'style'));

        // Of two no more can be told, and those that all have none are numbered so.
        foreach ([[$bare(1, 100), $this->marker(2, 50, 140)], [$bare(1, 100), $bare(2, 140), $bare(3, 180)]] as $left) {
            $this->assertEquals($left, MisreadNumbers::mended($left));
        }
        $aside = [$bare(1, 100), $this->marker(2, 90, 140), $this->marker(3, 90, 180)];
        $this->assertEquals($aside, MisreadNumbers::mended($aside));
    }

    public function test_a_number_read_as_something_else_is_found_between_its_neighbours(): void
    {
        $markers = [$this->marker(5, 50, 100), $this->marker(7, 51, 180)];
        $mended = fn (Word ...$words): array => array_column(
            MisreadNumbers::mended($markers, array_map(fn (Word $one): TextLine => TextLine::of($one), $words)),
            'number',
        );
        $at = fn (string $text, float $x, float $y, float $height = 14): Word => new Word(
            $text,
            Frame::of($x, $y, 7.0 * mb_strlen($text), $height),
        );

        $this->assertSame(['5', '7', '6'], $mended($at('6c=', 50, 140)));
        $this->assertSame(['5', '7', '6'], $mended($at('G.', 52, 140)));
        foreach (
            [
                [],
                [$at('60', 50, 140), $at('6', 50, 160)],
                [$at('65cm', 50, 140)],
                [$at('6c=', 58, 140)],
                [$at('6c=', 50, 100)],
                [$at('6c=', 50, 180)],
                [$at('6c=', 50, 140, 18)],
            ] as $words
        ) {
            $this->assertSame(['5', '7'], $mended(...$words));
        }
        // Where it is of the size of what is behind it, so is the number.
        [,, $found] = MisreadNumbers::mended($markers, [TextLine::of($at('6.Explain', 50, 140))]);
        $this->assertEquals(Frame::of(50, 140, 10, 14), $found->frame);
    }

    public function test_it_stays_where_it_stands(): void
    {
        $markers = [$this->marker(1, 50, 100), $this->marker(7, 52, 140), $this->marker(3, 50, 180)];
        $mended = MisreadNumbers::mended($markers);

        $this->assertSame($markers[1]->frame, $mended[1]->frame);
        $this->assertSame([NumberStyle::Number, 2, true], [$mended[1]->style, $mended[1]->value, $mended[1]->leads]);
    }

    /**
     * @param  list<int>  $values
     * @return list<string>
     */
    private function down(NumberStyle $style, array $values): array
    {
        return $this->numbers(
            array_map(
                fn (int $value, int $at): Marker => $this->marker($value, 50, 100 + 40 * $at, true, $style),
                $values,
                array_keys($values),
            ),
        );
    }

    private function marker(
        int $value,
        float $x,
        float $y,
        bool $leads = true,
        NumberStyle $style = NumberStyle::Number,
    ): Marker {
        $said = $style === NumberStyle::UpperRoman ? ['', 'I', 'II', 'III', 'IV'][$value] : (string) $value;

        return new Marker($style, $value, $said, Frame::of($x, $y, 10, 14), $leads);
    }

    /**
     * @param  list<Marker>  $markers
     * @return list<string>
     */
    private function numbers(array $markers): array
    {
        return array_map(fn (Marker $one): string => $one->number, MisreadNumbers::mended($markers));
    }
}
