<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DateTimeImmutable;

/**
 * From when and until when somebody has a handout. A moment that is named is still before it: what is due at 15:30 is
 * in time at 15:30.
 */
final readonly class Times
{
    private const ON_ITS_WAY = '+1 minute';

    /**
     * @param  DateTimeImmutable|null  $out  from when students have it; null while it is only prepared
     * @param  DateTimeImmutable|null  $due  null for no due time
     * @param  DateTimeImmutable|null  $closes  after which nothing more is taken; null for never
     *
     * @throws TimesRefused when they contradict each other
     */
    public function __construct(
        public ?DateTimeImmutable $out,
        public ?DateTimeImmutable $due = null,
        public ?DateTimeImmutable $closes = null,
    ) {
        if ($out !== null && $due !== null && $due <= $out) {
            throw TimesRefused::dueBeforeOut();
        }
        if ($out !== null && $closes !== null && $closes <= $out) {
            throw TimesRefused::closedBeforeOut();
        }
        if ($due !== null && $closes !== null && $closes < $due) {
            throw TimesRefused::closedBeforeDue();
        }
    }

    public function isOut(DateTimeImmutable $now): bool
    {
        return $this->out !== null && $now >= $this->out;
    }

    public function isClosed(DateTimeImmutable $now): bool
    {
        return $this->closes !== null && $now > $this->closes;
    }

    /** Whether what arrives is taken: what was typed in the last moment may still be on its way. */
    public function takes(DateTimeImmutable $now): bool
    {
        return $this->closes === null || $now <= $this->closes->modify(self::ON_ITS_WAY);
    }

    public function due(): Due
    {
        return new Due($this->due);
    }

    /** With more time: due then, and not closed before. Who has more time already keeps it. */
    public function extendedTo(DateTimeImmutable $due): self
    {
        return $this->due === null || $due <= $this->due
            ? $this
            : new self($this->out, $due, $this->closes === null ? null : max($this->closes, $due));
    }

    /** Closed at a time, with due not after it; what is not out by then cannot be closed. */
    public function closedAt(DateTimeImmutable $time): self
    {
        return $this->out === null || $this->out >= $time
            ? $this
            : new self($this->out, $this->due === null ? null : min($this->due, $time), $time);
    }

    /** Of a student in several classes: from the first of them, until the last. */
    public function with(self $other): self
    {
        return new self(
            $this->out === null || $other->out === null ? $this->out ?? $other->out : min($this->out, $other->out),
            self::later($this->due, $other->due),
            self::later($this->closes, $other->closes),
        );
    }

    /** No time at all is later than any. */
    private static function later(?DateTimeImmutable $one, ?DateTimeImmutable $other): ?DateTimeImmutable
    {
        return $one === null || $other === null ? null : max($one, $other);
    }
}
