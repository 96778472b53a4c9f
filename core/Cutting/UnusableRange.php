<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use DomainException;
use OpenSlate\Refusal;

/** Typed page numbers that cannot be followed, with a sentence that names the piece. */
final class UnusableRange extends DomainException implements Refusal
{
    public static function nothing(): self
    {
        return new self('No pages are named. Tick pages, or type a range such as 1-5, 8, 11-.');
    }

    public static function senseless(string $piece): self
    {
        return new self(
            '“'.mb_strimwidth($piece, 0, 30, '…').'” is not a page or a range. Type something like 1-5, 8, 11-.',
        );
    }

    public static function beforeFirst(string $piece): self
    {
        return new self("“{$piece}” starts before page 1.");
    }

    public static function pastEnd(string $piece, int $count): self
    {
        return new self(
            "“{$piece}” goes past the end: ".($count === 1 ? 'there is only one page.' : "there are {$count} pages."),
        );
    }

    public static function backwards(string $piece): self
    {
        return new self("“{$piece}” runs backwards. Put the smaller number first.");
    }

    public static function twice(string $piece, int $page): self
    {
        return new self("“{$piece}” names page {$page} a second time.");
    }
}
