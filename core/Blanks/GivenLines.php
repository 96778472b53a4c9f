<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Lines that say something themselves: leaders to a price or to a page, and those that are to be measured. */
final class GivenLines
{
    /** What a leader leads to: the number of a page, a price, a time, a quantity. */
    private const LED_TO = '/\p{L}{2,}[^=?]*?(?:[.…‥]{4,}|(?:\s?[.…‥]){5,})\s*'.
        '(?:[£$€]\s?)?\d[\d.,:]*\s?(?:\p{L}{1,4}\.?|[%°]\p{L}?|[£$€]|[ap]\.m\.)?\s*$/u';

    private const TO_MEASURE =
        '/\bmeasure\b.*\blines?\b|\b(?:how long|length)\b.*\b(?:this|these|each|the|every) lines?\b/iu';

    private const LENGTH = '/^(?:mm|cm|dm|m|km|in|inch(?:es)?|ft)\b/iu';

    /** So near above it stands what asks to measure it, and so near behind it a unit to be written before, in points. */
    private const NEAR = 72.0;

    private const BEHIND = 12.0;

    /** Further to the right than this, in points, is another column. */
    private const COLUMN = 60.0;

    public static function has(Ground $ground, Rule $rule): bool
    {
        return ($rule->dashed && self::isLeader(self::row($ground, $rule))) || self::isMeasured($ground, $rule);
    }

    /** @param  string  $text  of a line, with the dots in it */
    public static function isLeader(string $text): bool
    {
        return preg_match(self::LED_TO, $text) === 1;
    }

    /** What stands on its row, with dots where it is. */
    private static function row(Ground $ground, Rule $rule): string
    {
        [$before, $after] = [[], []];
        foreach ($ground->printed as $word) {
            $frame = $word->frame;
            if ($rule->at < $frame->y || $rule->at > $frame->bottom() + 0.25 * $frame->height) {
                continue;
            }
            if ($frame->right() <= $rule->from + 2 && $rule->from - $frame->right() <= self::NEAR) {
                $before[] = $word;
            } elseif ($frame->x >= $rule->to - 2 && $frame->x - $rule->to <= self::COLUMN) {
                $after[] = $word;
            }
        }

        return self::said($before).' ........ '.self::said($after);
    }

    private static function isMeasured(Ground $ground, Rule $rule): bool
    {
        foreach ($ground->printed as $word) {
            if (
                preg_match(self::LENGTH, $word->text) === 1 &&
                abs($word->frame->bottom() - $rule->at) <= $word->frame->height &&
                $word->frame->x >= $rule->to - 2 &&
                $word->frame->x - $rule->to <= self::BEHIND
            ) {
                return false;
            }
        }

        return preg_match(self::TO_MEASURE, self::above($ground->marks->lines, $rule)->text ?? '') === 1;
    }

    /** @param  list<TextLine>  $lines */
    private static function above(array $lines, Rule $rule): ?TextLine
    {
        $above = null;
        foreach ($lines as $line) {
            $frame = $line->frame;
            if (
                $line->wordCount() > 1 &&
                $frame->middle() < $rule->at &&
                $rule->at - $frame->bottom() <= self::NEAR &&
                $frame->x < $rule->to &&
                $frame->right() > $rule->from - self::COLUMN &&
                ($above === null || $frame->middle() > $above->frame->middle())
            ) {
                $above = $line;
            }
        }

        return $above;
    }

    /** @param  list<Word>  $words */
    private static function said(array $words): string
    {
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);

        return Word::said($words);
    }
}
