<?php

declare(strict_types=1);

namespace OpenSlate\Geometry;

/** A place, in points from the top left of a page. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function distance(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
