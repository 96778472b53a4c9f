<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Page\ShownWords;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\LinesCodec;
use OpenSlate\Text\PrintedText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

final class ShownWordsTest extends TestCase
{
    private const FILE = 'abababababababababababababababababababababababababababababababab';

    public function test_what_is_printed_is_read_where_it_shows(): void
    {
        $this->assertSame(['High water at 06:12', 'Low water'], $this->read($this->page()));
    }

    public function test_a_word_that_is_covered_is_not_there_and_its_line_is_in_two(): void
    {
        $this->assertSame(
            ['High', 'at 06:12', 'Low water'],
            $this->read($this->page(new Patch('p', Frame::of(85, 95, 40, 20)))),
        );
    }

    public function test_of_a_number_half_of_which_is_covered_nothing_is_told(): void
    {
        $this->assertSame(
            ['High water at', 'Low water'],
            $this->read($this->page(new Patch('p', Frame::of(175, 95, 90, 20)))),
        );
    }

    public function test_a_box_covers_only_when_it_is_told_to(): void
    {
        $box = fn (bool $cover): AnswerBox => new AnswerBox(
            'a',
            Frame::of(40, 95, 300, 20),
            TextAnswer::short(),
            cover: $cover,
        );
        $this->assertSame(['High water at 06:12', 'Low water'], $this->read($this->page($box(false))));
        $this->assertSame(['Low water'], $this->read($this->page($box(true))));
    }

    /** Lines are set so close that what covers one reaches into the next. */
    public function test_a_patch_that_only_touches_the_next_line_leaves_it(): void
    {
        $this->assertSame(['Low water'], $this->read($this->page(new Patch('p', Frame::of(40, 95, 300, 26)))));
    }

    public function test_a_clip_says_what_it_shows_and_hides_what_lies_under_it(): void
    {
        $clip = fn (Rotation $turn, Frame $frame): Clip => new Clip(
            'c',
            $frame,
            self::FILE,
            1,
            $turn,
            left: 0.05,
            top: 0.14,
            across: 0.5,
            down: 0.03,
        );
        $straight = $this->lines($this->page($clip(Rotation::None, Frame::of(30, 400, 300, 24))));
        $this->assertSame('Low water', $straight[2]->text);
        $this->assertEqualsWithDelta([50.0, 406.0], [$straight[2]->frame->x, $straight[2]->frame->y], 0.1);
        $this->assertTrue(Frame::of(30, 400, 300, 24)->contains($straight[2]->frame));

        $larger = $this->lines($this->page($clip(Rotation::None, Frame::of(30, 400, 450, 48))));
        $this->assertEqualsWithDelta(
            [60.0, 412.0, 108.0, 28.0],
            [
                $larger[2]->frame->x,
                $larger[2]->frame->y,
                $larger[2]->frame->width,
                $larger[2]->frame->height,
            ],
            0.1,
            'half as wide again, and twice as high',
        );

        $upright = $this->lines($this->page($clip(Rotation::Quarter, Frame::of(300, 400, 24, 300))));
        $this->assertSame('Low water', $upright[2]->text);
        $this->assertGreaterThan($upright[2]->frame->width, $upright[2]->frame->height, 'it runs down the page');

        $this->assertSame(
            ['High water at 06:12', 'Low water'],
            $this->read($this->page($clip(Rotation::None, Frame::of(30, 110, 300, 24)))),
            'said once: by the clip that lies over it',
        );
    }

    public function test_a_word_that_a_clip_cuts_through_is_not_told(): void
    {
        $frame = Frame::of(30, 400, 60, 40);
        $clip = new Clip('c', $frame, self::FILE, 1, left: 0.05, top: 0.14, across: 0.1, down: 0.05);

        $this->assertSame(
            ['High water at 06:12', 'Low water', 'Low'],
            $this->read($this->page($clip)),
        );
    }

    public function test_places_to_write_in_are_not_read(): void
    {
        $lines = [TextLine::of(new Word('Name:______Date:....', Frame::of(50, 100, 200, 14)))];
        $shown = ShownWords::on($this->page(), fn (): PrintedText => new PrintedText(Size::of(600, 800), $lines));

        $this->assertSame('Name: Date:', $shown[0]->text);
        $this->assertEqualsWithDelta(50.0, $shown[0]->frame->x, 0.01);
        $this->assertEqualsWithDelta(100.0, $shown[0]->words[1]->frame->x - 60, 20, 'the second stands behind the gap');
    }

    public function test_a_page_of_its_own_and_a_print_nobody_has_read_say_nothing(): void
    {
        $this->assertSame(
            [],
            ShownWords::on(new Page(Size::of(600, 800), Colour::white()), fn (): PrintedText => $this->printed()),
        );
        $this->assertSame([], ShownWords::on($this->page(), fn (): ?PrintedText => null));
    }

    public function test_printed_lines_are_kept_as_they_are(): void
    {
        $lines = $this->printed()->lines;

        $this->assertEquals($lines, LinesCodec::decode(LinesCodec::encode($lines)));
        $this->assertSame([], LinesCodec::decode(LinesCodec::encode([])));
        $many = TextLine::of(...array_fill(0, 6000, new Word('ebb', Frame::of(0, 0, 10, 10))));
        $this->assertCount(5000, LinesCodec::decode(LinesCodec::encode([$many, $many]))[0]->words);
    }

    public function test_a_line_is_as_large_as_all_of_its_words(): void
    {
        $line = TextLine::of(new Word('ebb', Frame::of(10, 20, 30, 10)), new Word('flood', Frame::of(50, 14, 20, 20)));

        $this->assertEquals([Frame::of(10, 14, 60, 20), 'ebb flood'], [$line->frame, $line->text]);
    }

    /** Two lines: "High water at 06:12" and "Low water" below it. */
    private function printed(): PrintedText
    {
        return new PrintedText(Size::of(600, 800), [
            TextLine::of(
                new Word('High', Frame::of(50, 98, 30, 14)),
                new Word('water', Frame::of(86, 98, 38, 14)),
                new Word('at', Frame::of(130, 98, 14, 14)),
                new Word('06:12', Frame::of(150, 98, 40, 14)),
            ),
            TextLine::of(new Word('Low', Frame::of(50, 118, 28, 14)), new Word('water', Frame::of(84, 118, 38, 14))),
        ]);
    }

    private function page(Element ...$elements): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), Backdrop::of(self::FILE, 1), array_values($elements));
    }

    /** @return list<TextLine> */
    private function lines(Page $page): array
    {
        return ShownWords::on($page, fn (): PrintedText => $this->printed());
    }

    /** @return list<string> */
    private function read(Page $page): array
    {
        return array_map(fn (TextLine $line): string => $line->text, $this->lines($page));
    }
}
