<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** Sizes of text in points. */
final class TextSize
{
    public const SMALLEST = 6.0;

    public const NORMAL = 12.0;

    public const LARGEST = 96.0;

    /** A size so many times as large, to a tenth, within those that there are. */
    public static function times(float $size, float $factor): float
    {
        return max(self::SMALLEST, min(self::LARGEST, round($size * $factor, 1)));
    }
}
