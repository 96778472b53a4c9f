<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PrintedSheet;

/** Lines that nobody writes on (common practice of worksheets, no source). */
final class GivenLinesTest extends TestCase
{
    /** @return array<string, array{string, bool}> what stands behind a dotted line after "cod", and whether it is one */
    public static function ends(): array
    {
        return [
            'a price' => ['£4.20', false],
            'a page' => ['12', false],
            'a time' => ['06:15', false],
            'words' => ['is what it eats', true],
            'nothing' => ['', true],
        ];
    }

    #[DataProvider('ends')]
    public function test_a_dotted_line_to_a_number_leads_there(string $end, bool $isBlank): void
    {
        $sheet = (new PrintedSheet())->words('cod', 72, 100)->across(113, 100, 200, 0.7, true);
        $end === '' || $sheet->words($end, 206, 100);

        $this->assertCount((int) $isBlank, $sheet->blanks());
    }

    public function test_a_full_line_before_a_number_is_written_on(): void
    {
        $sheet = (new PrintedSheet())->words('cod', 72, 100)->across(113, 100, 200)->words('£4.20', 206, 100);

        $this->assertCount(1, $sheet->blanks());
    }

    /** @return array<string, array{string, bool}> */
    public static function tasks(): array
    {
        return [
            'to be measured' => ['5. Measure the line with a ruler.', false],
            'each of them' => ['How long is each line?', false],
            'its length' => ['Give the length of this line.', false],
            'something else is' => ['Measure the boat, and write it down.', true],
            'a line of words' => ['How many words has the first line?', true],
        ];
    }

    #[DataProvider('tasks')]
    public function test_a_line_to_be_measured_is_not_written_on_and_the_one_before_its_unit_is(
        string $task,
        bool $isBlank,
    ): void {
        $sheet = (new PrintedSheet())
            ->words($task, 72, 100)
            ->across(140, 72, 260)
            ->across(140, 320, 380)
            ->words('cm', 386, 128);

        $this->assertSame(
            $isBlank ? [72.0, 320.0] : [320.0],
            array_map(fn (Blank $blank): float => $blank->frame->x, $sheet->blanks()),
        );
    }

    public function test_bars_between_two_axes_are_a_chart_and_boxes_on_a_shelf_are_boxes(): void
    {
        $bars = fn (float $from): PrintedSheet => (new PrintedSheet())
            ->across(300, $from, 400)
            ->box(130, 220, 40, 80)
            ->box(200, 250, 40, 50)
            ->words('How many are there?', 72, 330);

        $this->assertSame([], $bars(100)->down(100, 150, 300)->said());
        $this->assertSame([], $bars(130)->down(130, 150, 300)->said(), 'the first at the axis');
        $this->assertCount(2, $bars(100)->said());
    }

    public function test_cards_that_are_to_be_cut_out_are_not_written_on_and_other_dashed_boxes_are(): void
    {
        $card = fn (string $task): PrintedSheet => (new PrintedSheet())
            ->words($task, 72, 60)
            ->across(100, 72, 222, 1, true)
            ->across(180, 72, 222, 1, true)
            ->down(72, 100, 180, true)
            ->down(222, 100, 180, true);

        $this->assertSame([], $card('Cut out the cards.')->said());
        $this->assertSame([], $card('✂ Words of the harbour')->said());
        $this->assertSame(['box: Stick it here.'], $card('Stick it here.')->said());
        $this->assertSame(['box: Draw a cut diamond.'], $card('Draw a cut diamond.')->said());
    }

    public function test_lines_at_the_end_of_numbered_rows_are_an_answer_each(): void
    {
        $sheet = fn (string $second): array => (new PrintedSheet())
            ->words('a) 14 boats and 8 boats', 60, 100)
            ->across(114, 450, 540)
            ->words($second, 60, 121)
            ->across(135, 450, 540)
            ->said();

        $this->assertSame(['line', 'line'], array_map(fn (string $one): string => substr($one, 0, 4), $sheet('b) 30')));
        $this->assertCount(1, $sheet('in all'), 'what goes on has two lines for one answer');
    }

    public function test_gaps_with_a_space_between_them_are_several(): void
    {
        $dots = str_repeat('.', 12);
        $this->assertCount(3, (new PrintedSheet())->words("Words: {$dots} {$dots} {$dots}", 72, 100)->blanks());
        $this->assertCount(1, (new PrintedSheet())->words("Words: {$dots}{$dots}", 72, 100)->blanks());
    }

    public function test_a_short_line_before_a_full_stop_is_the_last_gap_of_a_sentence(): void
    {
        $sheet = fn (string $end): PrintedSheet => (new PrintedSheet())
            ->words('Wind is measured in knots or', 72, 100)
            ->across(124, 72, 120)
            ->words($end, 121, 114);

        $this->assertCount(1, $sheet('.')->blanks());
        $this->assertCount(0, $sheet('. .')->blanks(), 'two are none');
    }
}
