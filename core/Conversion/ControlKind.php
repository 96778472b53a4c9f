<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

/** What a place of a form takes. */
enum ControlKind: string
{
    case Line = 'line';
    case Lines = 'lines';
    case Tick = 'tick';
    case List = 'list';
}
