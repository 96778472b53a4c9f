<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

use InvalidArgumentException;

/** An opaque sRGB colour, written "#rrggbb". */
final readonly class Colour
{
    private function __construct(public string $hex)
    {
    }

    /** @throws InvalidArgumentException when it is not written "#rrggbb" */
    public static function of(string $hex): self
    {
        if (preg_match('/^#[0-9a-f]{6}$/Di', $hex) !== 1) {
            throw new InvalidArgumentException("\"{$hex}\" is no colour; write it as #rrggbb.");
        }

        return new self(strtolower($hex));
    }

    public static function white(): self
    {
        return new self('#ffffff');
    }

    public static function rgb(int $red, int $green, int $blue): self
    {
        return self::of(sprintf('#%02x%02x%02x', $red, $green, $blue));
    }

    /** What is seen where it lies over another with that opacity (Porter and Duff 1984, over). */
    public function over(self $below, float $opacity): self
    {
        $mixed = fn (int $at): int => (int) round(
            hexdec(substr($this->hex, $at, 2)) * $opacity + hexdec(substr($below->hex, $at, 2)) * (1 - $opacity),
        );

        return self::rgb($mixed(1), $mixed(3), $mixed(5));
    }

    /** Relative luminance, 0 (black) to 1 (white), as WCAG 2.2 defines it. */
    public function luminance(): float
    {
        $linear = fn (int $at): float => ($c = hexdec(substr($this->hex, $at, 2)) / 255) <= 0.04045
            ? $c / 12.92
            : (($c + 0.055) / 1.055) ** 2.4;

        return 0.2126 * $linear(1) + 0.7152 * $linear(3) + 0.0722 * $linear(5);
    }

    /** Contrast ratio, 1 to 21, as WCAG 2.2 defines it. */
    public function contrastWith(self $other): float
    {
        $lighter = max($this->luminance(), $other->luminance());
        $darker = min($this->luminance(), $other->luminance());

        return ($lighter + 0.05) / ($darker + 0.05);
    }
}
