<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/** The questions of a printed page as a teacher marked them: where each is, and its number. */
final class MendedQuestions
{
    public const MOST = 100;

    public const LONGEST_NUMBER = 8;

    public const NUMBER = '/^[\p{L}\p{N}]{1,'.self::LONGEST_NUMBER.'}$/Du';

    /** Nothing that is asked is smaller than this, in points. */
    private const SMALLEST = 8.0;

    /** Questions beside each other share less of their width than this. */
    private const IN_ONE_COLUMN = 0.3;

    /**
     * @param  list<Question>  $marked  in any order, with their numbers and frames; what else they say is not read
     * @param  Size  $size  of the printed page
     * @return list<Question> in the order of reading, with what is part of what
     *
     * @throws QuestionsRefused
     */
    public static function of(array $marked, Size $size): array
    {
        if (count($marked) > self::MOST) {
            throw QuestionsRefused::tooMany(self::MOST);
        }
        $page = Frame::of(0, 0, $size->width, $size->height);
        $questions = [];
        foreach ($marked as $one) {
            $number = trim($one->number);
            if (preg_match(self::NUMBER, $number) !== 1) {
                throw QuestionsRefused::number($number);
            }
            $frame = $one->frame->within($page);
            if (min($frame->width, $frame->height) < self::SMALLEST) {
                throw QuestionsRefused::offThePage($number);
            }
            $questions = self::inserted($questions, new Question($number, $frame, [], $one->goesOn));
        }

        return array_map(
            fn (Question $one): Question => new Question(
                $one->number,
                $one->frame,
                [],
                $one->goesOn,
                self::wholeOf($one, $questions)?->number,
            ),
            $questions,
        );
    }

    /**
     * The same, with the blanks that belong to each: a blank is its part's and its whole's, and else of the smallest
     * question that it lies in.
     *
     * @param  list<Question>  $questions
     * @param  array<int, Blank>  $blanks  of the printed page
     * @return list<Question>
     */
    public static function withBlanks(array $questions, array $blanks): array
    {
        $own = array_fill(0, count($questions), []);
        foreach ($blanks as $at => $blank) {
            $in = self::smallest($questions, $blank->frame);
            if ($in === null) {
                continue;
            }
            $own[$in][] = $at;
            foreach ($questions as $index => $one) {
                $isWhole = $index !== $in && $one->number === $questions[$in]->of && self::holds($one, $blank->frame);
                $isWhole && ($own[$index][] = $at);
            }
        }

        return array_map(
            fn (Question $one, array $blanks): Question => new Question(
                $one->number,
                $one->frame,
                $blanks,
                $one->goesOn,
                $one->of,
            ),
            $questions,
            $own,
        );
    }

    /**
     * @param  list<Question>  $questions
     * @return int|null its place among them
     */
    public static function smallest(array $questions, Frame $frame): ?int
    {
        $best = null;
        foreach ($questions as $index => $one) {
            if (
                self::holds($one, $frame) &&
                ($best === null || self::area($one) < self::area($questions[$best]))
            ) {
                $best = $index;
            }
        }

        return $best;
    }

    /**
     * @param  list<Question>  $questions  in the order of reading
     * @return list<Question>
     */
    private static function inserted(array $questions, Question $new): array
    {
        foreach ($questions as $at => $one) {
            if (self::isBefore($new, $one)) {
                array_splice($questions, $at, 0, [$new]);

                return $questions;
            }
        }

        return [...$questions, $new];
    }

    /** Columns are read one after the other; a whole stands before its parts. */
    private static function isBefore(Question $one, Question $other): bool
    {
        $shared = min($one->frame->right(), $other->frame->right()) - max($one->frame->x, $other->frame->x);
        $inOneColumn = $shared > self::IN_ONE_COLUMN * min($one->frame->width, $other->frame->width);

        return $inOneColumn
            ? [$one->frame->y, -self::area($one)] < [$other->frame->y, -self::area($other)]
            : $one->frame->x < $other->frame->x;
    }

    /**
     * "3a" within "3".
     *
     * @param  list<Question>  $questions
     */
    private static function wholeOf(Question $part, array $questions): ?Question
    {
        foreach ($questions as $whole) {
            $rest = mb_substr($part->number, mb_strlen($whole->number));
            if (
                $rest !== '' &&
                str_starts_with($part->number, $whole->number) &&
                preg_match('/^\p{L}+$/u', $rest) === 1 &&
                preg_match('/\p{N}$/u', $whole->number) === 1 &&
                self::holds($whole, $part->frame)
            ) {
                return $whole;
            }
        }

        return null;
    }

    private static function holds(Question $question, Frame $frame): bool
    {
        return $question->frame->holds($frame->centre());
    }

    private static function area(Question $question): float
    {
        return $question->frame->width * $question->frame->height;
    }
}
