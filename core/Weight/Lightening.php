<?php

declare(strict_types=1);

namespace OpenSlate\Weight;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Length;
use OpenSlate\Paper\Raster;

/** How a picture can be made lighter without anybody seeing much of it: no more pixels than show, written as a photo. */
final readonly class Lightening
{
    /** Of JPEGs: what is seen of less is blocks round letters; common practice, no source. */
    private const QUALITY = 70;

    /** A share, and a number of bytes, that a step saves at least to be worth offering. */
    private const WORTH = 0.15;

    private const WORTH_BYTES = 20_000;

    /** Pixels to the inch of a printed page: letters of ten points keep about ten pixels of height. */
    private const PRINT_DPI = 100.0;

    public const PRINT_QUALITY = 60;

    /**
     * @param  int  $width  pixels; the height goes with it
     * @param  bool  $isPhoto  written as a JPEG; else as a PNG, which can be seen through
     * @param  int  $quality  of a JPEG
     */
    private function __construct(public int $width, public bool $isPhoto, public int $quality)
    {
    }

    /**
     * Of a picture that lies on a page.
     *
     * @param  int  $width  pixels of it, likewise the height
     * @param  Frame  $frame  in which it shows, as large as fits
     * @param  bool  $isSeenThrough  whether what lies behind it shows through
     */
    public static function ofPicture(int $width, int $height, Frame $frame, bool $isSeenThrough): self
    {
        $shown = min($frame->width / $width, $frame->height / $height) * $width;
        $wanted = (int) ceil(($shown / Length::POINTS_PER_INCH) * Raster::PAGE_DPI);

        return new self(max(1, min($width, $wanted)), ! $isSeenThrough, self::QUALITY);
    }

    /**
     * Of a printed page.
     *
     * @param  int  $width  pixels of it
     * @param  float  $points  that it is wide
     */
    public static function ofPrint(int $width, float $points): self
    {
        $wanted = (int) ceil(($points / Length::POINTS_PER_INCH) * self::PRINT_DPI);

        return new self(max(1, min($width, $wanted)), true, self::PRINT_QUALITY);
    }

    /** Whether it is worth changing anything. */
    public static function isWorth(int $before, int $after): bool
    {
        return $before - $after >= max(self::WORTH_BYTES, self::WORTH * $before);
    }

    /** By which what came of it is known again. */
    public function name(): string
    {
        return "{$this->width}-".($this->isPhoto ? "jpeg-{$this->quality}" : 'png');
    }
}
