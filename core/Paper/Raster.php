<?php

declare(strict_types=1);

namespace OpenSlate\Paper;

/** How many pixels a page is drawn with. */
final readonly class Raster
{
    /** 144 dpi shows a page at twice its natural size on a plain screen, at its own size on a dense one. */
    public const PAGE_DPI = 144.0;

    /** The longest side of a page image; a poster is drawn more coarsely rather than by the gigabyte. */
    public const LONGEST = 4000;

    public const THUMBNAIL_WIDTH = 300;

    public const THUMBNAIL_LONGEST = 1200;

    private function __construct(public int $width, public int $height)
    {
    }

    public static function page(Size $size): self
    {
        $scale = min(self::PAGE_DPI / Length::POINTS_PER_INCH, self::LONGEST / max($size->width, $size->height));

        return self::scaled($size, $scale);
    }

    public static function thumbnail(Size $size): self
    {
        $scale = min(self::THUMBNAIL_WIDTH / $size->width, self::THUMBNAIL_LONGEST / $size->height);

        return self::scaled($size, $scale);
    }

    private static function scaled(Size $size, float $scale): self
    {
        return new self(max(1, (int) round($size->width * $scale)), max(1, (int) round($size->height * $scale)));
    }
}
