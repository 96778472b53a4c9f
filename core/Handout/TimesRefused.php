<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DomainException;
use OpenSlate\Refusal;

/** Times of a handout that contradict each other, with a sentence for the teacher. */
final class TimesRefused extends DomainException implements Refusal
{
    /** @param  string  $field  which time is wrong: due or closes */
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function dueBeforeOut(): self
    {
        return new self(
            'due',
            'It would be due before students have it. Choose a later time, or let them have it sooner.',
        );
    }

    public static function closedBeforeOut(): self
    {
        return new self('closes', 'It would be closed before students have it. Choose a later time.');
    }

    public static function closedBeforeDue(): self
    {
        return new self('closes', 'It would be closed before it is due. Choose a later time, or none.');
    }
}
