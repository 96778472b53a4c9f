<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Finds what may number a question: at the beginning of a row, or with room before it. */
final class MarkerFinder
{
    /** Words that say that a number follows which counts a question. */
    private const NAMES = '/^(?:question|questions|q|no|nr|number|task|problem|exercise)[.:]?$/iu';

    /** Room before it, of its height. */
    private const ROOM = 1.1;

    /** Room before what is the first on the row of a column, in points. */
    private const COLUMN = 24.0;

    /** How much of its height two words' middles may differ that stand on one row. */
    private const ROW = 0.5;

    /**
     * @param  list<TextLine>  $lines
     * @return list<Marker>
     */
    public static function find(array $lines): array
    {
        $words = array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $lines));
        $markers = [];
        foreach ($lines as $line) {
            foreach ($line->words as $at => $word) {
                $before = self::before($word, $words);
                $room = $before === null ? INF : $word->frame->x - $before->frame->right();
                if ($room < self::ROOM * $word->frame->height) {
                    continue;
                }
                $next = $line->words[$at + 1] ?? null;
                $isAsked = $next !== null && preg_match('/\p{L}{2}/u', $next->text) === 1;
                $leads = $room >= self::COLUMN && ($before === null || $isAsked);
                array_push($markers, ...self::read($word, $next, $leads));
            }
        }

        return $markers;
    }

    /** @return list<Marker> */
    private static function read(Word $word, ?Word $next, bool $leads): array
    {
        if (
            $next !== null &&
            preg_match(self::NAMES, $word->text) === 1 &&
            preg_match('/^(\d{1,3})[.):]?$/', $next->text, $match) === 1
        ) {
            $frame = Frame::around([$word->frame, $next->frame]);

            return [new Marker(NumberStyle::Named, (int) $match[1], $match[1], $frame, $leads)];
        }
        $markers = [];
        foreach (NumberStyle::readings($word->text) as $style => [$value, $number]) {
            $markers[] = new Marker(NumberStyle::from($style), $value, $number, $word->frame, $leads);
        }

        return $markers;
    }

    /**
     * The word that stands before another on its row.
     *
     * @param  list<Word>  $words
     */
    private static function before(Word $word, array $words): ?Word
    {
        $nearest = null;
        foreach ($words as $other) {
            if (
                $other->frame->x < $word->frame->x - 1 &&
                abs($other->frame->middle() - $word->frame->middle()) <= self::ROW * $word->frame->height &&
                ($nearest === null || $other->frame->right() > $nearest->frame->right())
            ) {
                $nearest = $other;
            }
        }

        return $nearest;
    }
}
