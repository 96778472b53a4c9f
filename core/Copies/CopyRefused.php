<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use DomainException;
use OpenSlate\Refusal;

/** Something a student may not do with a copy as it stands, in words for a ten-year-old. */
final class CopyRefused extends DomainException implements Refusal
{
    /** Where another copy is in its place: whether what was sent is kept with the one before; else null. */
    public ?bool $isKept = null;

    public static function handedIn(): self
    {
        return new self('You have handed this in. Take it back first if you want to change it.');
    }

    public static function stillNeeded(int $places): self
    {
        return new self(
            $places === 1
                ? 'One place that your teacher needs is still blank. Fill it in, then hand in.'
                : "{$places} places that your teacher needs are still blank. Fill them in, then hand in.",
        );
    }

    /** @param  bool  $isKept  whether what came too late is in the history of the copy */
    public static function anotherCopy(bool $isKept): self
    {
        $where = $isKept ? 'with how it was before' : 'on this device';
        $refused = new self("A fresh copy, or an earlier one, is here now. What you wrote last is kept {$where}.");
        $refused->isKept = $isKept;

        return $refused;
    }

    public static function handedBack(): self
    {
        return new self('Your teacher has marked this and handed it back. Nothing more can be changed in it.');
    }

    public static function closed(): self
    {
        return new self('The time for this is over. What you did until then is kept. Ask your teacher for more time.');
    }

    public static function answersShown(): self
    {
        return new self('You have seen the answers, so this stays handed in.');
    }

    public static function notHandedIn(): self
    {
        return new self('This is not handed in, so there is nothing to take back.');
    }

    public static function tooLate(): self
    {
        return new self('The time for this is over, so it cannot be taken back. Ask your teacher.');
    }

    public static function noMoreAttempts(): self
    {
        return new self('You have done it as often as you may. Ask your teacher if you need another go.');
    }

    public static function hasBegun(string $name): self
    {
        return new self("{$name} has begun a copy alone, which would be lost. They stay alone for this worksheet.");
    }

    public static function nobodyLeft(): self
    {
        return new self('Somebody has to be left in it. Put another student in first.');
    }
}
