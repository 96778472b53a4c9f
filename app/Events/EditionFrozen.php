<?php

declare(strict_types=1);

namespace App\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** Students are given an edition of a worksheet. */
final class EditionFrozen
{
    use Dispatchable;

    public function __construct(public int $editionId)
    {
    }
}
