<?php

declare(strict_types=1);

namespace App\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** A teacher wants a file that is to be made. */
final class ExportAsked
{
    use Dispatchable;

    public function __construct(public int $exportId)
    {
    }
}
