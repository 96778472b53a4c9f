<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;

/** The questions of a printed page to and from text, as they are kept. */
final class QuestionsCodec
{
    /** A page that has more is a file made to trouble us. */
    private const MOST = 300;

    /** Of what encode writes, in letters. */
    public const LONGEST = 60000;

    /** @param  list<Question>  $questions */
    public static function encode(array $questions): string
    {
        return (string) json_encode(
            array_map(
                fn (Question $one): array => [
                    $one->number,
                    array_map(
                        fn (float $value): float => round($value, 2),
                        [$one->frame->x, $one->frame->y, $one->frame->width, $one->frame->height],
                    ),
                    $one->blanks,
                    $one->goesOn,
                    $one->of,
                ],
                array_slice($questions, 0, self::MOST),
            ),
            JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<Question> */
    public static function decode(string $text): array
    {
        /** @var list<array{string, array{float, float, float, float}, list<int>, bool, string|null}> $questions as encode wrote them */
        $questions = json_decode($text, true, 8, JSON_THROW_ON_ERROR);

        return array_map(
            fn (array $one): Question => new Question($one[0], Frame::of(...$one[1]), $one[2], $one[3], $one[4]),
            $questions,
        );
    }
}
