<?php

declare(strict_types=1);

namespace OpenSlate\Boards;

use DomainException;
use OpenSlate\Refusal;

/** A choice board that cannot be made, with a sentence for the person who asked for it. */
final class BoardRefused extends DomainException implements Refusal
{
    public static function tooFew(): self
    {
        return new self(sprintf('Put at least %d options on the board.', ChoiceBoard::FEWEST));
    }

    public static function places(): self
    {
        return new self(sprintf('A board has %d to %d places.', ChoiceBoard::FEWEST, ChoiceBoard::MOST));
    }

    public static function noPages(string $name): self
    {
        return new self("“{$name}” has no pages. Say which pages belong to it.");
    }

    public static function noName(): self
    {
        return new self('Give every option on the board a name.');
    }

    public static function noTitle(): self
    {
        return new self('Give the board a title.');
    }
}
