<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\Ruling;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Edit\Paper\Turn;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProposalsTest extends TestCase
{
    public function test_they_come_back_exactly_from_json(): void
    {
        $this->assertEquals($this->blanks(), Proposals::decode(Proposals::encode($this->blanks())));
        $this->assertSame([], Proposals::decode(Proposals::encode([])));
        $one = new Blank(BlankKind::Box, Frame::of(1, 2, 30, 40), 0.9);
        $this->assertNull(Proposals::decode(Proposals::encode([$one]))[0]->pitch);
    }

    public function test_a_box_over_what_is_printed_hides_nothing_of_it_and_draws_no_edge_of_its_own(): void
    {
        foreach ($this->blanks() as $blank) {
            $box = Proposals::box($blank, 'a');
            $this->assertSame([false, false], [$box->cover, $box->outline]);
        }
    }

    public function test_lines_are_written_on_and_ticks_are_ticked(): void
    {
        [$line, $lines, $tick] = $this->blanks();
        $box = Proposals::box($line, 'a');
        $this->assertEquals(
            [TextAnswer::short(null, new Ruling(18, 18)), 'Name', $line->frame],
            [$box->form, $box->prompt, $box->frame],
        );
        $this->assertSame(
            ['Name', ''],
            [$box->prompt, $box->shownPrompt()],
            'what is printed is said, and not shown once more',
        );
        $box = Proposals::box($lines, 'b');
        $this->assertEquals(
            [TextAnswer::lines(null, new Ruling(25.5, 25.5)), 14.0],
            [$box->form, $box->size],
            'the first of three lines is one pitch down',
        );
        $this->assertEquals(
            [new TickAnswer, 'yes'],
            [Proposals::box($tick, 'c')->form, Proposals::box($tick, 'c')->prompt],
        );
    }

    /** @return array<string, array{float, float}> */
    public static function heights(): array
    {
        return [
            'the usual room above a line' => [18.0, 11.0],
            'little room: as large as can still be read well' => [13.0, 10.0],
            'less than a line of ten points' => [11.0, 8.0],
            'hardly any' => [6.0, 6.0],
            'much room' => [34.0, 16.0],
        ];
    }

    #[DataProvider('heights')]
    public function test_words_are_as_large_as_those_beside_them_or_as_there_is_room_for(float $room, float $size): void
    {
        $this->assertSame(
            $size,
            Proposals::box(new Blank(BlankKind::Line, Frame::of(90, 90, 200, $room), 0.9), 'a')->size,
        );
    }

    /** @return array<string, array{string, LabelText}> */
    public static function asked(): array
    {
        return [
            'name' => ['Name:', LabelText::Student],
            'whose' => ['Student’s name ', LabelText::Student],
            'your name' => ['YOUR NAME', LabelText::Student],
            'in another language' => ['Imię', LabelText::Student],
            'date' => ['Date', LabelText::Date],
            'today' => ['Today’s date:', LabelText::Date],
            'the name of something else' => ['Name of the boat', LabelText::Own],
            'a question about names' => ['What is the name?', LabelText::Own],
            'something else' => ['Height', LabelText::Own],
            'nothing' => ['', LabelText::Own],
        ];
    }

    #[DataProvider('asked')]
    public function test_whose_sheet_it_is_and_the_day_fill_themselves_in_where_the_teacher_allows_it(
        string $label,
        LabelText $fills,
    ): void {
        $blank = new Blank(BlankKind::Line, Frame::of(90, 90, 200, 18), 0.9, label: $label);
        $this->assertInstanceOf(AnswerBox::class, Proposals::laid($blank, fn (): string => 'a', false)[0]);
        [$laid] = Proposals::laid($blank, fn (): string => 'a', true);
        if ($fills === LabelText::Own) {
            $this->assertInstanceOf(AnswerBox::class, $laid);

            return;
        }
        $this->assertInstanceOf(Label::class, $laid);
        $this->assertSame([$fills, '', 108.0], [$laid->fills, $laid->text, $laid->frame->bottom()]);
        $page = new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('ab', 32), 1), [$laid]);
        $this->assertSame([], Proposals::on($page, [$blank], Size::of(600, 800)), 'it has taken its place');
        $lines = new Blank(BlankKind::Lines, Frame::of(90, 90, 200, 60), 0.9, 20.0, 3, $label);
        $this->assertInstanceOf(AnswerBox::class, Proposals::laid($lines, fn (): string => 'a', true)[0]);
    }

    public function test_a_form_field_takes_what_the_file_says(): void
    {
        $list = ListAnswer::of(['ebb', 'flood']);
        $field = new Blank(BlankKind::Field, Frame::of(10, 10, 90, 60), 1.0, label: 'Tide', form: $list);
        $this->assertEquals($list, Proposals::box($field, 'a')->form);
        $this->assertEquals([$field], Proposals::decode(Proposals::encode([$field])));
    }

    public function test_a_box_over_most_of_a_blank_has_taken_its_place(): void
    {
        $page = $this->page();
        $this->assertSame([0, 1, 2], array_keys(Proposals::on($page, $this->blanks(), $page->size)));
        $covered = $page->withElements([new AnswerBox('x', Frame::of(100, 98, 200, 22))]);
        $this->assertSame([1, 2], array_keys(Proposals::on($covered, $this->blanks(), $page->size)));
        $beside = $page->withElements([new AnswerBox('x', Frame::of(250, 98, 200, 22))]);
        $this->assertSame([0, 1, 2], array_keys(Proposals::on($beside, $this->blanks(), $page->size)));
    }

    public function test_they_follow_the_print_when_the_page_is_turned_or_gets_other_paper(): void
    {
        $page = $this->page();
        $turned = (new Turn(Rotation::Quarter))->apply($page);
        $this->assertEquals(
            Frame::of(800 - 118, 100, 18, 200),
            Proposals::on($turned, $this->blanks(), $page->size)[0]->frame,
        );
        $smaller = (new Repaper(Size::of(300, 500), Fit::Scale))->apply($page);
        $this->assertEquals(
            Frame::of(50, 50 + 50, 100, 9),
            Proposals::on($smaller, $this->blanks(), $page->size)[0]->frame,
        );
        $this->assertSame(12.75, Proposals::on($smaller, $this->blanks(), $page->size)[1]->pitch);
        $cut = (new Repaper(Size::of(250, 800), Fit::Keep))->apply($page);
        $this->assertSame(
            [2],
            array_keys(Proposals::on($cut, $this->blanks(), $page->size)),
            'what is off the paper is not proposed',
        );
    }

    private function page(): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('ab', 32), 1));
    }

    /** @return array{Blank, Blank, Blank} */
    private function blanks(): array
    {
        return [
            new Blank(BlankKind::Line, Frame::of(100, 100, 200, 18), 0.92, label: 'Name'),
            new Blank(BlankKind::Lines, Frame::of(50, 300, 500, 76.5), 0.9, 25.5, 3, 'Why?'),
            new Blank(BlankKind::Tick, Frame::of(50, 500, 11, 11), 0.9, label: 'yes'),
        ];
    }
}
