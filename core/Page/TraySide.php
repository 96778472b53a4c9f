<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** At which edge of the page its tray is. */
enum TraySide: string
{
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Bottom = 'bottom';
}
