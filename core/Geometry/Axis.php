<?php

declare(strict_types=1);

namespace OpenSlate\Geometry;

enum Axis: string
{
    case Across = 'across';
    case Down = 'down';
}
