<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\AnswerKind;

/** What can be chosen of the selected, in words, by the values that an edit takes. */
final class TraitWords
{
    public const FONTS = [
        'plain' => 'plain',
        'school' => 'schoolbook',
        'easy' => 'easy reading',
        'book' => 'book',
        'hand' => 'handwriting',
        'typewriter' => 'typewriter',
    ];

    public const PART_FORMS = [
        'ellipse' => 'oval',
        'rectangle' => 'rectangle',
        'rounded' => 'rounded',
        'triangle' => 'triangle',
        'polygon' => 'polygon',
        'callout' => 'speech box',
        'arrow' => 'arrow',
        'connector' => 'connector',
    ];

    public const COURSES = [
        'straight' => 'straight',
        'bent' => 'bent twice',
        'curved' => 'curved',
    ];

    public const SPOT_FORMS = [
        'zone' => 'zone',
        'slot' => 'slot',
        'ring' => 'ring',
        'line' => 'line',
        'slots' => 'table of slots',
    ];

    public const JOINTS = [
        'ends' => 'Left, right',
        'upright' => 'Top, bottom',
        'sides' => 'All sides',
        'corners' => 'Corners',
        'none' => 'None',
    ];

    public const MEASURES = [
        'x' => 'From the left',
        'y' => 'From the top',
        'width' => 'Width',
        'height' => 'Height',
    ];

    /** @return array<string, string> */
    public static function kinds(): array
    {
        $words = [];
        foreach (AnswerKind::ofBoxes() as $kind) {
            $words[$kind->value] = $kind->words();
        }

        return $words;
    }
}
