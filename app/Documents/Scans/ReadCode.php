<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use OpenSlate\Scan\Quadrilateral;

/** A printed code that was read in a picture, and where it lies there, in pixels. */
final readonly class ReadCode
{
    /** @param  Quadrilateral  $corners  of its dark squares, as it stands upright */
    public function __construct(public string $text, public Quadrilateral $corners)
    {
    }
}
