<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

/** Where in the stacking order something goes. */
enum OrderTo: string
{
    case Front = 'front';
    case Back = 'back';
    case Forward = 'forward';
    case Backward = 'backward';
}
