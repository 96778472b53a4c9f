<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** Pages on which the questions of another stand once more, with something said after most of them. */
final class AnsweredQuestions
{
    /** So many of them at the least, and this share of all that the other asks. */
    private const FEWEST = 2;

    private const ALL = 0.9;

    /** So many of them are answered, and on the other page are not, as shares. */
    private const ANSWERED = 0.7;

    private const OPEN = 0.3;

    /** Fewer words are no question that would be known again; with a question mark one less. */
    private const WORDS = 3;

    /**
     * @param  list<PageText>  $pages  without their furniture
     * @return array<int, int> the page whose questions each answers, by its number
     */
    public static function of(array $pages): array
    {
        $asked = $on = $lines = [];
        foreach ($pages as $page) {
            $lines[$page->number] = array_map(
                fn (TextLine $line): string => self::plain($line->text),
                $page->lines,
            );
            $asked[$page->number] = array_values(
                array_unique(
                    array_map(
                        fn (TextLine $line): string => self::plain($line->text),
                        array_filter($page->lines, self::asks(...)),
                    ),
                ),
            );
            foreach ($asked[$page->number] as $question) {
                $on[$question][] = $page->number;
            }
        }
        $answers = [];
        foreach ($asked as $number => $questions) {
            $others = array_count_values(
                array_merge([], ...array_map(fn (string $question): array => $on[$question], $questions)),
            );
            foreach ($others as $other => $shared) {
                if (
                    $other !== $number &&
                    $shared >= self::FEWEST &&
                    $shared >= self::ALL * count($asked[$other]) &&
                    self::answered($lines[$number], $asked[$other], $lines[$other]) >= self::ANSWERED &&
                    self::answered($lines[$other], $asked[$other], $lines[$number]) <= self::OPEN
                ) {
                    $answers[$number] = $other;
                    break;
                }
            }
        }

        return $answers;
    }

    private static function asks(TextLine $line): bool
    {
        $words = preg_match_all('/\p{L}+/u', $line->text);

        return str_contains($line->text, '?')
            ? $words >= self::WORDS - 1
            : $words >= self::WORDS && preg_match('/^\W*\(?\d{1,2}[.):]?\s/u', $line->text) === 1;
    }

    /** What a line says, without its number, and what is there to write on. */
    private static function plain(string $text): string
    {
        $text = (string) preg_replace(['/^\W*\(?\d{1,2}[.):]?\s+/u', '/[_.…\s]+$/u', '/\s+/u'], ['', '', ' '], $text);

        return mb_strtolower(trim($text));
    }

    /**
     * After how many of the questions something stands that the other page has not, as a share of those that are there.
     *
     * @param  list<string>  $lines
     * @param  list<string>  $questions
     * @param  list<string>  $others  lines of the other page
     */
    private static function answered(array $lines, array $questions, array $others): float
    {
        $answered = $there = 0;
        foreach ($lines as $at => $line) {
            if (in_array($line, $questions, true)) {
                $there++;
                $next = $lines[$at + 1] ?? '';
                $answered += (int) ($next !== '' && ! in_array($next, $others, true));
            }
        }

        return $there === 0 ? 0.0 : $answered / $there;
    }
}
