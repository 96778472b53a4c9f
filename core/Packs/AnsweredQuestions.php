<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** Pages on which the questions of another stand once more, with something said after most of them, or behind. */
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
     * @return array<int, non-empty-list<int>> the pages whose questions each answers, by its number
     */
    public static function of(array $pages): array
    {
        $asked = $lines = $begin = [];
        foreach ($pages as $page) {
            $asked[$page->number] = $lines[$page->number] = [];
            foreach ($page->lines as $line) {
                $plain = self::plain($line->text);
                $lines[$page->number][] = $plain;
                if (self::asks($line) && ! in_array($plain, $asked[$page->number], true)) {
                    $asked[$page->number][] = $plain;
                    $begin[self::beginning($plain)][$page->number][] = $plain;
                }
            }
        }
        $answers = [];
        foreach ($lines as $number => $said) {
            // Of which page it has how many.
            $shared = [];
            foreach ($said as $line) {
                foreach ($begin[self::beginning($line)] ?? [] as $other => $questions) {
                    foreach ($questions as $question) {
                        if (self::begins($line, $question)) {
                            $shared[$other][$question] = true;
                        }
                    }
                }
            }
            foreach ($shared as $other => $questions) {
                if (
                    $other !== $number &&
                    count($questions) >= self::FEWEST &&
                    count($questions) >= self::ALL * count($asked[$other]) &&
                    self::answered($said, $asked[$other], $lines[$other]) >= self::ANSWERED &&
                    self::answered($lines[$other], $asked[$other], $said) <= self::OPEN
                ) {
                    $answers[$number][] = $other;
                }
            }
        }

        return $answers;
    }

    /** The words by which a line is looked for. */
    private static function beginning(string $line): string
    {
        return implode(' ', array_slice(explode(' ', $line), 0, 2));
    }

    private static function begins(string $line, string $question): bool
    {
        return str_starts_with($line, $question) &&
            preg_match('/^[\p{L}\p{N}]/u', substr($line, strlen($question))) !== 1;
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
            foreach ($questions as $question) {
                if (! self::begins($line, $question)) {
                    continue;
                }
                $there++;
                $behind = substr($line, strlen($question));
                $next = $behind === '' ? $lines[$at + 1] ?? '' : $behind;
                $answered += (int) (preg_match('/[\p{L}\p{N}]/u', $next) === 1 &&
                    ! in_array($next, $others, true) &&
                    array_filter($questions, fn (string $one): bool => self::begins($next, $one)) === []);
                break;
            }
        }

        return $there === 0 ? 0.0 : $answered / $there;
    }
}
