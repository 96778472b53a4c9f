<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * What on a scan is as large as a number or a short word, and was read as nothing: readers of print pass over what
 * stands alone, as the numbers of questions do in a column, a table or a badge.
 */
final class UnreadInk
{
    private const LOWEST = 5.0;

    private const HIGHEST = 34.0;

    private const WIDEST = 70.0;

    /** Of what is no higher than a row of words as much may be left over, in points. */
    private const ROW = 18.0;

    private const WIDEST_ROW = 300.0;

    /** Narrower is no room for a word beside one that was read, in points, from which it stays so far away. */
    private const NARROWEST = 5.0;

    private const ASIDE = 2.0;

    /** Of a picture of specks nothing is read. */
    private const MOST = 200;

    /**
     * @param  Marks  $marks  of a scan, whose words are places alone
     * @param  list<TextLine>  $read  as they lie in the picture that was read
     * @param  float  $turned  by how much that was turned against the clock to set the page upright, in radians
     * @return list<Frame> likewise, in points
     */
    public static function of(Marks $marks, array $read, float $turned = 0.0): array
    {
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $words = array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $read));
        $unread = [];
        foreach ($marks->readable ? [] : $marks->lines as $line) {
            foreach ($line->words as $ink) {
                $frame = Tilt::turned($ink->frame, $marks->tilt - $turned, $middle);
                if ($frame->height >= self::LOWEST && $frame->height <= self::HIGHEST) {
                    array_push($unread, ...self::between($frame, $words));
                }
            }
        }

        return count($unread) > self::MOST ? [] : $unread;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Frame> of a row of ink, what lies before, between and behind the words that were read on it
     */
    private static function between(Frame $ink, array $words): array
    {
        $read = [];
        foreach ($words as $word) {
            $middle = $word->frame->middle();
            if ($word->frame->meets($ink) && $middle > $ink->y && $middle < $ink->bottom()) {
                $read[] = $word->frame;
            }
        }
        usort($read, fn (Frame $a, Frame $b): int => $a->x <=> $b->x);
        $between = [];
        $left = $ink->x;
        foreach ($read as $word) {
            $between[] = [$left, $word->x - self::ASIDE];
            $left = max($left, $word->right() + self::ASIDE);
        }
        $between[] = [$left, $ink->right()];
        $widest = $ink->height <= self::ROW ? self::WIDEST_ROW : self::WIDEST;

        return array_values(
            array_map(
                fn (array $room): Frame => Frame::of($room[0], $ink->y, $room[1] - $room[0], $ink->height),
                array_filter(
                    $between,
                    fn (array $room): bool => $room[1] - $room[0] >= self::NARROWEST &&
                        $widest >= $room[1] - $room[0],
                ),
            ),
        );
    }
}
