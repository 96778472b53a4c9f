<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\Refusal;
use RuntimeException;

/** A change to a master from which sets were cut, and which was not unlocked on purpose. */
final class MasterLocked extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'This master is locked, because sets were cut from it. Unlock it first; the sets stay as they are.',
        );
    }
}
