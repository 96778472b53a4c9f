<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Page\AnswerBox;
use OpenSlate\Page\AnswerForm;
use OpenSlate\Page\Clip;
use OpenSlate\Page\Element;
use OpenSlate\Page\Label;
use OpenSlate\Page\Link;
use OpenSlate\Paper\Length;

/** Says in words what lies on a page. */
final class ElementWords
{
    public static function of(?Element $element): string
    {
        return match (true) {
            $element instanceof AnswerBox => $element->prompt !== '' ? $element->prompt : ($element->answer === AnswerForm::Lines ? 'several lines' : 'short text'),
            $element instanceof Label => $element->text,
            $element instanceof Link => ($element->text !== '' ? $element->text : $element->target->address).($element->on ? '' : ' (switched off)'),
            $element instanceof Clip => 'a piece of a printed page',
            default => 'covers what is printed',
        };
    }

    /** Where it lies, as people measure: from the left and from the top of the page. */
    public static function place(Element $element): string
    {
        $millimetres = fn (float $points): int => (int) round(Length::toMillimetres($points));
        $frame = $element->frame();

        return sprintf('%d × %d mm, %d mm from the left, %d mm from the top', $millimetres($frame->width), $millimetres($frame->height), $millimetres($frame->x), $millimetres($frame->y));
    }
}
