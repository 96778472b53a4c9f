<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

/** Reads which questions are chosen: "1-4, 7", "A–C", "IV", "odd". */
final class QuestionChoice
{
    /**
     * @param  list<string>  $there  the numbers that there are, in the order in which they are read; each once
     * @return non-empty-list<string> those chosen, in that order
     *
     * @throws UnusableRange
     */
    public static function parse(string $text, array $there): array
    {
        if ($there === []) {
            throw UnusableRange::noQuestions();
        }
        $chosen = [];
        foreach (preg_split('/[\s]*[,;]+[\s]*/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            foreach (self::piece($piece, $there) as $at) {
                $chosen[$at] = true;
            }
        }
        $numbers = array_values(array_intersect_key($there, $chosen));

        return $numbers === [] ? throw UnusableRange::noQuestionNamed() : $numbers;
    }

    /**
     * @param  non-empty-list<string>  $there
     * @return list<int> places in that list
     */
    private static function piece(string $piece, array $there): array
    {
        if (preg_match('/^(odd|even)(?: ones| numbers)?$/iu', $piece, $match) === 1) {
            $rest = strtolower($match[1]) === 'odd' ? 1 : 0;

            return array_keys(
                array_filter(
                    $there,
                    // Letters and Roman numerals count by their places.
                    function (string $number, int $at) use ($rest): bool {
                        return (ctype_digit($number) ? (int) $number : $at + 1) % 2 === $rest;
                    },
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
        }
        if (preg_match('/^(\w+)(?:\s*[-–—]\s*(\w*))?$/u', $piece, $match) !== 1) {
            throw UnusableRange::noQuestion($piece, $there);
        }
        $from = self::at($match[1], $there);
        $to = match (true) {
            ! isset($match[2]) => $from,
            $match[2] === '' => count($there) - 1,
            default => self::at($match[2], $there),
        };

        return $to < $from ? throw UnusableRange::backwards($piece) : range($from, $to);
    }

    /** @param  non-empty-list<string>  $there */
    private static function at(string $number, array $there): int
    {
        foreach ($there as $at => $one) {
            if (mb_strtolower($one) === mb_strtolower($number)) {
                return $at;
            }
        }

        throw UnusableRange::noQuestion($number, $there);
    }
}
