<?php

declare(strict_types=1);

namespace App\Models;

/** How far something is that was asked for. */
enum ExportState: string
{
    case Waiting = 'waiting';
    case Working = 'working';
    case Ready = 'ready';
    case Refused = 'refused';

    public function isUnderWay(): bool
    {
        return $this === self::Waiting || $this === self::Working;
    }
}
