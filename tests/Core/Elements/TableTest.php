<?php

declare(strict_types=1);

namespace Tests\Core\Elements;

use InvalidArgumentException;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use PHPUnit\Framework\TestCase;

final class TableTest extends TestCase
{
    public function test_a_cell_is_named_by_the_nearest_words_to_its_left_and_above_it(): void
    {
        $table = $this->table(3, ['', 'High', 'Low', 'Monday', '', '', '', '', '']);
        $this->assertSame('Monday, High', $table->heading(1, 1));
        $this->assertSame('Monday, Low', $table->heading(1, 2));
        // The row has no words of its own: there is only what stands above.
        $this->assertSame('High', $table->heading(2, 1));
        $this->assertSame('Monday', $table->heading(2, 0));
    }

    public function test_what_is_nearer_names_it_before_what_is_further_off(): void
    {
        $table = $this->table(2, ['Far', 'Far above', 'Near', 'Near above', '', '']);
        $this->assertSame('Near above', $table->heading(2, 1));
        $this->assertSame('Near', $table->heading(2, 0));
        $this->assertSame('Near, Far above', $table->heading(1, 1));
    }

    public function test_words_in_the_first_row_and_the_first_column_count(): void
    {
        $table = $this->table(2, ['Day', 'Tide', '', '']);
        $this->assertSame('Tide', $table->heading(1, 1));
        $this->assertSame('Day', $table->heading(0, 1));
        $this->assertSame('', $table->heading(0, 0));
    }

    public function test_places_are_the_cells_that_are_filled_in_counted_from_one(): void
    {
        $table = new Table('t', Frame::of(0, 0, 200, 80), [0.5, 0.5], [0.5, 0.5], [
            new TableCell('Day'),
            new TableCell('', true, ['high']),
            new TableCell('', true),
            new TableCell('Low'),
        ]);
        $this->assertSame(['t.1-2', 't.2-1'], array_keys($table->places()));
        $this->assertSame(['t.1-2' => ['high']], $table->keys());
    }

    public function test_it_has_as_many_cells_as_rows_times_columns(): void
    {
        foreach ([[], [new TableCell('one')], array_fill(0, 3, new TableCell(''))] as $cells) {
            try {
                new Table('t', Frame::of(0, 0, 10, 10), [0.5, 0.5], [0.5, 0.5], $cells);
                $this->fail('Made of '.count($cells).' cells.');
            } catch (InvalidArgumentException) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @param  non-empty-list<string>  $words  row by row */
    private function table(int $columns, array $words): Table
    {
        $rows = intdiv(count($words), $columns);

        return new Table(
            't',
            Frame::of(0, 0, 300, 90),
            array_fill(0, $columns, 1 / $columns),
            array_fill(0, $rows, 1 / $rows),
            array_map(fn (string $text): TableCell => new TableCell($text, $text === ''), $words),
        );
    }
}
