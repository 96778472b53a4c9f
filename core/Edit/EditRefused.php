<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use DomainException;
use OpenSlate\Page\Page;

/** An edit that cannot be done, with a sentence for the person who asked for it. */
final class EditRefused extends DomainException
{
    public static function missing(): self
    {
        return new self('What you wanted to change is no longer on this page. Look at the page and try again.');
    }

    public static function nothingChosen(): self
    {
        return new self('Nothing is selected. Select something on the page first.');
    }

    public static function offThePage(): self
    {
        return new self('That would lie off the page. Keep the whole of it on the paper.');
    }

    public static function tooSmall(): self
    {
        return new self(sprintf('That is too small to use. Make it at least %d points wide and high.', Bounds::SMALLEST_SIDE));
    }

    public static function tooMany(): self
    {
        return new self(sprintf('A page holds at most %d things. Remove some first.', Page::MOST_ELEMENTS));
    }

    public static function noSuchProperty(string $name): self
    {
        return new self("Nothing that is selected has a \"{$name}\" to change.");
    }

    public static function invalid(string $problem): self
    {
        return new self("That value cannot be used: {$problem}.");
    }
}
