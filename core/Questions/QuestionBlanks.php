<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;

/** All that is to be filled in on a page, once its questions are known. */
final class QuestionBlanks
{
    /**
     * @param  list<Blank>  $blanks  of the page
     * @param  list<Question>  $questions  of the page
     * @return list<Blank> those, named by their questions, and behind them choices and rooms
     */
    public static function of(Marks $marks, array $blanks, array $questions): array
    {
        return self::further($marks, NumberedBlanks::of($blanks, $questions), $questions);
    }

    /**
     * @param  list<Blank>  $blanks  as of() has them
     * @return list<Blank> what does not hang on questions: when a page is read anew, the rest is looked for again
     */
    public static function without(array $blanks): array
    {
        return array_values(
            array_filter($blanks, fn (Blank $one): bool => $one->isSure() && $one->kind !== BlankKind::Choice),
        );
    }

    /**
     * @param  list<Blank>  $blanks
     * @param  list<Question>  $questions
     * @return list<Blank> those, and behind them choices and rooms
     */
    public static function further(Marks $marks, array $blanks, array $questions): array
    {
        $rings = $marks->readable ? LetteredRings::find($marks) : [];
        // The cells of a picture were found before its words said what they are for: they stay what they are.
        $tabled = array_filter(
            TableChoices::find($marks),
            fn (Blank $one): bool => array_filter(
                $blanks,
                fn (Blank $other): bool => $other->frame->meets($one->frame),
            ) === [],
        );

        return AnswerRooms::with(
            $marks,
            [...RingedChoices::with($marks, $blanks, $questions), ...$rings, ...$tabled],
            $questions,
        );
    }
}
