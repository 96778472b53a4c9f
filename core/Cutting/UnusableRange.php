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

    public static function noQuestions(): self
    {
        return new self('No numbered questions are known on these pages. Cut them whole.');
    }

    public static function noQuestionNamed(): self
    {
        return new self('No questions are named. Type something like 1-4, 7, or odd.');
    }

    /** @param  non-empty-list<string>  $there */
    public static function noQuestion(string $piece, array $there): self
    {
        $piece = mb_strimwidth($piece, 0, 30, '…');
        $last = $there[count($there) - 1];

        return new self(
            "There is no question “{$piece}” on these pages. ".
                (count($there) === 1 ? "There is only {$there[0]}." : "They go from {$there[0]} to {$last}."),
        );
    }

    public static function tooManySets(int $count, int $most): self
    {
        return new self("That would be {$count} sets, and at most {$most} are cut at once. Name fewer questions.");
    }

    public static function nameTaken(string $name): self
    {
        return new self("There is a set “{$name}” already. Give these another name.");
    }

    public static function hasParts(int $page): self
    {
        return new self("On page {$page} there are parts to move among these questions. Cut that page whole.");
    }

    public static function twice(string $piece, int $page): self
    {
        return new self("“{$piece}” names page {$page} a second time.");
    }
}
