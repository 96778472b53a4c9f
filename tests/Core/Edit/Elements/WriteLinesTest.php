<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Elements;

use Closure;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\WriteLines;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines that a teacher pastes at one thing go into it and into those after it. */
final class WriteLinesTest extends TestCase
{
    public function test_lines_go_down_the_column_of_a_cell_and_on_in_the_next(): void
    {
        $this->assertSame(['', 'a', 'c', '', 'b', 'd'], self::cells(self::table(), 1, ['a', 'b', 'c', 'd']));
        $this->assertSame(['', '', '', 'a', 'b', 'c'], self::cells(self::table(), 3, ['a', 'b', 'c']));
    }

    public function test_lines_with_tabs_fill_rows_as_a_spreadsheet_gives_them(): void
    {
        $this->assertSame(['', 'Mon', '1.2', '', '', '3'], self::cells(self::table(), 1, ["Mon\t 1.2 ", "\t3"]));
    }

    public function test_a_cell_that_is_written_in_is_no_more_for_students_and_an_empty_line_leaves_it_as_it_is(): void
    {
        $table = self::table(new TableCell('', true, ['7']), new TableCell('kept', false), new TableCell('', true));
        $page = self::page($table);
        $after = (new WriteLines('t', 0, ['a', ' '], self::ids()))->apply($page)->element('t');
        $this->assertInstanceOf(Table::class, $after);
        $this->assertEquals(new TableCell('a'), $after->cells[0]);
        $this->assertEquals($table->cells[3], $after->cells[3]);
        $this->assertEquals($table->cells[1], $after->cells[1]);
    }

    /** @param  list<string>  $lines */
    #[DataProvider('tooMuch')]
    public function test_what_has_no_place_is_refused_whole(string $id, ?int $cell, array $lines, string $says): void
    {
        $page = self::page(
            self::table(),
            self::box('b', 10, 300),
            new Label('l', Frame::of(10, 500, 90, 20), 'words'),
            new Part('p', Frame::of(20, 600, 500, 150)),
        );
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage($says);
        (new WriteLines($id, $cell, $lines, self::ids()))->apply($page);
    }

    /** @return array<string, array{string, int|null, list<string>, string}> */
    public static function tooMuch(): array
    {
        return [
            'lines past the last column' => ['t', 2, ['1', '2', '3'], '3 lines, and from here on there are fewer'],
            'a column past the last' => ['t', 2, ["1\t2"], 'fewer cells'],
            'a row past the last' => ['t', 3, ["1\t2", '3'], 'fewer cells'],
            'a cell that the table has not' => ['t', 6, ['1'], 'no longer on this page'],
            'more lines than boxes' => ['b', null, ['1', '2'], 'fewer boxes'],
            'a prompt that is too long' => ['b', null, [str_repeat('x', 201)], 'Line 1 is longer than 200'],
            'a cell that is too long' => ['t', 0, ['ok', str_repeat('x', 501)], 'Line 2 is longer than 500'],
            'what has no words of its own' => ['l', null, ['1'], 'no longer on this page'],
            'no such thing' => ['gone', null, ['1'], 'no longer on this page'],
            'cards that would lie off the page' => ['p', null, ['1', '2'], 'no room beside and below it for 1 more'],
        ];
    }

    public function test_prompts_go_to_the_boxes_after_it_as_they_are_read(): void
    {
        $page = self::page(
            self::box('low', 10, 400),
            self::box('right', 200, 100),
            self::box('left', 10, 100, 'taken from the print'),
            self::box('before', 10, 20),
        );
        $after = (new WriteLines('left', null, ['How far?', '', "\u{2003}How long? "], self::ids()))->apply($page);

        $this->assertSame(
            ['low' => 'How long?', 'right' => '', 'left' => 'How far?', 'before' => ''],
            self::said($after, fn (Element $box): string => $box instanceof AnswerBox ? $box->prompt : ''),
        );
        $left = $after->element('left');
        $this->assertInstanceOf(AnswerBox::class, $left);
        $this->assertFalse($left->printed, 'a prompt that is typed is shown');
    }

    public function test_where_cards_run_out_more_are_laid_in_rows_beside_the_last_and_clear_of_others(): void
    {
        $page = self::page(
            new Part('a', Frame::of(46, 20, 100, 30), name: 'alike', stock: 3),
            new Spot('zone', Frame::of(258, 10, 100, 60)),
            new Part('far', Frame::of(400, 500, 20, 20)),
        );
        $after = (new WriteLines('far', null, ['one', '', 'two'], self::ids()))->apply($page);
        $this->assertEquals(Frame::of(426, 500, 20, 20), $after->element('n1')?->frame());

        $after = (new WriteLines('a', null, ['far one', 'x', 'two', 'three'], self::ids()))->apply(
            $page->withElements([$page->elements()[1], $page->elements()[0]]),
        );
        $this->assertSame(
            ['zone' => '', 'a' => 'far one', 'n1' => 'x', 'n2' => 'two', 'n3' => 'three'],
            self::said($after, fn (Element $part): string => $part instanceof Part ? $part->text : ''),
        );
        $this->assertEquals(
            [Frame::of(152, 20, 100, 30), Frame::of(364, 20, 100, 30), Frame::of(470, 20, 100, 30)],
            array_map(fn (string $id): ?Frame => $after->element($id)?->frame(), ['n1', 'n2', 'n3']),
        );
        $made = $after->element('n1');
        $this->assertInstanceOf(Part::class, $made);
        $this->assertSame(
            [1, 'x'],
            [$made->stock, $made->named()],
            'cards with other words are not alike, and one each',
        );
    }

    public function test_cards_in_the_tray_go_on_in_the_tray_from_its_left_edge(): void
    {
        $tray = new Tray(TraySide::Bottom, 120);
        $lies = $tray->frame(Size::of(600, 800));
        $page = self::page(new Part('a', Frame::of($lies->x + 450, $lies->y + 6, 100, 30)))->withTray($tray);
        $after = (new WriteLines('a', null, ['1', '2', '3'], self::ids()))->apply($page);

        $this->assertEquals(
            [Frame::of($lies->x + 26, $lies->y + 42, 100, 30), Frame::of($lies->x + 132, $lies->y + 42, 100, 30)],
            [$after->element('n1')?->frame(), $after->element('n2')?->frame()],
        );
    }

    private static function page(Element ...$elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), elements: array_values($elements));
    }

    /** Two rows of three. */
    private static function table(TableCell ...$cells): Table
    {
        return new Table(
            't',
            Frame::of(50, 50, 300, 90),
            [0.4, 0.3, 0.3],
            [0.5, 0.5],
            array_map(fn (int $at): TableCell => $cells[$at] ?? new TableCell, range(0, 5)),
        );
    }

    private static function box(string $id, float $x, float $y, string $prompt = ''): AnswerBox
    {
        return new AnswerBox($id, Frame::of($x, $y, 120, 20), prompt: $prompt, printed: $prompt !== '');
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function cells(Table $table, int $from, array $lines): array
    {
        $after = (new WriteLines('t', $from, $lines, self::ids()))->apply(self::page($table))->element('t');
        self::assertInstanceOf(Table::class, $after);

        return array_map(fn (TableCell $cell): string => $cell->text, $after->cells);
    }

    /**
     * @param  callable(Element): string  $words
     * @return array<string, string> by id
     */
    private static function said(Page $page, callable $words): array
    {
        return array_combine($page->ids(), array_map($words, $page->elements()));
    }

    private static function ids(): Closure
    {
        $n = 0;

        return function () use (&$n): string {
            return 'n'.++$n;
        };
    }
}
