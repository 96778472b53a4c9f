<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Page;

/** A picture of a printed page: where a browser gets it at both sizes, and how it lies. */
final readonly class LaidPrint
{
    /** @param  Frame  $frame  that it takes up, turned */
    public function __construct(
        public string $page,
        public string $thumbnail,
        public Frame $frame,
        public Rotation $turn,
    ) {
    }

    public static function kept(
        string $source,
        int $page,
        Frame $frame,
        Rotation $turn,
        bool $light = false,
    ): self {
        $address = fn (string $size): string => PictureAddress::page($source, $page, $size);

        return new self($address($light ? 'light' : 'page'), $address('thumbnail'), $frame, $turn);
    }

    /** The picture of a page that came back on paper, in place of what is printed there. */
    public static function onPaper(string $address, Page $page): self
    {
        return new self($address, $address, $page->frame(), Rotation::None);
    }
}
