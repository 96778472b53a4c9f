<?php

declare(strict_types=1);

namespace App\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** Sheets of paper came back in a file, to be read. */
final class PaperArrived
{
    use Dispatchable;

    public function __construct(public readonly int $paperFileId)
    {
    }
}
