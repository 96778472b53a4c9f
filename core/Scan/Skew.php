<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/**
 * How far the lines of a page lie askew: the angle at which its ink, added up along lines, is gathered in the fewest of
 * them (projection profile).
 */
final class Skew
{
    /** Degrees to either side that are looked at. */
    private const MOST = 10.0;

    private const COARSE = 0.5;

    private const FINE = 0.02;

    /** So many dark pixels tell as much as all of them. */
    private const ENOUGH = 24000;

    /** Less ink than this, in pixels, tells nothing. */
    private const LEAST = 200;

    /** Its multiples lie evenly between whole numbers. */
    private const GOLDEN = 0.6180339887;

    /** By how much the best angle has to stand out from the middle of all. */
    private const STANDS_OUT = 1.15;

    /**
     * @return float degrees by which the page is turned with the clock; 0 where nothing tells
     */
    public static function of(GreyPicture $picture): float
    {
        [$xs, $ys] = self::ink($picture);
        if (count($xs) < self::LEAST) {
            return 0.0;
        }
        $scores = [];
        for ($step = -(int) (self::MOST / self::COARSE); $step <= self::MOST / self::COARSE; $step++) {
            $scores[$step] = self::score($xs, $ys, $step * self::COARSE);
        }
        $best = array_keys($scores, max($scores), true)[0];
        $sorted = $scores;
        sort($sorted);
        if ($scores[$best] < self::STANDS_OUT * $sorted[intdiv(count($sorted), 2)]) {
            return 0.0;
        }
        $angle = $best * self::COARSE;
        $most = $scores[$best];
        foreach ([0.1, self::FINE] as $fine) {
            $middle = $angle;
            for ($step = -6; $step <= 6; $step++) {
                $score = self::score($xs, $ys, $middle + $step * $fine);
                if ($score > $most) {
                    [$angle, $most] = [$middle + $step * $fine, $score];
                }
            }
        }

        return round($angle, 3);
    }

    /**
     * @return array{list<int>, list<float>} where it is dark; each pixel somewhere in its square, as pixels in rows
     *                                       favour the angles at which rows fall together
     */
    private static function ink(GreyPicture $picture): array
    {
        $limit = Otsu::threshold($picture->histogram());
        $dark = [];
        $mask = strtr($picture->levels, self::table($limit));
        for ($at = strpos($mask, '1'); $at !== false; $at = strpos($mask, '1', $at + 1)) {
            $dark[] = $at;
        }
        $every = max(1, (int) ceil(count($dark) / self::ENOUGH));
        [$xs, $ys] = [[], []];
        for ($index = 0; $index < count($dark); $index += $every) {
            $xs[] = $dark[$index] % $picture->width - intdiv($picture->width, 2);
            $ys[] = intdiv($dark[$index], $picture->width) + fmod($index * self::GOLDEN, 1.0);
        }

        return [$xs, $ys];
    }

    /** @return array<string, string> of each level whether it is dark */
    private static function table(int $limit): array
    {
        $table = [];
        for ($level = 0; $level < 256; $level++) {
            $table[chr($level)] = $level <= $limit ? '1' : '0';
        }

        return $table;
    }

    /**
     * @param  list<int>  $xs
     * @param  list<float>  $ys
     */
    private static function score(array $xs, array $ys, float $degrees): float
    {
        $slope = tan(deg2rad($degrees));
        $lines = [];
        foreach ($xs as $index => $x) {
            $line = (int) floor($ys[$index] - $x * $slope);
            $lines[$line] = ($lines[$line] ?? 0) + 1;
        }
        $score = 0.0;
        foreach ($lines as $count) {
            $score += $count * $count;
        }

        return $score;
    }
}
