<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** A rectangle that rules enclose on all four sides. */
final readonly class Cell
{
    /**
     * @param  Frame  $frame  between the rules
     * @param  int  $group  which figure of joined rules it is part of
     */
    public function __construct(public Frame $frame, public int $group)
    {
    }
}
