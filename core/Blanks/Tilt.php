<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** How a page lies askew: what most of the length of its level lines says; and what is on it, set upright. */
final class Tilt
{
    /** Shorter lines say little of how a page lies, in points. */
    public const TELLING = 70.0;

    /**
     * @param  list<array{float, float}>  $lines  how long each is, in points, and how far it goes down for each point
     *                                            across
     * @return float clockwise in radians
     */
    public static function of(array $lines): float
    {
        $telling = array_values(array_filter($lines, fn (array $line): bool => $line[0] >= self::TELLING));
        usort($telling, fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $half = array_sum(array_column($telling, 0)) / 2;
        $sum = 0.0;
        foreach ($telling as [$length, $slope]) {
            $sum += $length;
            if ($sum >= $half) {
                return atan($slope);
            }
        }

        return 0.0;
    }

    /**
     * Where a frame goes with the page it is on, which is turned about its middle; it stays upright itself.
     *
     * @param  array{float, float}  $middle
     */
    public static function turned(Frame $frame, float $by, array $middle): Frame
    {
        [$x, $y] = self::point($frame->x + $frame->width / 2, $frame->middle(), $by, $middle);

        return Frame::of($x - $frame->width / 2, $y - $frame->height / 2, $frame->width, $frame->height);
    }

    /**
     * @param  array{float, float}  $middle
     * @return array{float, float}
     */
    public static function point(float $x, float $y, float $by, array $middle): array
    {
        [$x, $y] = [$x - $middle[0], $y - $middle[1]];

        return [$middle[0] + $x * cos($by) - $y * sin($by), $middle[1] + $x * sin($by) + $y * cos($by)];
    }

    /**
     * Lines of words as they stand once the page is set upright. A frame round a word that lies askew is higher than
     * the word is, by a part of its length.
     *
     * @param  list<TextLine>  $lines
     * @param  array{float, float}  $middle
     * @return list<TextLine>
     */
    public static function upright(array $lines, float $tilt, array $middle): array
    {
        return $tilt === 0.0 ? $lines : array_map(function (TextLine $line) use ($tilt, $middle): TextLine {
            $words = array_map(
                fn (Word $word): Word => new Word(
                    $word->text,
                    self::turned(self::unturned($word->frame, abs($tilt)), -$tilt, $middle),
                ),
                $line->words,
            );

            return $words === [] ? $line : TextLine::of(...$words);
        }, $lines);
    }

    /**
     * The other way round: lines of words of a page set upright, each word in a frame round it as it lies askew.
     *
     * @param  list<TextLine>  $lines
     * @param  array{float, float}  $middle
     * @return list<TextLine>
     */
    public static function lying(array $lines, float $tilt, array $middle): array
    {
        [$cos, $sin] = [cos($tilt), abs(sin($tilt))];
        $lying = function (Word $word) use ($tilt, $middle, $cos, $sin): Word {
            $frame = self::turned($word->frame, $tilt, $middle);
            $width = $frame->width * $cos + $frame->height * $sin;
            $height = $frame->height * $cos + $frame->width * $sin;
            $centre = $frame->centre();

            return new Word($word->text, Frame::of($centre->x - $width / 2, $centre->y - $height / 2, $width, $height));
        };

        return $tilt === 0.0 ? $lines : array_map(
            fn (TextLine $line): TextLine => $line->words === []
                ? $line
                : TextLine::of(...array_map($lying, $line->words)),
            $lines,
        );
    }

    /** What is in a frame that was drawn round it as it lay askew. */
    private static function unturned(Frame $frame, float $by): Frame
    {
        [$cos, $sin] = [cos($by), sin($by)];
        $spread = $cos ** 2 - $sin ** 2;
        $height = max(0.4 * $frame->height, ($frame->height * $cos - $frame->width * $sin) / $spread);
        $width = max(0.4 * $frame->width, ($frame->width * $cos - $frame->height * $sin) / $spread);

        return Frame::of(
            $frame->x + ($frame->width - $width) / 2,
            $frame->middle() - $height / 2,
            $width,
            $height,
        );
    }
}
