<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Handout;
use App\Models\HandoutItem;

/** Where a copy is worked on: students have theirs at addresses of their own, teachers a trial at others. */
final class CopyAddress
{
    public static function route(Handout $handout, string $what): string
    {
        return ($handout->trial ? 'trial.' : 'copies.').$what;
    }

    public static function sheets(HandoutItem $item): string
    {
        return $item->handout->trial ? 'trial.sheets' : 'sheets.show';
    }
}
