<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Cutting\PageRange;
use OpenSlate\Questions\Question;

/** The questions of a page in words: "Questions 1–4", "Question IV". */
final class QuestionWords
{
    /** @param  list<Question>  $questions  their parts are not said */
    public static function of(array $questions): string
    {
        $whole = array_filter($questions, fn (Question $one): bool => $one->of === null);
        $whole = array_values(array_unique(array_map(fn (Question $one): string => $one->number, $whole)));
        $areNumbers = array_filter($whole, ctype_digit(...)) === $whole;
        $said = match (true) {
            $areNumbers => PageRange::format(array_map(intval(...), $whole)),
            count($whole) > 2 => $whole[0].'–'.$whole[count($whole) - 1],
            default => implode(', ', $whole),
        };

        return $whole === [] ? '' : (count($whole) === 1 ? 'Question ' : 'Questions ').$said;
    }
}
