<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use OpenSlate\Marking\Points;
use OpenSlate\Refusal;

/** A mark that cannot be given. */
final class MarkRefused extends DomainException implements Refusal
{
    public static function tooMany(Points $full): self
    {
        return new self("This question is worth {$full->named()} at most.");
    }
}
