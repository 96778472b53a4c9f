<?php

declare(strict_types=1);

namespace OpenSlate\Text;

/**
 * How typed words break into lines, judged without their font: by how wide letters of a kind are at most in the fonts
 * that ship, so that what fits by this fits. Widths are shares of the size of the type.
 */
final class TypedLines
{
    /** By kind of letter; Font::wide says how wide each typeface runs to them. */
    private const WIDTHS = [
        '/^[\s]$/u' => 0.3,
        '/^[ijlI.,:;!|\'’‘`´·]$/u' => 0.33,
        '/^[fjrt()\[\]{}\/\\\\"“”*°-]$/u' => 0.46,
        '/^[mwMW@%&—…]$/u' => 0.98,
        '/^[\p{Lu}]$/u' => 0.74,
        '/^[\p{Ll}\p{Nd}\p{Lo}\p{Lm}]$/u' => 0.62,
        '/^[\p{Mn}\p{Cf}]$/u' => 0.0,
    ];

    /** Writing of squares, and pictures. */
    private const SQUARES = '/^[\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}\x{1F000}-\x{1FAFF}]$/u';

    private const OTHERS = 0.85;

    /**
     * @param  float  $width  of the lines, in points
     * @param  float  $size  of the type, in points
     * @return list<string> at least one
     */
    public static function of(string $text, float $width, float $size): array
    {
        $lines = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $paragraph) {
            array_push($lines, ...self::broken($paragraph, $width / $size));
        }

        return $lines;
    }

    /** Whether words certainly have room in a box, over several lines or on one. */
    public static function fit(
        string $text,
        float $width,
        float $height,
        float $size,
        float $pitch,
        bool $several,
    ): bool {
        $lines = $several ? self::of($text, $width, $size) : [$text];

        return count($lines) * $pitch <= $height + $pitch * 0.1 &&
            ($several || self::width($text) * $size <= $width);
    }

    /** @return list<string> */
    private static function broken(string $paragraph, float $room): array
    {
        $lines = [];
        $line = '';
        foreach (preg_split('/(?<=\s)(?=\S)/u', $paragraph) ?: [$paragraph] as $word) {
            if (self::width(rtrim($line.$word)) <= $room) {
                $line .= $word;

                continue;
            }
            if ($line !== '') {
                $lines[] = rtrim($line);
            }
            $line = '';
            // What is longer than a line breaks anywhere.
            foreach (mb_str_split($word) as $letter) {
                if ($line !== '' && self::width($line.$letter) > $room) {
                    $lines[] = $line;
                    $line = '';
                }
                $line .= $letter;
            }
        }
        $lines[] = rtrim($line);

        return $lines;
    }

    private static function width(string $text): float
    {
        return array_sum(array_map(self::ofLetter(...), mb_str_split($text)));
    }

    private static function ofLetter(string $letter): float
    {
        if (preg_match(self::SQUARES, $letter) === 1) {
            return 1.0;
        }
        foreach (self::WIDTHS as $kind => $width) {
            if (preg_match($kind, $letter) === 1) {
                return $width;
            }
        }

        return self::OTHERS;
    }
}
