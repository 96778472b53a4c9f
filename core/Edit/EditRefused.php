<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use DomainException;
use OpenSlate\Elements\Table;
use OpenSlate\Page\Page;
use OpenSlate\Refusal;
use Throwable;

/** An edit that cannot be done, with a sentence for the person who asked for it. */
final class EditRefused extends DomainException implements Refusal
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

    public static function noPicture(): self
    {
        return new self('Only a picture or a clip can be made a part. Select one of them.');
    }

    public static function noRoomForKit(): self
    {
        return new self(
            'There is no room on this page for the kit, even in small. Take something off the page or move things '
                .'together, or lay it on another page.',
        );
    }

    public static function noStock(): self
    {
        return new self('There is only one of it. Give the part a number first, then lay the copies out.');
    }

    public static function noRoomToLayOut(): self
    {
        return new self(
            'There is no room for so many beside and below it. Move it up and to the left, make it smaller, or '
                .'take fewer.',
        );
    }

    public static function partsInTheTray(): self
    {
        return new self(
            'Parts are waiting in the tray. Move them on to the page, or take them off, before you take the tray away.',
        );
    }

    public static function tooSmall(): self
    {
        return new self(
            sprintf('That is too small to use. Make it at least %d points wide and high.', Bounds::SMALLEST_SIDE),
        );
    }

    public static function tooMany(): self
    {
        return new self(sprintf('A page holds at most %d things. Remove some first.', Page::MOST_ELEMENTS));
    }

    public static function locked(): self
    {
        return new self('That is locked where it is. Unlock it first.');
    }

    public static function fewToSpace(): self
    {
        return new self('Select at least three things to space them out.');
    }

    public static function fewToGroup(): self
    {
        return new self('Select at least two things to group them.');
    }

    public static function noFurtherLines(): self
    {
        return new self('No further line to write on was found below this box. Use Repeat to lay it again by hand.');
    }

    public static function noFurtherCells(): self
    {
        return new self('No other empty cell was found in this table. Lay the box inside an empty cell first.');
    }

    /** @param  string  $what  the places, in the plural */
    public static function fewPlaces(int $lines, string $what): self
    {
        return new self(
            "These are {$lines} lines, and from here on there are fewer {$what} than that. Nothing was put in: make "
                .'room for all of them first, or paste fewer.',
        );
    }

    public static function longLine(int $number, int $most): self
    {
        return new self("Line {$number} is longer than {$most} characters. Nothing was put in: make it shorter first.");
    }

    public static function noRoomForCards(int $number): self
    {
        return new self(
            "There is no room beside and below it for {$number} more cards. Nothing was put in: make the card smaller, "
                .'or move it up and to the left.',
        );
    }

    public static function tableFull(): self
    {
        return new self(sprintf('A table has at most %d rows and %d columns.', Table::MOST_ROWS, Table::MOST_COLUMNS));
    }

    public static function lastLine(): self
    {
        return new self('That is the last one. To be rid of the table, delete it whole.');
    }

    public static function printCannotMove(): self
    {
        return new self(
            'The print of this page cannot move. Room can be made on pages put together from clips, labels and boxes.',
        );
    }

    public static function noRoom(): self
    {
        return new self('There is nothing below that line to move.');
    }

    public static function tooMuchRoom(): self
    {
        return new self('That would push things over too many pages. Make less room.');
    }

    public static function noSuchProperty(string $name): self
    {
        return new self("Nothing that is selected has a \"{$name}\" to change.");
    }

    public static function notYours(): self
    {
        return new self(
            'There is a picture or a clip in it that is not among yours. Bring it in, or clip it from a page that '
                .'you may look at.',
        );
    }

    public static function invalid(string $problem, ?Throwable $cause = null): self
    {
        return new self("That value cannot be used: {$problem}.", 0, $cause);
    }
}
