<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/** Points and the units that people read. 1 in = 72 pt (ISO 32000-1, 8.3.2.3) = 25.4 mm exactly. */
final class Length
{
    public const POINTS_PER_INCH = 72.0;

    public const MILLIMETRES_PER_INCH = 25.4;

    public static function fromMillimetres(float $millimetres): float
    {
        return ($millimetres * self::POINTS_PER_INCH) / self::MILLIMETRES_PER_INCH;
    }

    public static function toMillimetres(float $points): float
    {
        return ($points * self::MILLIMETRES_PER_INCH) / self::POINTS_PER_INCH;
    }

    public static function fromInches(float $inches): float
    {
        return $inches * self::POINTS_PER_INCH;
    }

    public static function toInches(float $points): float
    {
        return $points / self::POINTS_PER_INCH;
    }
}
