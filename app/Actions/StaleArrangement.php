<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\Refusal;
use RuntimeException;

/**
 * A change to the pages of a worksheet that have changed since the window that sent it last saw them. Nothing was done.
 */
final class StaleArrangement extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'These pages were changed in another window. You now see them as they are; your last change was not made.',
        );
    }
}
