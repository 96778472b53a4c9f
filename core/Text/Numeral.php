<?php

declare(strict_types=1);

namespace OpenSlate\Text;

/** Numbers as headings write them: 3, III, three. */
final class Numeral
{
    private const WORDS = [
        'one',
        'two',
        'three',
        'four',
        'five',
        'six',
        'seven',
        'eight',
        'nine',
        'ten',
        'eleven',
        'twelve',
        'thirteen',
        'fourteen',
        'fifteen',
        'sixteen',
        'seventeen',
        'eighteen',
        'nineteen',
        'twenty',
    ];

    private const TENS = ['twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50];

    private const ROMAN = ['x' => 10, 'ix' => 9, 'v' => 5, 'iv' => 4, 'i' => 1];

    /** What a numeral may look like, for use within a larger pattern. */
    public const PATTERN =
        '(?:\d{1,3}|[ivxIVX]{1,6}|(?:twenty|thirty|forty|fifty)(?:[ -](?:one|two|three|four|five|six|seven|eight|'
        .'nine))?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|'
        .'seventeen|eighteen|nineteen)';

    /** Its value, or null when it is none (roman numerals up to 39, words up to 59). */
    public static function value(string $text): ?int
    {
        $text = mb_strtolower(trim($text));
        if (preg_match('/^\d{1,3}$/', $text) === 1) {
            return (int) $text;
        }
        $at = array_search($text, self::WORDS, true);
        if ($at !== false) {
            return $at + 1;
        }
        $parts = preg_split('/[ -]/', $text) ?: [];
        if (isset(self::TENS[$parts[0]])) {
            $unit = count($parts) > 1 ? array_search($parts[1], self::WORDS, true) : -1;

            return $unit === false || $unit > 8 ? null : self::TENS[$parts[0]] + $unit + 1;
        }

        return self::ofRoman($text);
    }

    /** In Roman numerals, up to 39. */
    public static function roman(int $value): string
    {
        $said = '';
        foreach (self::ROMAN as $letters => $worth) {
            while ($value >= $worth) {
                $said .= mb_strtoupper($letters);
                $value -= $worth;
            }
        }

        return $said;
    }

    private static function ofRoman(string $text): ?int
    {
        if (preg_match('/^x{0,3}(?:ix|iv|v?i{0,3})$/', $text) !== 1 || $text === '') {
            return null;
        }
        $value = 0;
        foreach (self::ROMAN as $letters => $worth) {
            while (str_starts_with($text, $letters)) {
                $value += $worth;
                $text = substr($text, strlen($letters));
            }
        }

        return $value;
    }
}
