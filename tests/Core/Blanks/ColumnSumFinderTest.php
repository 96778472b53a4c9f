<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Sums in columns have their answers under the rule: common practice, no source. */
final class ColumnSumFinderTest extends TestCase
{
    public function test_what_a_column_comes_to_is_written_under_its_rule(): void
    {
        $sheet = $this->column('24', '+ 16');
        $blanks = $sheet->blanks();
        $this->assertSame(['box: 24 + 16 ='], $sheet->said());
        $frame = $blanks[0]->frame;
        $this->assertEqualsWithDelta([95.0, 133.0, 40.0], [$frame->x, $frame->y, $frame->width], 0.01);
        $this->assertGreaterThan(10.0, $frame->height);
    }

    public function test_the_sign_may_stand_in_one_word_with_its_number_and_be_any(): void
    {
        foreach (['+16', '− 16', '× 6', '-12'] as $last) {
            $this->assertSame(["box: 24 {$last} ="], $this->column('24', $last)->said());
        }
    }

    public function test_numbers_end_with_the_rule_and_need_not_stand_quite_on_one_line(): void
    {
        $sheet = (new PrintedSheet())
            ->words('24', 123, 100)
            ->words('+', 96, 117)
            ->words('16', 123, 116)
            ->across(132, 95, 135);
        $this->assertSame(['box: 24 + 16 ='], $sheet->said());
    }

    public function test_at_the_foot_of_the_page_there_is_no_room(): void
    {
        $sheet = (new PrintedSheet())->words('24', 104, 760)->words('+ 16', 96, 776)->across(792, 95, 135);
        $this->assertSame([], $sheet->said());
    }

    public function test_what_is_worked_out_already_or_no_sum_is_not(): void
    {
        $this->assertSame([], $this->column('24', '+ 16')->words('40', 100, 136)->said());
        $this->assertSame([], $this->column('24', '16')->said(), 'without a sign');
        $this->assertSame([], $this->column('boats', '+ 16')->said());
        $this->assertSame([], $this->column('24', '+ 16', 300)->said(), 'a rule across the page');
    }

    public function test_between_two_rules_it_is_as_high_as_they_are_apart(): void
    {
        $blanks = $this->column('24', '+ 16')->across(146, 95, 135)->blanks();
        $this->assertCount(1, $blanks);
        $this->assertEqualsWithDelta(13.0, $blanks[0]->frame->height, 0.2);
    }

    private function column(string $first, string $last, float $long = 40): PrintedSheet
    {
        return (new PrintedSheet())
            ->words($first, 104, 100)
            ->words($last, 96, 116)
            ->across(132, 95, 95 + $long);
    }
}
