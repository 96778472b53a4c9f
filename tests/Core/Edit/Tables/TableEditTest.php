<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Tables;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Keys\SetKey;
use OpenSlate\Edit\Tables\CellChange;
use OpenSlate\Edit\Tables\ChangeCells;
use OpenSlate\Edit\Tables\InsertLine;
use OpenSlate\Edit\Tables\MoveLine;
use OpenSlate\Edit\Tables\RemoveLine;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Tables stay straight whatever is done to them; and keys, and the looks of new pages. */
final class TableEditTest extends TestCase
{
    private Page $page;

    protected function setUp(): void
    {
        $cells = array_map(fn (int $at): TableCell => new TableCell($at < 3 ? "h{$at}" : '', $at > 2), range(0, 8));
        $this->page = new Page(Size::of(600, 800), Colour::white(), null, [
            new Table('t', Frame::of(50, 50, 300, 90), [0.5, 0.3, 0.2], [0.4, 0.3, 0.3], $cells),
            new AnswerBox('b', Frame::of(50, 400, 100, 20)),
        ]);
    }

    public function test_a_new_row_is_like_its_neighbour_and_the_others_keep_their_height(): void
    {
        $table = $this->table(new InsertLine('t', Axis::Down, 1));
        $this->assertSame(4, count($table->rows));
        $this->assertSame(117.0, $table->frame->height);
        $this->assertEqualsWithDelta(
            [36, 27, 27, 27],
            array_map(fn (float $share): float => $share * 117, $table->rows),
            0.01,
        );
        $this->assertSame(
            ['h0', 'h1', 'h2', '', '', '', '', '', '', '', '', ''],
            array_map(fn (TableCell $cell): string => $cell->text, $table->cells),
        );
        $this->assertTrue($table->cell(1, 0)->fill);
    }

    public function test_inserting_and_removing_is_no_change(): void
    {
        foreach (Axis::cases() as $axis) {
            foreach ([0, 1, 3] as $at) {
                $there = (new InsertLine('t', $axis, $at))->apply($this->page);
                $back = $this->of((new RemoveLine('t', $axis, $at))->apply($there));
                $this->assertEqualsWithDelta($this->of($this->page)->frame->width, $back->frame->width, 0.01);
                $this->assertEqualsWithDelta($this->of($this->page)->columns, $back->columns, 0.00001);
                $this->assertEquals($this->of($this->page)->cells, $back->cells);
            }
        }
    }

    public function test_a_line_is_moved_between_its_two_neighbours_only(): void
    {
        $this->assertSame([0.6, 0.2, 0.2], $this->table(new MoveLine('t', Axis::Across, 0, 30))->columns);
        $far = $this->table(new MoveLine('t', Axis::Across, 1, 500))->columns;
        $this->assertSame(0.5, $far[0]);
        $this->assertEqualsWithDelta(1.0, array_sum($far), 0.00001);
        $this->assertGreaterThan(0.01, $far[2], 'a column can still be taken hold of');
        $this->assertSame([0.333333, 0.333333, 0.333333], $this->table(new MoveLine('t', Axis::Down, null))->rows);
    }

    public function test_what_is_not_there_is_refused(): void
    {
        foreach (
            [
                new InsertLine('t', Axis::Down, 9),
                new RemoveLine('t', Axis::Across, 3),
                new MoveLine('t', Axis::Down, 2, 5),
                new ChangeCells('t', [], new CellChange),
                new ChangeCells('b', [0], new CellChange),
                new SetKey('t.9-9', []),
                new SetKey('t.x', []),
                new SetKey('x', []),
            ] as $edit
        ) {
            try {
                $edit->apply($this->page);
                $this->fail($edit::class);
            } catch (EditRefused $refusal) {
                $this->assertNotSame('', $refusal->getMessage());
            }
        }
        $one = $this->page->withElements([new Table('t', Frame::of(50, 50, 30, 9), [1.0], [1.0], [new TableCell])]);
        $this->expectExceptionMessage('That is the last one');
        (new RemoveLine('t', Axis::Down, 0))->apply($one);
    }

    public function test_keys_are_for_cells_that_are_filled_in(): void
    {
        $keyed = (new SetKey('t.2-1', [' 4.2 ', '4.2']))->apply($this->page);
        $this->assertSame(['t.2-1' => ['4.2']], $this->of($keyed)->keys());
        $this->assertSame(
            [],
            $this->of((new ChangeCells('t', [3], new CellChange('Sandpiper', false)))->apply($keyed))->keys(),
            'with the place its key goes',
        );
        $this->assertEquals($this->page, (new SetKey('b', []))->apply((new SetKey('b', ['ebb']))->apply($this->page)));
        $this->expectException(EditRefused::class);
        (new SetKey('t.1-1', ['x']))->apply($this->page);
    }

    public function test_whatever_is_done_it_is_a_table_that_can_be_stored(): void
    {
        mt_srand(17);
        $page = $this->page;
        for ($n = 0; $n < 300; $n++) {
            $axis = Axis::cases()[mt_rand(0, 1)];
            $edit = match (mt_rand(0, 3)) {
                0 => new InsertLine('t', $axis, mt_rand(0, 5)),
                1 => new RemoveLine('t', $axis, mt_rand(0, 5)),
                2 => new MoveLine('t', $axis, mt_rand(0, 5), mt_rand(-500, 500) / 10),
                default => new ChangeCells('t', [mt_rand(0, 9)], new CellChange("w{$n}", mt_rand(0, 1) === 0)),
            };
            try {
                $page = $edit->apply($page);
            } catch (EditRefused) {
                // Some must be refused; the table is then as it was.
            }
            $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
            $this->assertEqualsWithDelta(1.0, array_sum($this->of($page)->columns), 0.001);
            $this->assertTrue($page->frame()->contains($this->of($page)->frame));
        }
    }

    public function test_headings_of_every_look_can_be_read_and_fit_every_paper(): void
    {
        foreach (Theme::cases() as $theme) {
            // WCAG 2.2, 1.4.3: 4.5 to 1.
            $this->assertGreaterThanOrEqual(4.5, $theme->ink()->contrastWith($theme->ground()), $theme->value);
            foreach ([Size::of(612, 792), Size::of(842, 595), Size::of(420, 595)] as $size) {
                $ids = 0;
                $page = $theme->page(
                    $size,
                    function () use (&$ids): string {
                        return 'e'.++$ids;
                    },
                    'Tides',
                );
                foreach ($page->elements() as $element) {
                    $this->assertTrue($page->frame()->contains($element->frame()));
                }
            }
        }
    }

    private function table(Edit $edit): Table
    {
        return $this->of($edit->apply($this->page));
    }

    private function of(Page $page): Table
    {
        $table = $page->element('t');
        $this->assertInstanceOf(Table::class, $table);

        return $table;
    }
}
