<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Standing;
use OpenSlate\Handout\Due;

/** Says in words where a copy stands. */
final class CopyWords
{
    public static function state(Standing $standing, Due $due): string
    {
        return match ($standing->state) {
            CopyState::NotOpened => 'not opened',
            CopyState::Working => 'working',
            CopyState::HandedIn => $standing->isLate($due) ? 'handed in late' : 'handed in',
        };
    }
}
