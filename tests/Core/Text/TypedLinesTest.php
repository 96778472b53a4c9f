<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use OpenSlate\Text\TypedLines;
use PHPUnit\Framework\TestCase;

final class TypedLinesTest extends TestCase
{
    public function test_words_break_between_them_and_none_is_lost(): void
    {
        $text = 'The ferry cannot leave at low water, and the trawler waits for the tide.';
        foreach ([60.0, 120.0, 200.0, 5000.0] as $width) {
            $lines = TypedLines::of($text, $width, 12);
            $this->assertSame($text, implode(' ', $lines), "at {$width}");
        }
        $this->assertSame([$text], TypedLines::of($text, 5000, 12));
        $this->assertGreaterThan(
            count(TypedLines::of($text, 200, 12)),
            count(TypedLines::of($text, 120, 12)),
        );
    }

    public function test_each_line_is_as_long_as_there_is_room_and_no_longer(): void
    {
        // Twenty letters of 0.62 of their size: 10 on a line of 6.2 sizes, and as many on one a hair wider.
        $this->assertSame(['aaaaaaaaaa', 'aaaaaaaaaa'], TypedLines::of(str_repeat('a', 20), 62.01, 10));
        $this->assertSame(['aaaaaaaaa', 'aaaaaaaaa', 'aa'], TypedLines::of(str_repeat('a', 20), 61.9, 10));
        $this->assertSame(['aaa aaa', 'aaa'], TypedLines::of('aaa aaa aaa', 10 * (6 * 0.62 + 0.3) + 0.1, 10));
    }

    public function test_lines_that_were_begun_anew_stay_and_spaces_at_their_ends_take_no_room(): void
    {
        $this->assertSame(['one', '', 'two'], TypedLines::of("one\n\ntwo", 500, 12));
        $this->assertSame(['one', 'two', 'three'], TypedLines::of("one\r\ntwo\rthree", 500, 12));
        $this->assertSame([''], TypedLines::of('', 500, 12));
        $this->assertSame(['aaaaa', 'b'], TypedLines::of('aaaaa b', 10 * 5 * 0.62 + 0.1, 10));
    }

    public function test_a_word_that_is_longer_than_a_line_breaks_anywhere_and_signs_that_take_no_room_take_none(): void
    {
        $this->assertSame(['aaaa', 'aaaa', 'aa b'], TypedLines::of('aaaaaaaaaa b', 10 * 4 * 0.62 + 0.1, 10));
        // An accent that is a letter of its own stands over the one before (Unicode, category Mn).
        $this->assertSame(
            count(TypedLines::of(str_repeat('e', 40), 100, 10)),
            count(TypedLines::of(str_repeat("e\u{301}", 40), 100, 10)),
        );
    }

    public function test_writing_of_squares_takes_a_square_each(): void
    {
        $this->assertSame(['水水水水', '水水'], TypedLines::of('水水水水水水', 40.1, 10));
        $this->assertSame(['🐟🐟🐟🐟', '🐟'], TypedLines::of('🐟🐟🐟🐟🐟', 40.1, 10));
    }

    public function test_what_fits_is_judged_by_lines_and_on_one_by_its_width(): void
    {
        $this->assertTrue(TypedLines::fit('aaaa', 25, 14, 10, 12, false));
        $this->assertFalse(TypedLines::fit('aaaaa', 25, 14, 10, 12, false));
        $this->assertTrue(TypedLines::fit('aaaa aaaa', 25, 24, 10, 12, true));
        $this->assertFalse(TypedLines::fit('aaaa aaaa aaaa', 25, 24, 10, 12, true));
        // A tenth of a line over is no line lost.
        $this->assertTrue(TypedLines::fit('aaaa aaaa', 25, 23, 10, 12, true));
        $this->assertFalse(TypedLines::fit('aaaa aaaa', 25, 22.5, 10, 12, true));
    }

    public function test_capitals_are_wider_than_small_letters_and_narrow_ones_narrower(): void
    {
        $on = fn (string $letter): int => mb_strlen(TypedLines::of(str_repeat($letter, 500), 100, 10)[0]);
        $this->assertSame(
            [30, 21, 16, 13, 10, 11],
            array_map($on, ['i', 'f', 'a', 'A', 'M', '♪']),
        );
    }
}
