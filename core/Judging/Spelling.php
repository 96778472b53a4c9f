<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** Whether a text is another one, misspelt. */
final class Spelling
{
    /** Spellings of one word that are both right: the American and the British way (common practice, no source). */
    private const VARIANTS = [
        '/(?<=\p{L}{3})our/u' => 'or',
        '/(?<=[bt])re(?=s?$|d$)/u' => 'er',
        '/(?<=\p{L}{3})is(?=e$|es$|ed$|ing$|ation$|er$)/u' => 'iz',
        '/(?<=\p{L}{2})yse/u' => 'yze',
        '/ogue$/u' => 'og',
        '/ll(?=ed$|ing$|er$)/u' => 'l',
        '/^grey/u' => 'gray',
        '/^sulph/u' => 'sulf',
        '/^aluminium$/u' => 'aluminum',
        '/aero(?=plane)/u' => 'air',
        '/ence$/u' => 'ense',
    ];

    private const ENDINGS = '/(?:\'s|ies|es|s|ed|d|ing|ly|er|y|e)$/u';

    /** Whether the two are one text in two spellings that are both right. */
    public static function isVariant(string $given, string $right): bool
    {
        return self::varied($given) === self::varied($right);
    }

    private static function varied(string $text): string
    {
        return implode(' ', array_map(
            fn (string $word): string => (string) preg_replace(array_keys(self::VARIANTS), self::VARIANTS, $word),
            explode(' ', $text),
        ));
    }

    /**
     * How near a text is to a right one: word by word, each by its own length, so that a word more or less, or another
     * number, is never taken for a misspelling. Both are folded.
     */
    public static function nearness(string $given, string $right, Lexicon $words): Nearness
    {
        [$mine, $theirs] = [explode(' ', $given), explode(' ', $right)];
        if (count($mine) !== count($theirs)) {
            // Words run together, or one that was parted, are misspellings of the whole.
            return TextReading::joined($given) === TextReading::joined($right) ||
                (count($mine) === 1 || count($theirs) === 1) && self::isNearJoined($mine, $theirs)
                ? Nearness::Misspelt
                : Nearness::Far;
        }
        $nearness = Nearness::Same;
        foreach ($mine as $at => $word) {
            $nearness = $nearness->and(self::ofWords($word, $theirs[$at], $words));
        }

        return $nearness;
    }

    /**
     * @param  non-empty-list<string>  $mine
     * @param  non-empty-list<string>  $theirs
     */
    private static function isNearJoined(array $mine, array $theirs): bool
    {
        [$one, $other] = [implode('', $mine), implode('', $theirs)];

        return abs(count($mine) - count($theirs)) === 1 &&
            preg_match('/\d/', $one.$other) === 0 &&
            mb_strlen($other) >= 6 &&
            Misspelling::distance($one, $other) <= 1;
    }

    private static function ofWords(string $given, string $right, Lexicon $words): Nearness
    {
        if ($given === $right) {
            return Nearness::Same;
        }
        if (preg_match('/\d/', $given.$right) === 1 || ! Misspelling::isClose($given, $right)) {
            return Nearness::Far;
        }
        if (! $words->has($given)) {
            // Who misspells a word hardly ever misses its first letter, or writes one that sounds like it
            // (Yannakoudakis
            // and Fawthrop 1983, "The rules of spelling errors"; from memory). Else it may be a word of its own.
            $isBegun = mb_substr($given, 0, 1) === mb_substr($right, 0, 1) ||
                self::firstSound($given) === self::firstSound($right);

            return $isBegun ? Nearness::Misspelt : Nearness::Doubtful;
        }

        // A word that there is: another form of the right one, or one that sounds like it, a person has to look at.
        return self::stem($given) === self::stem($right) || metaphone($given) === metaphone($right)
            ? Nearness::Doubtful
            : Nearness::Far;
    }

    private static function firstSound(string $word): string
    {
        return substr(metaphone($word), 0, 1);
    }

    /** A word without what it ends in by number, person and time, roughly: "tides", "tide" and "tided" are one. */
    public static function stem(string $word): string
    {
        return mb_strlen($word) < 3 ? $word : (string) preg_replace(self::ENDINGS, '', $word);
    }
}
