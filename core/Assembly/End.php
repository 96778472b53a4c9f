<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

use OpenSlate\Geometry\Point;

/** The second end of a connector: where it is, in points, and what holds it. */
final readonly class End
{
    public function __construct(public float $x, public float $y, public Hold $held)
    {
    }

    public function at(): Point
    {
        return new Point($this->x, $this->y);
    }
}
