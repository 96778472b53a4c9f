<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DateTimeImmutable;

/** All copies of a handout wait, from a time until another, or until the teacher lets them go on. */
final readonly class Hold
{
    public const LONGEST_MINUTES = 60;

    public function __construct(public ?DateTimeImmutable $since, public ?DateTimeImmutable $until = null)
    {
    }

    public function isOn(DateTimeImmutable $now): bool
    {
        return $this->since !== null && $now >= $this->since && ($this->until === null || $now < $this->until);
    }

    /** How many seconds it still lasts; null where only the teacher ends it. */
    public function left(DateTimeImmutable $from): ?int
    {
        return $this->until === null ? null : max(0, $this->until->getTimestamp() - $from->getTimestamp());
    }
}
