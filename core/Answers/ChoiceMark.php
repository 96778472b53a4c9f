<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** How a choice is marked on the page. */
enum ChoiceMark: string
{
    case Tick = 'tick';
    case Ring = 'ring';
    case Line = 'line';
}
