<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DateTimeImmutable;

/** When work is wanted, if there is such a time. The moment itself is still in time. */
final readonly class Due
{
    public function __construct(public ?DateTimeImmutable $at)
    {
    }

    public function isPast(DateTimeImmutable $now): bool
    {
        return $this->at !== null && $now > $this->at;
    }
}
