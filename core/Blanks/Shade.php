<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** A filled area of the page. */
final readonly class Shade
{
    /** @param  float  $lightness  0 is black, 1 is white */
    public function __construct(public Frame $frame, public float $lightness)
    {
    }
}
