<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Geometry\Frame;

/** Blanks that a sheet need not ask for: whose it is, and the day. Common practice, no source; the words from memory. */
final class SelfFilling
{
    private const NAME = '(?:(?:my|your|full|first|student|pupil)(?:[’\']?s)?\s+)?name'.
        '(?:\s+of\s+(?:the\s+)?(?:student|pupil))?|pupil|student|nom|nombre|naam|navn|nome|imię';

    private const DAY = '(?:the\s+|today[’\']?s\s+)?date|day|datum|fecha|dato|data';

    /** What would stand on the blank by itself; Own where it is there for an answer. */
    public static function of(Blank $blank): LabelText
    {
        $line = $blank->kind === BlankKind::Line || $blank->kind === BlankKind::Gap || $blank->kind === BlankKind::Box;
        $asks = fn (string $words): bool => preg_match("/^\\W*(?:{$words})\\W*\$/iu", $blank->label) === 1;

        return match (true) {
            ! $line => LabelText::Own,
            $asks(self::NAME) => LabelText::Student,
            $asks(self::DAY) => LabelText::Date,
            default => LabelText::Own,
        };
    }

    public static function fits(Blank $blank): bool
    {
        return self::of($blank) !== LabelText::Own;
    }

    /** Whether an element fills itself in, so that it has the place of a blank. */
    public static function isDoneBy(Element $element): bool
    {
        return $element instanceof Label && $element->fills !== LabelText::Own;
    }

    /** The label that fills it, standing on its line. */
    public static function label(Blank $blank, string $id, float $size): Label
    {
        $frame = $blank->frame;
        $height = min($frame->height, Proposals::LINE * $size);

        return new Label(
            id: $id,
            frame: Frame::of($frame->x, round($frame->bottom() - $height, 3), $frame->width, $height),
            size: $size,
            fills: self::of($blank),
        );
    }
}
