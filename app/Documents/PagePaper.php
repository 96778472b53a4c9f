<?php

declare(strict_types=1);

namespace App\Documents;

use Generator;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperTone;

/** Reads the colour of the paper off a picture of a page. */
final class PagePaper
{
    /** Every eighth pixel across and down, some two thousand, is plenty. */
    private const STEP = 8;

    public function of(string $jpeg): Colour
    {
        return PaperTone::of($this->pixels($jpeg));
    }

    /** @return Generator<array{int, int, int}> */
    private function pixels(string $jpeg): Generator
    {
        $image = imagecreatefromjpeg($jpeg);
        if ($image === false) {
            return;
        }
        for ($y = 0, $height = imagesy($image); $y < $height; $y += self::STEP) {
            for ($x = 0, $width = imagesx($image); $x < $width; $x += self::STEP) {
                $rgb = (int) imagecolorat($image, $x, $y);
                yield [($rgb >> 16) & 255, ($rgb >> 8) & 255, $rgb & 255];
            }
        }
    }
}
