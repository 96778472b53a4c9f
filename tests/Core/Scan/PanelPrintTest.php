<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use Closure;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\PanelPrint;
use PHPUnit\Framework\TestCase;

/** Pictures of 144 dots to the inch, in which a cell has four, with strokes of two dots for words. */
final class PanelPrintTest extends TestCase
{
    private const DPI = 144.0;

    private const WIDE = 400;

    private const HIGH = 240;

    private const PAPER = 235;

    private const INK = 30;

    public function test_words_on_a_band_become_dark_on_light_and_all_else_stays(): void
    {
        $isBand = fn (int $x, int $y): bool => $x >= 40 && $x < 360 && $y >= 40 && $y < 88;
        $picture = self::picture(
            fn (int $x, int $y): int => match (true) {
                self::isWord($x, $y, 60, 58) => self::PAPER,
                $isBand($x, $y) => 70,
                self::isWord($x, $y, 60, 120) => self::INK,
                default => self::PAPER,
            },
        );
        $read = PanelPrint::onPaper($picture, self::DPI);

        $this->assertSame([self::WIDE, self::HIGH], [$read->width, $read->height]);
        foreach (self::dots() as [$x, $y]) {
            $level = self::level($read, $x, $y);
            match (true) {
                self::isWord($x, $y, 60, 58) => $this->assertLessThan(20, $level, "the word at {$x}, {$y}"),
                $isBand($x, $y) => $this->assertGreaterThan(235, $level, "the band at {$x}, {$y}"),
                // White paper next to the band may be whiter.
                $y < 96 && $y >= 32 => $this->assertGreaterThanOrEqual(self::PAPER, $level),
                default => $this->assertSame(self::level($picture, $x, $y), $level, "beside it, at {$x}, {$y}"),
            };
        }
    }

    public function test_a_whole_page_with_light_words_is_one_panel(): void
    {
        $picture = self::picture(
            fn (int $x, int $y): int => self::isWord($x, $y, 100, 60) || self::isWord($x, $y, 100, 90) ? 240 : 50,
        );
        $read = PanelPrint::onPaper($picture, self::DPI);

        $this->assertLessThan(20, self::level($read, 100, 66));
        $this->assertSame(255, self::level($read, 103, 66));
        $this->assertSame(255, self::level($read, 300, 200));
    }

    public function test_dark_words_on_a_panel_stand_on_white_and_panels_without_words_stay(): void
    {
        $panel = fn (int $ink): GreyPicture => self::picture(
            fn (int $x, int $y): int => match (true) {
                self::isWord($x, $y, 60, 58) => $ink,
                $x >= 40 && $x < 360 && $y >= 40 && $y < 88 => 120,
                default => self::PAPER,
            },
        );
        $read = PanelPrint::onPaper($panel(self::INK), self::DPI);
        $this->assertLessThan(20, self::level($read, 60, 66));
        $this->assertSame(255, self::level($read, 63, 66));

        foreach ([120, 100, 150] as $none) {
            $this->assertSame($panel($none)->levels, PanelPrint::onPaper($panel($none), self::DPI)->levels);
        }
    }

    public function test_a_light_box_on_a_panel_keeps_its_dark_words(): void
    {
        $isBox = fn (int $x, int $y): bool => $x >= 80 && $x < 320 && $y >= 100 && $y < 150;
        $picture = self::picture(
            fn (int $x, int $y): int => match (true) {
                self::isWord($x, $y, 60, 60) => self::PAPER,
                self::isWord($x, $y, 100, 120) => self::INK,
                $isBox($x, $y) => self::PAPER,
                $x >= 20 && $x < 380 && $y >= 40 && $y < 200 => 60,
                default => self::PAPER,
            },
        );
        $read = PanelPrint::onPaper($picture, self::DPI);

        $this->assertLessThan(20, self::level($read, 60, 66));
        $this->assertGreaterThan(235, self::level($read, 63, 66));
        $this->assertGreaterThan(235, self::level($read, 40, 180));
        for ($x = 90; $x < 310; $x++) {
            $this->assertSame(self::level($picture, $x, 126), self::level($read, $x, 126));
        }
    }

