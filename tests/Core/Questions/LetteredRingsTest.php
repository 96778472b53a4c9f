<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Questions\LetteredRings;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Rows of rings with letters, as on answer sheets (common practice, no source). */
final class LetteredRingsTest extends TestCase
{
    public function test_a_row_of_rings_with_letters_that_count_up_is_a_choice_named_by_what_stands_before_it(): void
    {
        $sheet = (new PrintedSheet())->words('1', 72, 100)->words('2', 72, 130);
        $sheet = $this->rings($this->rings($sheet, 'ABCD', 100, 100), 'ABCD', 100, 130);

        $this->assertSame(
            [['1', ['A', 'B', 'C', 'D']], ['2', ['A', 'B', 'C', 'D']]],
            array_map(fn (Blank $one): array => [$one->label, $one->choices()], LetteredRings::find($sheet->marks())),
        );
    }

    public function test_two_rows_beside_each_other_are_two(): void
    {
        $sheet = $this->rings((new PrintedSheet())->words('1', 72, 100), 'ABC', 100, 100)->words('2', 300, 100);
        $found = LetteredRings::find($this->rings($sheet, 'ABC', 330, 100)->marks());

        $this->assertSame(['1', '2'], array_map(fn (Blank $one): string => $one->label, $found));
    }

    public function test_true_and_false_are_a_pair_and_other_letters_are_none(): void
    {
        $found = fn (string $letters): int => count(
            LetteredRings::find($this->rings(new PrintedSheet(), $letters, 100, 100)->marks()),
        );

        $this->assertSame([1, 1], [$found('TF'), $found('YN')]);
        $this->assertSame([1, 1], [$found('abc'), $found('123')]);
        $this->assertSame([0, 0, 0], [$found('KEEL'), $found('BCD'), $found('A')]);
    }

    public function test_rings_far_from_each_other_or_of_other_sizes_are_no_row(): void
    {
        $far = (new PrintedSheet())->ring(100, 100, 14, 14)->words('A', 104, 100)->ring(220, 100, 14, 14);
        $this->assertSame([], LetteredRings::find($far->words('B', 224, 100)->marks()));
        $large = (new PrintedSheet())->ring(100, 100, 14, 14)->words('A', 104, 100)->ring(130, 98, 18, 18);
        $this->assertSame([], LetteredRings::find($large->words('B', 136, 100)->marks()));
    }

    public function test_a_ring_is_as_large_as_one_marks_it(): void
    {
        $found = function (float $across): int {
            $sheet = new PrintedSheet();
            foreach (['A', 'B', 'C'] as $at => $letter) {
                $x = 100 + 3 * $across * $at;
                $sheet->ring($x, 100, $across, $across)->words($letter, $x + $across / 2 - 3, 100 + $across / 2 - 6);
            }

            return count(LetteredRings::find($sheet->marks()));
        };

        $this->assertSame([0, 1, 1, 0], [$found(7), $found(9), $found(27), $found(30)]);
    }

    private function rings(PrintedSheet $sheet, string $letters, float $x, float $y): PrintedSheet
    {
        foreach (str_split($letters) as $at => $letter) {
            $sheet->ring($x + 24 * $at, $y, 14, 14)->words($letter, $x + 24 * $at + 4, $y);
        }

        return $sheet;
    }
}
