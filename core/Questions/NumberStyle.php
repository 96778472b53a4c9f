<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Text\Numeral;

/** How questions are numbered; those of one page that count on from each other are of one style. */
enum NumberStyle: string
{
    /** "Question 3" */
    case Named = 'named';

    /** "Q3", "#3" */
    case Q = 'q';

    /** "3.", "3)", "(3)", "3/" */
    case Number = 'number';

    /** "③" */
    case Circled = 'circled';

    /** "3", with nothing behind it */
    case Bare = 'bare';

    /** "B", with room behind it */
    case BareLetter = 'bare letter';

    /** "IV." */
    case UpperRoman = 'upper roman';

    /** "B." */
    case UpperLetter = 'upper letter';

    /** "3a" */
    case Both = 'both';

    /** "3.1" */
    case Decimal = 'decimal';

    /** "b)" */
    case Letter = 'letter';

    /** "iv)" */
    case Roman = 'roman';

    private const CIRCLED = '①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳';

    /** Whether it may be anything, for all that it says itself. */
    public function isBare(): bool
    {
        return $this === self::Bare || $this === self::BareLetter;
    }

    /** Whether it numbers the parts of a question, where another style numbers the questions. */
    public function isOfParts(): bool
    {
        return $this === self::Letter || $this === self::Roman;
    }

    /** Whether it counts within another number: after "2c" comes "2d", or "3a". */
    public function isOfTwo(): bool
    {
        return $this === self::Both || $this === self::Decimal;
    }

    /**
     * What a word at the beginning of a question may count.
     *
     * @return array<string, array{int, string}> by style: its value, and how it is said
     */
    public static function readings(string $word): array
    {
        $found = [];
        // What reads scans takes the figure 1 for an l or a bar; what counts on from it tells what it is.
        $figures = preg_replace('/^(\(?)[l|](?=[a-h]?[.):]+$)/', '${1}1', $word) ?? $word;
        if (preg_match('/^(?:Q\.?|#)(\d{1,3})[.:)]?$/i', $word, $match) === 1) {
            $found[self::Q->value] = [(int) $match[1], $match[1]];
        } elseif (preg_match('/^\(?(\d{1,3})(?:[.):\/°º]|\.\))(?:\p{Lu}\p{L}+)?$/u', $figures, $match) === 1) {
            $found[self::Number->value] = [(int) $match[1], $match[1]];
        } elseif (preg_match('/^\(?(\d{1,2})\.?\(?([a-h])[.):]*$/i', $figures, $match) === 1) {
            $found[self::Both->value] = [
                100 * (int) $match[1] + ord(strtolower($match[2])) - ord('a') + 1,
                $match[1].strtolower($match[2]),
            ];
        } elseif (preg_match('/^(\d{1,2})\.(\d{1,2})[.):]?$/', $word, $match) === 1) {
            $found[self::Decimal->value] = [100 * (int) $match[1] + (int) $match[2], "{$match[1]}.{$match[2]}"];
        } elseif (preg_match('/^\d{1,2}$/', $word) === 1) {
            $found[self::Bare->value] = [(int) $word, $word];
        } elseif (preg_match('/^[A-Z]$/', $word) === 1) {
            $found[self::BareLetter->value] = [ord($word) - ord('A') + 1, $word];
        } elseif (mb_strlen($word) === 1 && mb_strpos(self::CIRCLED, $word) !== false) {
            $value = (int) mb_strpos(self::CIRCLED, $word) + 1;
            $found[self::Circled->value] = [$value, (string) $value];
        }
        if (preg_match('/^\(?([a-z])[.):]$/i', $word, $match) === 1) {
            $style = ctype_upper($match[1]) ? self::UpperLetter : self::Letter;
            $found[$style->value] = [ord(strtolower($match[1])) - ord('a') + 1, $match[1]];
        }
        // What reads scans takes the letter I for an l or a bar.
        $upper = strtr($word, ['l' => 'I', '|' => 'I']);
        foreach ([self::UpperRoman->value => $upper, self::Roman->value => $word] as $style => $said) {
            $letters = $style === self::Roman->value ? 'ivx' : 'IVX';
            $isRoman = preg_match("/^\(?([{$letters}]{1,6})[.):]$/", $said, $match) === 1;
            $value = $isRoman ? Numeral::value($match[1]) : null;
            $value === null || ($found[$style] = [$value, $match[1]]);
        }

        return $found;
    }
}
