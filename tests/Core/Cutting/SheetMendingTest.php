<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Cutting\Piece;
use OpenSlate\Cutting\SheetMending;
use OpenSlate\Edit\History\Merge;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Mending that reaches pages with chosen questions: what is mended lies where it lay beside the question. */
final class SheetMendingTest extends TestCase
{
    public function test_what_lies_on_the_piece_is_moved_with_it_and_is_found_again_by_its_name(): void
    {
        $piece = $this->piece();
        [$laid] = $piece->laid($this->page([$this->label('a', 210), $this->label('b', 500)]));

        $this->assertEquals(Frame::of(50, 60, 100, 20), $laid->frame(), '20 to the left and 150 up');
        [$again] = $piece->laid($this->page([$this->label('a', 230, 'other words')]));
        $this->assertSame($laid->id(), $again->id());
        [$other] = (new Piece(3, 'second', $piece->strip, 0, 0))->laid($this->page([$this->label('a', 210)]));
        $this->assertNotSame($laid->id(), $other->id(), 'one page may be cut out twice');
    }

    public function test_parts_stay_with_their_page_and_what_is_larger_stays_on_the_paper(): void
    {
        $large = new Label('large', Frame::of(60, 0, 500, 460), 'all round');
        $laid = $this->piece()->laid($this->page([new Part('p', Frame::of(70, 210, 30, 20)), $large]));

        $this->assertCount(1, $laid);
        $this->assertTrue(Frame::of(0, 0, 600, 800)->contains($laid[0]->frame()));
    }

    public function test_what_is_new_changed_and_gone_on_the_piece_is_so_on_the_sheet_and_nothing_else(): void
    {
        $was = $this->page([$this->label('a', 210), $this->label('b', 230), $this->label('else', 500)]);
        $is = $this->page([
            $this->label('a', 210, 'mended'),
            $this->label('c', 250, 'new'),
            $this->label('else', 500, 'mended, too'),
        ]);
        $own = $this->label('own', 300, 'of the set');
        $sheet = $this->sheet([...$this->piece()->laid($was), $own]);

        $this->assertSame(['mended', 'new', 'of the set'], $this->texts($this->merged($sheet, $was, $is)));
    }

    public function test_mending_twice_is_mending_once_and_no_change_is_none(): void
    {
        $was = $this->page([$this->label('a', 210)]);
        $is = $this->page([$this->label('a', 240, 'mended')]);
        $sheet = $this->sheet($this->piece()->laid($was));
        $once = $this->merged($sheet, $was, $is);

        $this->assertEquals($once->elements(), $this->merged($once, $is, $is)->elements());
        $this->assertEquals($sheet->elements(), $this->merged($sheet, $was, $was)->elements());
    }

    public function test_what_the_set_changed_itself_is_a_conflict(): void
    {
        $was = $this->page([$this->label('a', 210)]);
        [$laid] = $this->piece()->laid($was);
        $sheet = $this->sheet([$laid->framed(Frame::of(50, 90, 100, 20))]);
        [$base, $now] = SheetMending::sides($sheet, [[$this->piece(), $was, $this->page([$this->label('a', 212)])]]);

        $this->assertFalse(Merge::of($base, $sheet, $now)->isClean());
    }

    public function test_a_turned_page_has_its_questions_elsewhere_and_offers_nothing(): void
    {
        $was = $this->page([$this->label('a', 210)]);
        $other = $this->page([$this->label('a', 210, 'mended')]);
        $turned = new Page(
            $other->size,
            $other->paper,
            $other->backdrop?->turned(Rotation::fromDegrees(90), null),
            $other->elements(),
        );
        $sheet = $this->sheet($this->piece()->laid($was));

        $this->assertEquals($sheet->elements(), $this->merged($sheet, $was, $turned)->elements());
    }

    public function test_a_box_that_the_sheet_has_for_the_same_blank_does_not_come_twice(): void
    {
        $sheet = $this->sheet([$this->box('own', 50, 60)]);
        $here = $this->page([$this->box('late', 70, 210)]);
        $beside = $this->page([$this->box('late', 300, 210)]);

        $this->assertCount(1, $this->merged($sheet, $this->page([]), $here)->elements());
        $this->assertCount(2, $this->merged($sheet, $this->page([]), $beside)->elements());
        $words = $this->page([$this->label('late', 210)]);
        $this->assertCount(2, $this->merged($sheet, $this->page([]), $words)->elements(), 'words may lie over a box');
    }

    private function merged(Page $sheet, Page $was, Page $is): Page
    {
        [$base, $now] = SheetMending::sides($sheet, [[$this->piece(), $was, $is]]);

        return Merge::of($base, $sheet, $now)->page();
    }

    /** From 200 to 280 on its page; 20 to the left and 150 higher on the sheet. */
    private function piece(): Piece
    {
        return new Piece(3, 'first', Frame::of(60, 200, 480, 80), -20, -150);
    }

    /** @param  list<Element>  $elements */
    private function page(array $elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('a', 64), 3), $elements);
    }

    /** @param  list<Element>  $elements */
    private function sheet(array $elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), elements: $elements);
    }

    private function label(string $id, float $y, string $text = 'words'): Label
    {
        return new Label($id, Frame::of(70, $y, 100, 20), $text);
    }

    private function box(string $id, float $x, float $y): AnswerBox
    {
        return new AnswerBox($id, Frame::of($x, $y, 100, 20), TextAnswer::short());
    }

    /** @return list<string> */
    private function texts(Page $page): array
    {
        $texts = array_map(
            fn (Element $one): string => $one instanceof Label ? $one->text : '',
            $page->elements(),
        );
        sort($texts);

        return $texts;
    }
}
