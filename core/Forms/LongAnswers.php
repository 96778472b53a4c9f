<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TextFit;
use OpenSlate\Geometry\Frame;
use OpenSlate\Marking\PlaceFrames;
use OpenSlate\Page\Page;
use OpenSlate\Text\TypedLines;

/** What was typed and may have no room where it stands, once it is on paper and nobody can scroll. */
final class LongAnswers
{
    /** Left and right of what is typed, in points. */
    private const BESIDE = 4.0;

    /** Lines of type are so many times as high as it is. */
    private const LINE = 1.2;

    private const LINES = 1.5;

    /** Type becomes so small at least, where its box makes it smaller. */
    private const SMALLEST = 0.4;

    private const STEP = 0.05;

    /**
     * @param  array<string, string>  $texts  by place
     * @return list<string> the names of such places on the page, in reading order
     */
    public static function on(Page $page, int $number, array $texts): array
    {
        $long = [];
        foreach (PlaceFrames::of($page) as $name => $frame) {
            $text = $texts[Place::idOn($number, $name)] ?? '';
            if ($text !== '' && ! self::hasRoom($page, $name, $frame, $text)) {
                $long[] = $name;
            }
        }

        return $long;
    }

    /** How small type is made that gets smaller where its box is full, as a share of its size. */
    public static function shrunk(AnswerBox $box, string $text): float
    {
        $share = 1.0;
        while ($box->fit === TextFit::Shrink && $share > self::SMALLEST && ! self::fits($box, $text, $share)) {
            $share = round($share - self::STEP, 2);
        }

        return $share;
    }

    private static function hasRoom(Page $page, string $name, Frame $frame, string $text): bool
    {
        $element = $page->element(explode('.', $name)[0]);

        return match (true) {
            $element instanceof AnswerBox => self::fits(
                $element->fit === TextFit::Grow ? self::grown($element, $page) : $element,
                $text,
                self::shrunk($element, $text),
            ),
            $element instanceof Table || $element instanceof Organiser => TypedLines::fit(
                $text,
                ($frame->width - self::BESIDE) / $element->font->wide(),
                $frame->height,
                $element->size,
                self::LINE * $element->size,
                true,
            ),
            default => true,
        };
    }

    /** As high as it can get. */
    private static function grown(AnswerBox $box, Page $page): AnswerBox
    {
        return $box->framed(Frame::of(
            $box->frame->x,
            $box->frame->y,
            $box->frame->width,
            max($box->frame->height, $page->size->height - $box->frame->y),
        ));
    }

    private static function fits(AnswerBox $box, string $text, float $share): bool
    {
        $form = $box->form;
        if (! $form->kind()->isWords()) {
            return true;
        }
        $size = $box->size * $share;
        $several = $box->fit === TextFit::Grow ||
            ($form instanceof TextAnswer ? $form->several : $box->frame->height >= 2 * self::LINES * $size);
        $pitch = $form instanceof TextAnswer ? $form->ruling?->pitch : null;

        return TypedLines::fit(
            $form->read($text),
            ($box->frame->width - self::BESIDE) / $box->font->wide(),
            $box->frame->height,
            $size,
            // One line has the height of its box, however high its type.
            $several ? $pitch ?? self::LINES * $size : min($box->frame->height, self::LINE * $size),
            $several,
        );
    }
}
