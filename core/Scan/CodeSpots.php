<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/**
 * Where codes stand that say whose a printed page is: two of them, far apart, so that a scan can be laid straight by
 * them, and so that one is left where a corner was folded or cut off.
 */
final readonly class CodeSpots
{
    /** Of the square of a code, with the white round it, in points: a scan of 200 dots an inch has 3 for each square. */
    private const SIDE = 42.0;

    /** From the edge, in points: printers leave it white, and a sheet that lies askew loses its corners to the glass. */
    private const MARGIN = 16.0;

    /** So many along each side. */
    private const ALONG = 4;

    /** Less of a spot is not looked at: dust, the edge of a letter. */
    private const FREE = 0.002;

    /** Of the longest distance there is: nearer codes say less of how a page is turned. */
    private const FAR = 0.55;

    /** @return array<int, Frame> by number, row by row; there is none in the middle of the page */
    public static function of(Size $size): array
    {
        $last = self::ALONG - 1;
        $spots = [];
        for ($row = 0; $row <= $last; $row++) {
            for ($column = 0; $column <= $last; $column += $row % $last === 0 ? 1 : $last) {
                $spots[$row * self::ALONG + $column] = self::frame($size, $row, $column);
            }
        }

        return $spots;
    }

    /** @return Frame|null null where there is no such spot */
    public static function find(Size $size, int $number): ?Frame
    {
        return self::of($size)[$number] ?? null;
    }

    /**
     * The two spots of which the least is taken, of those that are far enough from each other; of those that are free,
     * the farthest.
     *
     * @param  array<int, float>  $taken  by number, what share of each is printed on or to be written in
     * @return array{int, int} their numbers
     */
    public static function chosen(Size $size, array $taken): array
    {
        $spots = self::of($size);
        $last = self::ALONG * self::ALONG - 1;
        $longest = $spots[0]->centre()->distance($spots[$last]->centre());
        $best = [0, $last];
        $least = [INF, 0.0];
        foreach ($spots as $one => $frame) {
            foreach ($spots as $other => $against) {
                $apart = $frame->centre()->distance($against->centre());
                $both = [self::weight($taken[$one] ?? 0.0) + self::weight($taken[$other] ?? 0.0), -round($apart)];
                if ($one < $other && $apart >= self::FAR * $longest && $both < $least) {
                    [$best, $least] = [[$one, $other], $both];
                }
            }
        }

        return $best;
    }

    private static function weight(float $taken): float
    {
        return $taken < self::FREE ? 0.0 : $taken;
    }

    private static function frame(Size $size, int $row, int $column): Frame
    {
        $side = min(self::SIDE, ($size->width - 2 * self::MARGIN) / 2, ($size->height - 2 * self::MARGIN) / 2);
        $side = max($side, 1.0);
        $step = fn (float $length): float => ($length - 2 * self::MARGIN - $side) / (self::ALONG - 1);

        return Frame::of(
            self::MARGIN + $column * $step($size->width),
            self::MARGIN + $row * $step($size->height),
            $side,
            $side,
        );
    }
}
