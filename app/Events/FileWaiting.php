<?php

declare(strict_types=1);

namespace App\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** There is something to do for a file that was brought in. */
final class FileWaiting
{
    use Dispatchable;
}
