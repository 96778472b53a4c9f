<?php

declare(strict_types=1);

namespace OpenSlate\Organise;

use OpenSlate\Geometry\Frame;

/** Where the boxes of an organiser lie, in points from its top left, and what is drawn beside them. */
final readonly class Diagram
{
    /**
     * @param  list<Frame>  $boxes
     * @param  list<Line>  $lines
     * @param  list<Frame>  $rings  around ellipses
     */
    public function __construct(public array $boxes, public array $lines = [], public array $rings = [])
    {
    }
}
