<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Cutting\PageRange;
use OpenSlate\Questions\Question;

/** The questions of a page in words: "Questions 1–4", "Question IV". */
final class QuestionWords
{
    /** @param  list<Question>  $questions  those of which others are parts before these */
    public static function of(array $questions): string
    {
        $whole = [];
        foreach ($questions as $question) {
            if (! self::isPart($question->number, $whole)) {
                $whole[] = $question->number;
            }
        }
        $whole = array_values(array_unique($whole));
        $areNumbers = array_filter($whole, ctype_digit(...)) === $whole;
        $said = match (true) {
            $areNumbers => PageRange::format(array_map(intval(...), $whole)),
            count($whole) > 2 => $whole[0].'–'.$whole[count($whole) - 1],
            default => implode(', ', $whole),
        };

        return $whole === [] ? '' : (count($whole) === 1 ? 'Question ' : 'Questions ').$said;
    }

    /** @param  list<string>  $whole */
    private static function isPart(string $number, array $whole): bool
    {
        foreach ($whole as $one) {
            if ($number !== $one && ctype_digit($one) && ! ctype_digit($number) && str_starts_with($number, $one)) {
                return true;
            }
        }

        return false;
    }
}
