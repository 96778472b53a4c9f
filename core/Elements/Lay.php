<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** How a line runs through its frame, from where it starts to where it ends. */
enum Lay: string
{
    case Level = 'level';
    case Upright = 'upright';
    case Falling = 'falling';
    case Rising = 'rising';
}