    public function test_the_head_of_a_ruled_table_is_a_panel_and_its_cells_are_not(): void
    {
        $picture = self::picture(
            fn (int $x, int $y): int => match (true) {
                self::isWord($x, $y, 60, 48) => self::PAPER,
                self::isWord($x, $y, 60, 90) => self::INK,
                $x >= 40 && $x < 360 && $y >= 40 && $y < 72 => 40,
                $x >= 40 && $x < 362 && $y >= 40 && $y < 142 && (($x - 40) % 80 < 2 || ($y - 40) % 34 < 2) => 40,
                default => self::PAPER,
            },
        );
        $read = PanelPrint::onPaper($picture, self::DPI);

        $this->assertLessThan(20, self::level($read, 60, 54));
        $this->assertSame(255, self::level($read, 63, 54));
        for ($x = 0; $x < self::WIDE; $x++) {
            for ($y = 80; $y < self::HIGH; $y++) {
                $this->assertSame(self::level($picture, $x, $y), self::level($read, $x, $y));
            }
        }
    }

    public function test_thick_letters_are_no_panels_however_light_what_they_enclose_is(): void
    {
        // Two of them touch, as in heavy types.
        $isRing = fn (int $x, int $y, int $at): bool => abs(hypot($x - $at, $y - 100) - 24) <= 7;
        $picture = self::picture(
            fn (int $x, int $y): int => $isRing($x, $y, 80) || $isRing($x, $y, 200) || $isRing($x, $y, 256)
                ? self::INK
                : self::PAPER,
        );

        $this->assertSame($picture->levels, PanelPrint::onPaper($picture, self::DPI)->levels);
    }

    public function test_a_shadow_is_no_panel_and_a_band_that_lies_across_one_is_read_as_a_whole(): void
    {
        $light = fn (int $x): float => 1.0 - 0.4 * max(0.0, min(1.0, ($x - 100) / 200));
        $shaded = self::picture(
            fn (int $x, int $y): int => (int) ($light($x) * (self::isWord($x, $y, 200, 120) ? self::INK : self::PAPER)),
        );
        $this->assertSame($shaded->levels, PanelPrint::onPaper($shaded, self::DPI)->levels);

        $picture = self::picture(
            fn (int $x, int $y): int => (int) ($light($x) * match (true) {
                self::isWord($x, $y, 60, 58), self::isWord($x, $y, 200, 58) => self::PAPER,
                $x >= 40 && $x < 360 && $y >= 40 && $y < 88 => 100,
                self::isWord($x, $y, 200, 120) => self::INK,
                default => self::PAPER,
            }),
        );
        $read = PanelPrint::onPaper($picture, self::DPI);
        foreach ([60, 200, 225] as $x) {
            $this->assertLessThan(self::level($read, $x + 3, 66) - 100, self::level($read, $x, 66));
        }
        $this->assertSame(self::level($picture, 200, 126), self::level($read, 200, 126));
    }

    public function test_a_panel_that_goes_over_the_edge_or_is_the_smallest_of_pictures_is_no_trouble(): void
    {
        $picture = self::picture(
            fn (int $x, int $y): int => self::isWord($x, $y, 60, 8) ? self::PAPER : ($y < 40 ? 40 : self::PAPER),
        );
        $this->assertLessThan(20, self::level(PanelPrint::onPaper($picture, self::DPI), 60, 14));
        foreach ([new GreyPicture('', 0, 0), new GreyPicture("\x00", 1, 1)] as $small) {
            $this->assertEquals($small, PanelPrint::onPaper($small, self::DPI));
        }
    }

    /** Strokes as those of letters: of two dots, twelve high, five apart. */
    private static function isWord(int $x, int $y, int $left, int $top): bool
    {
        return $x >= $left && $x < $left + 60 && $y >= $top && $y < $top + 12 && ($x - $left) % 5 < 2;
    }

    /** @param  Closure(int, int): int  $level */
    private static function picture(Closure $level): GreyPicture
    {
        $levels = '';
        for ($y = 0; $y < self::HIGH; $y++) {
            for ($x = 0; $x < self::WIDE; $x++) {
                $levels .= chr($level($x, $y));
            }
        }

        return new GreyPicture($levels, self::WIDE, self::HIGH);
    }

    private static function level(GreyPicture $picture, int $x, int $y): int
    {
        return ord($picture->levels[$y * $picture->width + $x]);
    }

    /** @return iterable<array{int, int}> some, of all places */
    private static function dots(): iterable
    {
        for ($y = 0; $y < self::HIGH; $y += 3) {
            for ($x = 0; $x < self::WIDE; $x += 1) {
                yield [$x, $y];
            }
        }
    }
}
