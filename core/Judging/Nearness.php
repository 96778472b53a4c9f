<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** How near one text is to another, the nearest first. */
enum Nearness: int
{
    case Same = 0;
    case Misspelt = 1;

    /** Another word that there is, but of one stem, or of one sound. */
    case Doubtful = 2;
    case Far = 3;

    /** Of two pieces of a text the farther one says how near the whole is. */
    public function and(self $other): self
    {
        return $other->value > $this->value ? $other : $this;
    }
}
