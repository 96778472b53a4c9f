<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use DateTimeImmutable;

/** One of those who share a copy wants to hand it in: the others are told first, and may say that they are not done. */
final readonly class AskedIn
{
    /** Seconds in which the others can say so. */
    public const TOLD = 15;

    /** Seconds after which it has to be asked anew. */
    private const LASTS = 90;

    public function __construct(public ?int $by, public ?DateTimeImmutable $at)
    {
    }

    public function isOpen(DateTimeImmutable $time): bool
    {
        return $this->by !== null && $this->at !== null && $this->age($time) < self::LASTS;
    }

    /** Whether somebody may hand it in now: the others have had their time, or another of them wants it, too. */
    public function allows(int $student, DateTimeImmutable $time): bool
    {
        return $this->isOpen($time) && ($this->by !== $student || $this->left($time) === 0);
    }

    /** Seconds that the others still have. */
    public function left(DateTimeImmutable $time): int
    {
        return max(0, self::TOLD - $this->age($time));
    }

    private function age(DateTimeImmutable $moment): int
    {
        return $moment->getTimestamp() - ($this->at?->getTimestamp() ?? 0);
    }
}
