<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** Finds bubbles, clouds and other outlines that the page says are to be written or drawn in. */
final class BubbleFinder
{
    /** How much room to write they have, at the least, in points. */
    private const NARROWEST = 48.0;

    private const LOWEST = 20.0;

    private const SHAPES = 'bubbles?|balloons?|clouds?|shapes?|stars?|hearts?|shells?|lea(?:f|ves)|petals?|flags?|'.
        'sails?|boats?|fish|drops?|ovals?|ellipses?|circles?|banners?|scrolls?|kites?|houses?|hands?';

    /** @return list<string> patterns of what asks for it */
    private static function asks(): array
    {
        return [
            '/\b(?:speech|thought)\s+(?:bubbles?|balloons?|clouds?)\b/iu',
            '/\b(?:write|draw|put|fill|complete|add|list|record|note|finish)\b[^.?!]*\b(?:in|inside|into|on)\s+'.
                '(?:\p{L}+\s+){0,2}(?:'.self::SHAPES.')\b/iu',
            '/\b(?:fill|complete|finish|label)\b(?:\s+in)?\s+(?:\p{L}+\s+){0,2}(?:'.self::SHAPES.')\b/iu',
            '/\b(?:mind|concept|bubble|idea|story)s?[ -]?(?:map|web)\b|\bspider diagram\b|\bbrainstorm/iu',
        ];
    }

    /** @return list<Blank> */
    public static function find(Ground $ground): array
    {
        $free = array_filter(
            $ground->marks->outlines,
            fn (Frame $frame): bool => $frame->width >= self::NARROWEST &&
                $frame->height >= self::LOWEST &&
                self::isFree($ground, $frame),
        );

        return $free === [] || ! self::isAsked($ground)
            ? []
            : array_map(fn (Frame $frame): Blank => new Blank(BlankKind::Box, $frame, 0.7), array_values($free));
    }

    private static function isAsked(Ground $ground): bool
    {
        $said = implode(' ', array_column($ground->marks->lines, 'text'));
        foreach (self::asks() as $pattern) {
            if (preg_match($pattern, $said) === 1) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing is printed or drawn in it, its own outline apart. */
    private static function isFree(Ground $ground, Frame $frame): bool
    {
        if ($ground->printedIn($frame) !== []) {
            return false;
        }
        // In a picture it is paper throughout; what is drawn around it may have been seen in pieces.
        foreach ($ground->marks->seen ? [] : $ground->marks->drawings as $drawing) {
            if ($frame->meets($drawing) && ! $drawing->contains($frame)) {
                return false;
            }
        }
        foreach ($ground->marks->rules as $rule) {
            $line = $rule->level
                ? Frame::of($rule->from, $rule->at, $rule->length(), 0.01)
                : Frame::of($rule->at, $rule->from, 0.01, $rule->length());
            if ($frame->meets($line)) {
                return false;
            }
        }

        return true;
    }
}
