<?php

declare(strict_types=1);

namespace App\Actions;

use DomainException;
use OpenSlate\Marking\Points;
use OpenSlate\Refusal;

/** A mark or a comment that cannot be given. */
final class MarkRefused extends DomainException implements Refusal
{
    public static function tooMany(Points $full): self
    {
        return new self("This question is worth {$full->named()} at most.");
    }

    public static function noMoreRemarks(int $most): self
    {
        return new self("One copy holds {$most} comments. Take some away first.");
    }

    public static function noDrawing(): self
    {
        return new self('This drawing is not saved: there is too much in it. Rub some of it out.');
    }

    public static function noPage(): self
    {
        return new self('There is no such page. Load this one again.');
    }
}
