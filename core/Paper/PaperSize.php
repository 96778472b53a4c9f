<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/**
 * Standard papers, portrait: ISO 216 A and B in millimetres, ANSI/ASME Y14.1 and US office sizes in inches. Screens
 * have no size of paper; theirs are 7.5 in high at the ratio of the screen (common practice, no source).
 */
enum PaperSize: string
{
    case A3 = 'A3';
    case A4 = 'A4';
    case A5 = 'A5';
    case B4 = 'B4';
    case B5 = 'B5';
    case Letter = 'Letter';
    case Legal = 'Legal';
    case Tabloid = 'Tabloid';
    case WideScreen = 'Screen 16:9';
    case Screen = 'Screen 4:3';

    public function isScreen(): bool
    {
        return $this === self::WideScreen || $this === self::Screen;
    }

    /** @return array{float, float} width and height in points */
    public function points(): array
    {
        return match ($this) {
            self::A3 => self::millimetres(297, 420),
            self::A4 => self::millimetres(210, 297),
            self::A5 => self::millimetres(148, 210),
            self::B4 => self::millimetres(250, 353),
            self::B5 => self::millimetres(176, 250),
            self::Letter => self::inches(8.5, 11),
            self::Legal => self::inches(8.5, 14),
            self::Tabloid => self::inches(11, 17),
            self::WideScreen => self::inches(7.5, 40 / 3),
            self::Screen => self::inches(7.5, 10),
        };
    }

    /** @return array{float, float} */
    private static function millimetres(float $width, float $height): array
    {
        return [Length::fromMillimetres($width), Length::fromMillimetres($height)];
    }

    /** @return array{float, float} */
    private static function inches(float $width, float $height): array
    {
        return [Length::fromInches($width), Length::fromInches($height)];
    }
}
