<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\Marker;
use OpenSlate\Questions\NumbersOfParts;
use OpenSlate\Questions\NumberStyle;
use PHPUnit\Framework\TestCase;

/** "1" before "(a)" and "(b)", and "2" before the next "(a)" (common practice, no source). */
final class NumbersOfPartsTest extends TestCase
{
    public function test_what_counts_on_before_each_first_part_are_the_numbers_of_the_questions(): void
    {
        $this->assertSame(['1', '2'], $this->numbers(NumberStyle::Bare, [[1, 100], [2, 200]]));
        $this->assertSame(['4', '5'], $this->numbers(NumberStyle::Number, [[4, 98], [5, 199]]));
        $this->assertSame(['1', '2'], $this->numbers(NumberStyle::Bare, [[1, 60], [1, 100], [2, 200]]), 'the nearest');
    }

    public function test_what_does_not_count_on_are_none(): void
    {
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 100], [3, 200]]));
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 100]]), 'one for both');
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 140], [2, 240]]), 'below the first part');
    }

    public function test_they_lead_their_row_and_stand_a_little_to_the_left(): void
    {
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 100], [2, 200]], leads: false));
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 100], [2, 200]], x: 70), 'above the letters');
        $this->assertSame([], $this->numbers(NumberStyle::Bare, [[1, 100], [2, 200]], x: 8), 'in another column');
    }

    public function test_letters_that_go_on_from_the_page_before_have_none(): void
    {
        $parts = [$this->marker(NumberStyle::Letter, 3, 72, 120), $this->marker(NumberStyle::Letter, 4, 72, 140)];
        $number = $this->marker(NumberStyle::Bare, 1, 50, 100);

        $this->assertSame([], NumbersOfParts::of([$parts], [$number, ...$parts]));
    }

    public function test_numbers_that_say_they_are_some_come_before_bare_ones(): void
    {
        $said = $this->marker(NumberStyle::Named, 7, 50, 90);
        $bare = $this->marker(NumberStyle::Bare, 1, 50, 100);
        $part = $this->marker(NumberStyle::Letter, 1, 72, 120);

        $this->assertSame([$said], NumbersOfParts::of([[$part]], [$bare, $said, $part]));
    }

    /**
     * Of two questions with two parts each, at 100 and at 200.
     *
     * @param  list<array{int, int}>  $before  what is counted, and how far down it stands
     * @return list<string>
     */
    private function numbers(NumberStyle $style, array $before, int $x = 50, bool $leads = true): array
    {
        $runs = array_map(
            fn (int $y): array => [
                $this->marker(NumberStyle::Letter, 1, 72, $y + 20),
                $this->marker(NumberStyle::Letter, 2, 72, $y + 40),
            ],
            [100, 200],
        );
        $own = array_map(fn (array $one): Marker => $this->marker($style, $one[0], $x, $one[1], $leads), $before);

        return array_map(
            fn (Marker $one): string => $one->number,
            NumbersOfParts::of($runs, [...$own, ...array_merge(...$runs)]),
        );
    }

    private function marker(NumberStyle $style, int $value, int $x, int $y, bool $leads = true): Marker
    {
        return new Marker($style, $value, (string) $value, Frame::of($x, $y, 8, 12), $leads);
    }
}
