<?php

declare(strict_types=1);

namespace OpenSlate\Organise;

/** What connects two boxes, in points from the top left of the organiser. */
final readonly class Line
{
    public function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public bool $arrow = false,
    ) {
    }
}
