<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Normalizer;

/**
 * A text as it is held against another: signs that mean the same are one sign (Unicode NFC; quotation marks, dashes,
 * spaces), and what does not count is left out.
 */
final class TextReading
{
    private const SAME = [
        '‘' => "'",
        '’' => "'",
        '‛' => "'",
        '′' => "'",
        '`' => "'",
        '´' => "'",
        '“' => '"',
        '”' => '"',
        '„' => '"',
        '″' => '"',
        '«' => '"',
        '»' => '"',
        '‐' => '-',
        '‑' => '-',
        '‒' => '-',
        '–' => '-',
        '—' => '-',
        '−' => '-',
        '…' => '...',
        '⁄' => '/',
        '∕' => '/',
        'ﬁ' => 'fi',
        'ﬂ' => 'fl',
    ];

    /** Letters that have no accent to take off, in plain ones. */
    private const PLAIN = [
        'ß' => 'ss',
        'æ' => 'ae',
        'Æ' => 'Ae',
        'œ' => 'oe',
        'Œ' => 'Oe',
        'ø' => 'o',
        'Ø' => 'O',
        'ł' => 'l',
        'Ł' => 'L',
        'đ' => 'd',
        'Đ' => 'D',
        'ı' => 'i',
    ];

    private const SUPERSCRIPTS = [
        '⁰' => '0',
        '¹' => '1',
        '²' => '2',
        '³' => '3',
        '⁴' => '4',
        '⁵' => '5',
        '⁶' => '6',
        '⁷' => '7',
        '⁸' => '8',
        '⁹' => '9',
        '⁻' => '-',
    ];

    /** One way to write what is written in several; nothing is left out yet. */
    public static function plain(string $text): string
    {
        $text = self::normalized($text, Normalizer::FORM_C);
        $text = strtr($text, self::SAME);
        $text = (string) preg_replace_callback(
            '/['.implode('', array_keys(self::SUPERSCRIPTS)).']+/u',
            fn (array $raised): string => '^'.strtr($raised[0], self::SUPERSCRIPTS),
            $text,
        );
        // What shows nothing: soft hyphens, joiners, marks of direction.
        $text = (string) preg_replace('/[\x{ad}\x{200b}-\x{200f}\x{2060}\x{feff}]/u', '', $text);

        return trim((string) preg_replace('/[\s\p{Z}]/u', ' ', $text));
    }

    /** What is left of it where only so much counts. Two texts are alike when the same is left of both. */
    public static function folded(string $text, Strictness $strictness): string
    {
        $text = self::plain($text);
        if (! $strictness->counts(TextAspect::Capitals)) {
            $text = mb_convert_case($text, MB_CASE_FOLD);
        }
        if (! $strictness->counts(TextAspect::Accents)) {
            $text = self::withoutAccents($text);
        }
        if (! $strictness->counts(TextAspect::Punctuation)) {
            $text = self::withoutPunctuation($text, $strictness->counts(TextAspect::Spacing));
        }
        if (! $strictness->counts(TextAspect::Articles)) {
            $text = (string) preg_replace('/^ *(?:an?|the) +(?!(?:and|or)\b|\S(?: |$))/iu', '', $text);
        }

        return $strictness->counts(TextAspect::Spacing)
            ? $text
            : trim((string) preg_replace('/ +/', ' ', $text));
    }

    /** Without its spaces, but for those that part two numbers. */
    public static function joined(string $text): string
    {
        return (string) preg_replace('/(?<!\d) +| +(?!\d)/', '', $text);
    }

    public static function withoutAccents(string $text): string
    {
        $apart = self::normalized(strtr($text, self::PLAIN), Normalizer::FORM_D);

        return self::normalized((string) preg_replace('/\p{Mn}+/u', '', $apart), Normalizer::FORM_C);
    }

    private static function normalized(string $text, int $form): string
    {
        $normalized = Normalizer::normalize($text, $form);

        return is_string($normalized) ? $normalized : $text;
    }

    /**
     * Signs that belong to a number or a sum stay: the point of 3.5, the colon of 6:40, the minus of -5, the stroke of
     * 1/2. What joins two words becomes a space.
     */
    private static function withoutPunctuation(string $text, bool $spacing): string
    {
        $kept = (string) preg_replace(
            [
                "/(?<=[\p{L}\p{M}])'(?=[\p{L}\p{M}])/u",
                '/(?<![\d])[.,:\/]|[.,:\/](?!\d)/u',
                '/(?<=[\p{L}\p{M}\d])-(?=[\p{L}\p{M}])|(?<=[\p{L}\p{M}])-(?=\d)|-(?!\d)/u',
            ],
            ['', ' ', ' '],
            // A point before a digit may begin a decimal.
            (string) preg_replace('/(?<![\d\p{L}])\.(?=\d)/u', '0.', $text),
        );
        $kept = (string) preg_replace('/&/u', ' and ', $kept);
        $bare = (string) preg_replace('/(?![.,:\/\-%])\p{P}/u', ' ', $kept);
        // Of a text that is nothing but punctuation, that is what is asked for.
        if (trim($bare) === '') {
            return $text;
        }

        return $spacing ? rtrim($bare) : trim((string) preg_replace('/ +/', ' ', $bare));
    }

    /** @return list<string> its words, without what stands between them */
    public static function words(string $text): array
    {
        preg_match_all("/[\p{L}\p{M}\p{N}]+(?:['-][\p{L}\p{M}\p{N}]+)*/u", self::plain($text), $words);

        return $words[0];
    }
}
