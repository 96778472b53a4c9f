<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

/** The six ways to line things up. */
enum AlignTo: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';
}
