<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\Ruling;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Table;
use OpenSlate\Forms\LongAnswers;

/** The style of typed text that cannot be said in a stylesheet. */
final class TextStyle
{
    /** Text sits this far above the printed line, as a share of its size, so that the line does not touch it. */
    private const ABOVE = 0.12;

    /** @return list<string> the classes of what is written in a font, to one side */
    public static function classes(AnswerBox|Table|Organiser|Label $element): array
    {
        return ["type type--{$element->font->value}", "type--{$element->align->value}"];
    }

    /** How small type is on paper, where no browser makes it smaller. */
    public static function shrunk(AnswerBox $box, string $text): string
    {
        $share = LongAnswers::shrunk($box, $text);

        return $share < 1.0 ? ";--shrunk:{$share}" : '';
    }

    /**
     * The line height, and where the text has to start so that its first baseline is on the first printed line. A line
     * of type is centred in its line height.
     */
    public static function ruled(?Ruling $ruling, AnswerBox $box): string
    {
        if ($ruling === null) {
            return '';
        }
        $baseline = $ruling->pitch / 2 + ($box->font->middle() + self::ABOVE) * $box->size;

        return sprintf(';--pitch:%s;--rise:%s', round($ruling->pitch, 3), round($ruling->first - $baseline, 3));
    }
}
