<?php

declare(strict_types=1);

namespace OpenSlate\Text;

use OpenSlate\Geometry\Frame;

/** Printed lines to and from text, as they are kept: for each line its words, each with its frame. */
final class LinesCodec
{
    /** A page that says more than this is a file made to trouble us; its text is cut off there. */
    private const MOST_WORDS = 5000;

    /** @param  list<TextLine>  $lines */
    public static function encode(array $lines): string
    {
        $kept = [];
        $left = self::MOST_WORDS;
        foreach ($lines as $line) {
            $words = array_slice($line->words, 0, $left);
            $left -= count($words);
            $kept[] = array_map(
                fn (Word $word): array => [
                    $word->text,
                    ...array_map(
                        fn (float $value): float => round($value, 2),
                        [$word->frame->x, $word->frame->y, $word->frame->width, $word->frame->height],
                    ),
                ],
                $words,
            );
        }

        return (string) json_encode(
            array_values(array_filter($kept)),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return list<TextLine> */
    public static function decode(string $text): array
    {
        /** @var list<non-empty-list<array{string, float, float, float, float}>> $lines as encode wrote them */
        $lines = json_decode($text, true, 8, JSON_THROW_ON_ERROR);

        return array_map(
            fn (array $words): TextLine => TextLine::of(
                ...array_map(
                    fn (array $word): Word => new Word($word[0], Frame::of($word[1], $word[2], $word[3], $word[4])),
                    $words,
                ),
            ),
            $lines,
        );
    }
}
