<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Elements;

use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\RepeatOver;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Overlaps;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Guides;
use PHPUnit\Framework\TestCase;

/** One box, then the same over every further line or cell; and the lines to hold to while dragging. */
final class RepeatOverTest extends TestCase
{
    public function test_a_box_is_repeated_down_the_lines_of_its_column(): void
    {
        $blanks = [
            $this->line(100, 100),
            $this->line(100, 140),
            $this->line(104, 190, 190),
            $this->line(400, 140), // another column
            new Blank(BlankKind::Lines, Frame::of(100, 240, 200, 60), 0.9, 20.0, 3), // three lines more: 260, 280, 300
        ];
        $after = $this->repeated(Frame::of(102, 86, 196, 16), $blanks, false);

        $this->assertEquals([[102, 126], [106, 176], [102, 246], [102, 266], [102, 286]], $after);
    }

    public function test_lines_above_it_and_lines_with_a_box_are_left_alone(): void
    {
        $blanks = [$this->line(100, 100), $this->line(100, 140), $this->line(100, 180)];
        $page = $this->page(
            new AnswerBox('a', Frame::of(100, 122, 200, 18)),
            new AnswerBox('b', Frame::of(100, 162, 200, 18)),
        );
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('No further line');
        (new RepeatOver(Selection::of(['a']), $blanks, false, fn (): string => 'n'))->apply($page);
    }

    public function test_a_box_fills_the_empty_cells_of_its_table_and_of_no_other(): void
    {
        $cells = [];
        foreach ([100.0, 120.0, 140.0] as $y) {
            foreach ([50.0, 130.0] as $x) {
                $cells[] = new Blank(BlankKind::Cell, Frame::of($x, $y, 80, 20), 0.9);
            }
        }
        unset($cells[2]); // filled in
        $cells[] = new Blank(BlankKind::Cell, Frame::of(50, 500, 80, 20), 0.9); // far below: another table
        $after = $this->repeated(Frame::of(52, 101, 76, 18), array_values($cells), true);

        $this->assertEquals([[132, 101], [132, 121], [52, 141], [132, 141]], $after);
    }

    public function test_outside_a_cell_there_is_no_table_to_fill(): void
    {
        $this->expectExceptionMessage('No other empty cell');
        $this->repeated(
            Frame::of(300, 300, 50, 20),
            [new Blank(BlankKind::Cell, Frame::of(50, 100, 80, 20), 0.9)],
            true,
        );
    }

    public function test_guides_are_edges_and_middles_and_say_whose_they_are(): void
    {
        $guides = Guides::of(
            $this->page(new Patch('a', Frame::of(100, 100, 50, 20)), new Patch('b', Frame::of(100, 150, 80, 20))),
            [$this->line(120, 300)->frame],
        );
        $lines = array_column($guides['x'], 1, 0);

        $this->assertSame(['a', 'b'], $lines[100.0]);
        $this->assertSame([], $lines[300.0], 'the middle of the page holds whatever is dragged');
        $this->assertSame(['b'], $lines[180.0]);
        $this->assertSame([], $lines[120.0], 'and so does the edge of a printed blank');
        $this->assertSame(array_column($guides['x'], 0), array_unique(array_column($guides['x'], 0)));
    }

    public function test_a_gap_between_two_neighbours_can_come_back_on_either_side(): void
    {
        $guides = Guides::of(
            $this->page(
                new Patch('a', Frame::of(100, 100, 50, 20)),
                new Patch('b', Frame::of(100, 150, 80, 20)),
                new Patch('c', Frame::of(300, 130, 10, 10)),
            ),
        );
        $gaps = array_filter($guides['gaps'], fn (array $gap): bool => $gap['axis'] === 'down');

        $this->assertEquals(
            [['start', 200.0], ['end', 70.0]],
            array_map(fn (array $gap): array => [$gap['edge'], $gap['at']], array_values($gaps)),
        );
        $this->assertSame(
            [],
            array_filter(
                $guides['gaps'],
                fn (array $gap): bool => $gap['axis'] === 'across' && in_array('a', $gap['ids'], true),
            ),
            'what stands at other heights is no neighbour',
        );
    }

    public function test_what_a_student_could_not_reach_is_told(): void
    {
        $page = $this->page(
            new AnswerBox('a', Frame::of(100, 100, 100, 20)),
            new AnswerBox('b', Frame::of(150, 110, 100, 20)),
            new AnswerBox('touching', Frame::of(100, 119.5, 40, 20)),
            new AnswerBox('drawn', Frame::of(0, 0, 600, 800), new DrawingAnswer),
            new Patch('p', Frame::of(100, 100, 100, 20)),
            new AnswerBox('inside', Frame::of(160, 112, 10, 10)),
        );
        $this->assertEqualsCanonicalizing([['a', 'b'], ['a', 'inside'], ['b', 'inside']], Overlaps::of($page));
        $this->assertSame(
            [],
            Overlaps::of(
                $this->page(
                    new AnswerBox('a', Frame::of(100, 100, 100, 20)),
                    new AnswerBox('b', Frame::of(100, 120, 100, 20)),
                ),
            ),
        );
    }

    private function line(float $x, float $bottom, float $width = 200): Blank
    {
        return new Blank(BlankKind::Line, Frame::of($x, $bottom - 18, $width, 18), 0.9);
    }

    private function page(Element ...$elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), null, array_values($elements));
    }

    /**
     * @param  list<Blank>  $blanks
     * @return list<array{float, float}> where the new boxes are
     */
    private function repeated(Frame $frame, array $blanks, bool $cells): array
    {
        $ids = 0;
        $page = $this->page(new AnswerBox('a', $frame));
        $after = (new RepeatOver(Selection::of(['a']), $blanks, $cells, function () use (&$ids): string {
            return 'n'.++$ids;
        }))->apply($page);

        return array_map(
            fn (Element $element): array => [$element->frame()->x, $element->frame()->y],
            array_slice($after->elements(), 1),
        );
    }
}
