<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\Refusal;
use RuntimeException;

/** A change to a handout that was changed since the window that sent it last saw it. Nothing was done. */
final class StaleHandout extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'This was changed in another window. You now see it as it is; your last change was not made.',
        );
    }
}
