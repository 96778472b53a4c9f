<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Rotation;

/** At which edge of the page its tray is. */
enum TraySide: string
{
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Bottom = 'bottom';

    /** Where it is once the page has been turned clockwise. */
    public function turned(Rotation $by): self
    {
        $round = [self::Right, self::Bottom, self::Left, self::Top];

        return $round[((int) array_search($this, $round, true) + intdiv($by->value, 90)) % 4];
    }
}
