<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

/** The second end of a connector: where it is, in points, and what holds it. */
final readonly class End
{
    public function __construct(public float $x, public float $y, public Hold $held)
    {
    }
}
