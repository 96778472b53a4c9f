<?php

declare(strict_types=1);

namespace Tests\Core\Scan;

use OpenSlate\Geometry\Frame;
use OpenSlate\Scan\CropSheet;
use OpenSlate\Scan\GreyPicture;
use PHPUnit\Framework\TestCase;

final class CropSheetTest extends TestCase
{
    private const SIDE = 120;

    public function test_pieces_stand_below_each_other_with_room_around_and_as_dark_as_can_be(): void
    {
        // Two bars of grey on paper that is none too light.
        $bar = fn (int $x, int $y): bool => $x >= 14 && $x < 18 && ($y % 60) >= 12 && ($y % 60) < 32;
        $sheet = CropSheet::of($this->picture(fn (int $x, int $y): int => $bar($x, $y) ? 120 : 200), [
            Frame::of(10, 8, 20, 28),
            Frame::of(10, 68, 20, 28),
        ]);

        $this->assertFalse($sheet->isEmpty());
        $this->assertSame([20 + 44, 2 * 28 + 3 * 22], [$sheet->picture->width, $sheet->picture->height]);
        $this->assertSame([0 => 2 * 4 * 20, 255 => 64 * 122 - 160], $sheet->picture->histogram());
        // What is read on it lies in the picture where it was taken from.
        $this->assertEquals(Frame::of(14, 12, 4, 20), $sheet->place(Frame::of(26, 26, 4, 20)));
        $this->assertEquals(Frame::of(14, 72, 4, 20), $sheet->place(Frame::of(26, 76, 4, 20)));
        $this->assertNull($sheet->place(Frame::of(26, 0, 4, 10)));
        $this->assertNull($sheet->place(Frame::of(26, 52, 4, 14)));
    }

    public function test_white_on_a_disc_becomes_dark_on_white(): void
    {
        $picture = $this->picture(
            fn (int $x, int $y): int => abs($x - 60) <= 2 && abs($y - 60) <= 8
                ? 250
                : (hypot($x - 60, $y - 60) <= 25 ? 40 : 250),
        );
        $sheet = CropSheet::of($picture, [Frame::of(33, 33, 55, 55)]);

        // Nothing of the disc is left: there are as many dark pixels as the stroke has.
        $this->assertSame(5 * 17, $sheet->picture->histogram()[0]);
    }

    public function test_a_ring_around_a_number_is_left_out_and_a_letter_that_is_round_is_not(): void
    {
        $ring = fn (int $x, int $y): bool => abs(hypot($x - 60, $y - 60) - 25) <= 1.5;
        $stroke = fn (int $x, int $y): bool => abs($x - 60) <= 2 && abs($y - 60) <= 9;
        $piece = [Frame::of(30, 30, 61, 61)];
        $numbered = CropSheet::of(
            $this->picture(fn (int $x, int $y): int => $ring($x, $y) || $stroke($x, $y) ? 30 : 240),
            $piece,
        );
        $this->assertSame(5 * 19, $numbered->picture->histogram()[0]);

        $letter = CropSheet::of($this->picture(fn (int $x, int $y): int => $ring($x, $y) ? 30 : 240), $piece);
        $this->assertGreaterThan(400, $letter->picture->histogram()[0]);
    }

    public function test_what_has_no_ink_or_lies_beside_the_picture_takes_no_room(): void
    {
        $picture = $this->picture(fn (int $x, int $y): int => $y < 60 ? 200 + $y % 30 : 0);
        $sheet = CropSheet::of($picture, [Frame::of(5, 5, 20, 20), Frame::of(300, 5, 10, 10)]);

        $this->assertTrue($sheet->isEmpty());
        $this->assertSame(22, $sheet->picture->height);
        $this->assertNull($sheet->place(Frame::of(0, 0, 5, 5)));
        $this->assertSame(22, CropSheet::of($picture, [])->picture->height);
    }

    /** @param  callable(int, int): int  $level */
    private function picture(callable $level): GreyPicture
    {
        $levels = '';
        for ($y = 0; $y < self::SIDE; $y++) {
            for ($x = 0; $x < self::SIDE; $x++) {
                $levels .= chr($level($x, $y));
            }
        }

        return new GreyPicture($levels, self::SIDE, self::SIDE);
    }
}
