<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/** How finely a page is drawn. */
final readonly class Raster
{
    /** 144 dpi shows a page at twice its natural size on a plain screen, at its own size on a dense one. */
    public const PAGE_DPI = 144.0;

    /** The longest side of a page image; a poster is drawn more coarsely rather than by the gigabyte. */
    public const LONGEST = 4000;

    public const THUMBNAIL_WIDTH = 300;

    public const THUMBNAIL_LONGEST = 1200;

    /** @param  float  $dpi  pixels for 72 points of the displayed page */
    private function __construct(public float $dpi)
    {
    }

    public static function page(Size $size): self
    {
        return self::scaled(
            min(self::PAGE_DPI / Length::POINTS_PER_INCH, self::LONGEST / max($size->width, $size->height)),
        );
    }

    public static function thumbnail(Size $size): self
    {
        return self::scaled(min(self::THUMBNAIL_WIDTH / $size->width, self::THUMBNAIL_LONGEST / $size->height));
    }

    private static function scaled(float $scale): self
    {
        return new self($scale * Length::POINTS_PER_INCH);
    }
}
