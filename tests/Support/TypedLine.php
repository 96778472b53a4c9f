<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** A line of print as wide as most types set it: letters half as wide as they are high. */
final class TypedLine
{
    private const LETTER = 0.5;

    private const SPACE = 0.3;

    public static function of(string $text, float $x, float $y, float $height): TextLine
    {
        $words = [];
        foreach (explode(' ', $text) as $word) {
            $width = self::LETTER * $height * mb_strlen($word);
            $words[] = new Word($word, Frame::of($x, $y, $width, $height));
            $x += $width + self::SPACE * $height;
        }

        return TextLine::of(...$words);
    }
}
