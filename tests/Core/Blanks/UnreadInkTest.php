<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\UnreadInk;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

final class UnreadInkTest extends TestCase
{
    public function test_what_stands_alone_and_was_not_read_is_left_over(): void
    {
        $number = Frame::of(50, 100, 8, 12);
        $row = Frame::of(80, 100, 200, 14);

        $this->assertEquals([$number], $this->unread([$number, $row], [Frame::of(80, 100, 200, 14)]));
        $this->assertSame([], $this->unread([$number], [Frame::of(50, 99, 8, 14)]));
    }

    public function test_of_a_row_what_lies_before_between_and_behind_the_words_that_were_read(): void
    {
        $row = Frame::of(50, 100, 150, 14);
        // "Question", a number that was passed over, and two words that stand close to each other.
        $read = [Frame::of(65, 99, 45, 14), Frame::of(130, 99, 20, 14), Frame::of(153, 99, 20, 14)];

        $this->assertEquals(
            [Frame::of(50, 100, 13, 14), Frame::of(112, 100, 16, 14), Frame::of(175, 100, 25, 14)],
            $this->unread([$row], $read),
        );
        // A row above or below says nothing of it.
        $this->assertEquals(
            [Frame::of(50, 100, 60, 14)],
            $this->unread([Frame::of(50, 100, 60, 14)], [Frame::of(50, 108, 60, 14)]),
        );
    }

    public function test_dust_and_drawings_are_none(): void
    {
        $this->assertSame(
            [],
            $this->unread([
                Frame::of(50, 100, 20, 4.9),
                Frame::of(50, 200, 20, 35),
                Frame::of(50, 300, 71, 19),
                Frame::of(50, 350, 301, 14),
                Frame::of(50, 400, 4.5, 14),
            ]),
        );
        $large = [Frame::of(50, 100, 5, 5), Frame::of(50, 200, 70, 34), Frame::of(50, 300, 300, 18)];
        $this->assertEquals($large, $this->unread($large));
    }

    public function test_of_hundreds_of_specks_none_is_read(): void
    {
        $specks = [];
        for ($at = 0; $at <= 200; $at++) {
            $specks[] = Frame::of(10 + 20 * ($at % 25), 10 + 20 * intdiv($at, 25), 8, 8);
        }

        $this->assertSame([], $this->unread($specks));
        $this->assertCount(200, $this->unread(array_slice($specks, 1)));
    }

    public function test_it_lies_as_the_picture_does_that_was_read(): void
    {
        $ink = [Frame::of(500, 421, 10, 10)];
        $marks = $this->marks($ink, tilt: 0.02);
        [$lying] = UnreadInk::of($marks, []);
        // 205 points from the middle of a page that is turned by a fiftieth, it lies four lower.
        $this->assertEqualsWithDelta(425.1, $lying->y, 0.1);
        $this->assertEquals($ink, UnreadInk::of($marks, [], 0.02));
    }

    public function test_where_words_are_known_nothing_is_left_over(): void
    {
        $this->assertSame([], $this->unread([Frame::of(500, 421, 10, 10)], [], readable: true));
    }

    /**
     * @param  list<Frame>  $ink
     * @param  list<Frame>  $words
     * @return list<Frame>
     */
    private function unread(array $ink, array $words = [], bool $readable = false): array
    {
        return UnreadInk::of($this->marks($ink, $readable), $this->lines($words));
    }

    /** @param  list<Frame>  $ink */
    private function marks(array $ink, bool $readable = false, float $tilt = 0.0): Marks
    {
        return new Marks(Size::of(595.0, 842.0), lines: $this->lines($ink), readable: $readable, tilt: $tilt);
    }

    /**
     * @param  list<Frame>  $frames
     * @return list<TextLine>
     */
    private function lines(array $frames): array
    {
        return array_map(
            fn (Frame $frame): TextLine => new TextLine('x', $frame, [new Word('x', $frame)]),
            $frames,
        );
    }
}
