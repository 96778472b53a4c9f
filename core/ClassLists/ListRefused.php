<?php

declare(strict_types=1);

namespace OpenSlate\ClassLists;

use DomainException;
use OpenSlate\Refusal;

/** A class list that cannot be read, with a sentence that says what to do. */
final class ListRefused extends DomainException implements Refusal
{
    private function __construct(public readonly string $reason, string $message)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('empty', 'There is no name in this list.');
    }

    public static function tooLong(int $most): self
    {
        return new self('too_long', "This list has more than {$most} rows. Send it in parts.");
    }

    public static function noText(): self
    {
        return new self(
            'not_a_list',
            'This is no list of names. Save it as CSV from your spreadsheet, or paste the names.',
        );
    }

    public static function noRoster(): self
    {
        return new self(
            'not_oneroster',
            'This ZIP has no users.csv, classes.csv and enrollments.csv in it, as a OneRoster export has.',
        );
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self('too_large', "This file is larger than {$megabytes} MB. A class list is far smaller.");
    }

    public static function damaged(): self
    {
        return new self('damaged', 'This ZIP is damaged, or is locked with a password. Export it again.');
    }

    public static function missing(): self
    {
        return new self('missing', 'There is no such file, or it cannot be read.');
    }
}
