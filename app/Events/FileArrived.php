<?php

declare(strict_types=1);

namespace App\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** The pages of a file that is to join another worksheet are ready. */
final class FileArrived
{
    use Dispatchable;

    public function __construct(public int $worksheetId)
    {
    }
}
