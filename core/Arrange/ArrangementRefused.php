<?php

declare(strict_types=1);

namespace OpenSlate\Arrange;

use DomainException;
use OpenSlate\Refusal;

/** A change to the pages of a worksheet that cannot be made, with a sentence for the person who asked for it. */
final class ArrangementRefused extends DomainException implements Refusal
{
    public static function nothingChosen(): self
    {
        return new self('No page is ticked. Tick the pages first.');
    }

    public static function missing(): self
    {
        return new self('A page that you chose is no longer in this worksheet. Look at the pages and try again.');
    }

    public static function notPrinted(int $number): self
    {
        return new self("Page {$number} has no print of its own, so that no question is printed on it.");
    }

    public static function noPageLeft(): self
    {
        return new self('That would take out every page. Leave at least one, or put the whole worksheet in the bin.');
    }

    public static function tooMany(): self
    {
        return new self(sprintf('A worksheet holds at most %d pages. Take some out first.', Arrangement::MOST_PAGES));
    }

    public static function notAKey(int $number): self
    {
        return new self(
            "Page {$number} is not marked as an answer key. Mark it first (K), then say which pages it answers.",
        );
    }

    public static function noBoundary(int $number): self
    {
        return new self("No section starts at page {$number}.");
    }

    public static function pastTheSection(): self
    {
        return new self(
            'A section cannot start beyond its own last page, or before the start of the section in front of it.',
        );
    }

    public static function nothingToUndo(): self
    {
        return new self('There is nothing to undo.');
    }

    public static function nothingToRedo(): self
    {
        return new self('There is nothing to redo.');
    }

    public static function changedSince(int $number): self
    {
        return new self("Page {$number} was changed on the bench since. Undo that there first.");
    }
}
