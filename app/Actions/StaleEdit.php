<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\Refusal;
use RuntimeException;

/** An edit of a page that has changed since the window that sent it last saw it. Nothing was changed. */
final class StaleEdit extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'This page was changed in another window. It now shows the newer page; your last change is not on it.',
        );
    }
}
