<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** Numbers that are written out in English, in digits: "twenty-five" is 25, "two and a half" is 2 1/2. */
final class NumberWords
{
    private const UNITS = [
        'zero' => 0,
        'nought' => 0,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
        'thirteen' => 13,
        'fourteen' => 14,
        'fifteen' => 15,
        'sixteen' => 16,
        'seventeen' => 17,
        'eighteen' => 18,
        'nineteen' => 19,
    ];

    private const TENS = [
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
        'sixty' => 60,
        'seventy' => 70,
        'eighty' => 80,
        'ninety' => 90,
    ];

    private const SCALES = [
        'dozen' => 12,
        'hundred' => 100,
        'thousand' => 1000,
        'million' => 1_000_000,
        'billion' => 1_000_000_000,
    ];

    private const PARTS = [
        'half' => 2,
        'halves' => 2,
        'third' => 3,
        'thirds' => 3,
        'quarter' => 4,
        'quarters' => 4,
        'fifth' => 5,
        'fifths' => 5,
        'sixth' => 6,
        'sixths' => 6,
        'seventh' => 7,
        'sevenths' => 7,
        'eighth' => 8,
        'eighths' => 8,
        'ninth' => 9,
        'ninths' => 9,
        'tenth' => 10,
        'tenths' => 10,
        'hundredth' => 100,
        'hundredths' => 100,
    ];

    private const ORDINALS = [
        'first' => '1st',
        'second' => '2nd',
        'third' => '3rd',
        'fourth' => '4th',
        'fifth' => '5th',
        'sixth' => '6th',
        'seventh' => '7th',
        'eighth' => '8th',
        'ninth' => '9th',
        'tenth' => '10th',
    ];

    /**
     * Also first, second, third, where they are the whole.
     *
     * @param  string  $text  in small letters
     */
    public static function alsoOrdinals(string $text): string
    {
        return self::ORDINALS[$text] ?? self::inDigits($text);
    }

    /** @param  string  $text  in small letters */
    public static function inDigits(string $text): string
    {
        if (preg_match('/\p{L}/u', $text) !== 1) {
            return $text;
        }
        $word = implode('|', array_keys(self::UNITS + self::TENS));
        $scale = implode('|', array_keys(self::SCALES));

        return (string) preg_replace_callback(
            "/\b(?:(?:a|{$word})(?=[ -]+(?:{$scale})\b)|{$word})".
            "(?:[ -]+(?:and[ -]+(?=(?:{$word})\b))?(?:{$word}|{$scale})\b)*/u",
            fn (array $match): string => self::number($match[0]),
            $text,
        );
    }

    /** Also a half, three quarters, two and a half. */
    public static function withFractions(string $text): string
    {
        $parts = implode('|', array_keys(self::PARTS));
        $few = implode('|', array_keys(self::UNITS));
        $text = self::inDigits((string) preg_replace_callback(
            "/\b(an?|\d+|{$few}) +({$parts})\b/u",
            fn (array $match): string => (self::UNITS[$match[1]] ?? max(1, (int) $match[1])).'/'.self::PARTS[$match[2]],
            $text,
        ));
        $text = (string) preg_replace('/^half\b(?: an?\b)?/u', '1/2', $text);
        // Two and a half, two hours and a half.
        $text = (string) preg_replace('/\b(\d+) +and +(\d+\/\d+)/u', '$1 $2', $text);

        return (string) preg_replace('/^(minus|negative) +(?=\d)/u', '-', $text);
    }

    private static function number(string $words): string
    {
        $sum = $group = 0;
        foreach (preg_split('/[ -]+/', $words) ?: [] as $word) {
            $scale = self::SCALES[$word] ?? null;
            if ($scale !== null && $scale <= 100) {
                $group = max(1, $group) * $scale;
            } elseif ($scale !== null) {
                $sum += max(1, $group) * $scale;
                $group = 0;
            } else {
                // "and" and "a" count nothing.
                $group += self::UNITS[$word] ?? self::TENS[$word] ?? 0;
            }
        }

        return (string) ($sum + $group);
    }
}
