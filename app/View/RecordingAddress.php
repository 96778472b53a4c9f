<?php

declare(strict_types=1);

namespace App\View;

/** Where a browser gets a recording from; whoever may hear it gets it there. */
final class RecordingAddress
{
    public static function of(string $sha256): string
    {
        return route('recordings.show', $sha256, false);
    }
}
