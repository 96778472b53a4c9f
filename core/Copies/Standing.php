<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use DateTimeImmutable;
use OpenSlate\Handout\Due;

/** Where a copy stands between lying unopened and being handed in. */
final readonly class Standing
{
    private function __construct(public CopyState $state, public ?DateTimeImmutable $handedInAt)
    {
    }

    public static function of(CopyState $state, ?DateTimeImmutable $handedInAt): self
    {
        return new self($state, $state === CopyState::HandedIn ? $handedInAt : null);
    }

    public function opened(): self
    {
        return $this->state === CopyState::NotOpened ? new self(CopyState::Working, null) : $this;
    }

    /** @throws CopyRefused when it is handed in */
    public function written(): self
    {
        return $this->state === CopyState::HandedIn
            ? throw CopyRefused::handedIn()
            : new self(CopyState::Working, null);
    }

    /** Handing in what is handed in changes nothing: a second tap on a slow network is no error. */
    public function handedIn(DateTimeImmutable $now): self
    {
        return $this->state === CopyState::HandedIn ? $this : new self(CopyState::HandedIn, $now);
    }

    /** @throws CopyRefused when it is not handed in, or the due time has passed */
    public function takenBack(DateTimeImmutable $now, Due $due): self
    {
        if ($this->state !== CopyState::HandedIn) {
            throw CopyRefused::notHandedIn();
        }
        if ($due->isPast($now)) {
            throw CopyRefused::tooLate();
        }

        return new self(CopyState::Working, null);
    }

    public function isLate(Due $due): bool
    {
        return $this->handedInAt !== null && $due->isPast($this->handedInAt);
    }
}
