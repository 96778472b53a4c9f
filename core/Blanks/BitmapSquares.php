<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Finds small hollow squares of a bitmap, to be ticked: too small for their sides to be told from strokes of letters as
 * lines, they are told by having four sides, four corners and nothing inside.
 */
final class BitmapSquares
{
    /** Their sides, in points. */
    private const SMALLEST = 6.5;

    private const LARGEST = 24.0;

    /** Height to width. */
    private const LOWEST = 0.8;

    private const HIGHEST = 1.25;

    /** How much of a side is ink at the least, and of the inside at the most. */
    private const SIDE = 0.8;

    private const INSIDE = 0.03;

    /**
     * Room on both sides, and on one of them, in points: words have a space between them, and letters have none. So
     * large, in points, none is the round of a letter: "a)", it, and what is to be ticked stand on one row.
     */
    private const NEAR = 2.7;

    private const FAR = 4.6;

    private const NO_LETTER = 9.5;

    /** Pixels of dust that may lie there. */
    private const SPECK = 2;

    /** How far a side may wander, in pixels: prints are scanned askew. */
    private const ASIDE = 2;

    /** So many pixels of a corner are ink at the least. */
    private const CORNER = 5;

    /** How much shorter its upper side is at both ends where its corners are round, in pixels. */
    private const ROUND = 5;

    /** @return list<Frame> */
    public static function find(Bitmap $bitmap): array
    {
        $least = (int) floor(self::SMALLEST / $bitmap->scale);
        $most = (int) ceil(self::LARGEST / $bitmap->scale);
        $squares = [];
        foreach ($bitmap->rows as $y => $row) {
            // A run of ink, with small breaks, that has nothing beside it: the upper side of a square.
            if (
                ! str_contains($row, '1111') ||
                preg_match_all('/1(?:0{0,2}1){'.intdiv($least, 2).',}/', $row, $runs, PREG_OFFSET_CAPTURE) === 0
            ) {
                continue;
            }
            foreach ($runs[0] as [$run, $x]) {
                $width = strlen($run);
                if ($width < $least || $width > $most || self::isIn($squares, $x, $y)) {
                    continue;
                }
                $square = self::square($bitmap, $x, $y, $width, $most) ?? self::rounded($bitmap, $x, $y, $width, $most);
                $square === null || ($squares[] = $square);
            }
        }

        return array_map(
            fn (array $square): Frame => Frame::of(
                ...array_map(fn (int $pixels): float => $pixels * $bitmap->scale, $square),
            ),
            $squares,
        );
    }

    /**
     * One with round corners, whose upper side is shorter than it is wide, as much at both ends: that of a D is not.
     *
     * @return array{int, int, int, int}|null
     */
    private static function rounded(Bitmap $bitmap, int $x, int $y, int $width, int $most): ?array
    {
        if ($x < self::ROUND) {
            return null;
        }
        $middle = substr($bitmap->rows[$y + intdiv($width, 2)] ?? '', $x - self::ROUND, $width + 2 * self::ROUND);
        $left = strspn($middle, '0');
        $right = strspn(strrev($middle), '0');
        $across = $width + 2 * self::ROUND - $left - $right;
        if (
            abs($left - $right) > self::ASIDE ||
            max($left, $right) >= self::ROUND ||
            $across * $bitmap->scale < self::NO_LETTER
        ) {
            return null;
        }
        while (self::ink($bitmap, $x, $y - 1, $width, 1) > $width / 2) {
            $y--;
        }

        return self::square($bitmap, $x - self::ROUND + $left, $y, $across, $most, self::ROUND);
    }

    /**
     * @param  int  $corner  how far from a corner there is ink, in pixels
     * @return array{int, int, int, int}|null where the square is whose upper side that is; null where it is none's
     */
    private static function square(
        Bitmap $bitmap,
        int $x,
        int $y,
        int $width,
        int $most,
        int $corner = self::ASIDE + 1,
    ): ?array {
        $least = (int) ceil(self::LOWEST * $width);
        $limit = min($most, (int) floor(self::HIGHEST * $width), $bitmap->height() - $y);
        // The lowest row that is a side: one of several pixels is several.
        for ($height = $limit; $height >= $least; $height--) {
            if (
                self::ink($bitmap, $x, $y + $height - 1, $width, 1) >= self::SIDE * $width &&
                self::isHollow($bitmap, $x, $y, $width, $height, $corner)
            ) {
                return [$x, $y, $width, $height];
            }
        }

        return null;
    }

    private static function isHollow(Bitmap $bitmap, int $x, int $y, int $width, int $height, int $corner): bool
    {
        $wide = 2 * self::ASIDE + 1;
        $left = $right = 0;
        for ($row = $y; $row < $y + $height; $row++) {
            $left += (int) (self::ink($bitmap, $x - self::ASIDE, $row, $wide, 1) > 0);
            $right += (int) (self::ink($bitmap, $x + $width - 1 - self::ASIDE, $row, $wide, 1) > 0);
        }
        if (min($left, $right) < self::SIDE * $height) {
            return false;
        }
        // Round letters have no corners, and others have something inside.
        foreach ([$x, $x + $width - $corner] as $at) {
            foreach ([$y, $y + $height - $corner] as $row) {
                if (self::ink($bitmap, $at, $row, $corner, $corner) < self::CORNER) {
                    return false;
                }
            }
        }
        if (
            ! self::isAlone($bitmap, $x, $y, $width, $height) ||
            self::areStems($bitmap, $x, $y, $width, $height) ||
            self::isBow($bitmap, $x, $y, $width, $height)
        ) {
            return false;
        }
        $border = max(self::ASIDE + 2, (int) round(0.2 * $width));
        [$across, $down] = [$width - 2 * $border, $height - 2 * $border];

        return $across > 0 &&
            $down > 0 &&
            self::ink($bitmap, $x + $border, $y + $border, $across, $down) <= self::INSIDE * $across * $down;
    }

    /** Two letters with feet, such as II, are open between these, above and below. */
    private static function areStems(Bitmap $bitmap, int $x, int $y, int $width, int $height): bool
    {
        $reach = self::ASIDE + 1;
        $both = null;
        foreach ([$y - 1, $y + $height - $reach] as $top) {
            $side = str_repeat('0', $width);
            foreach (range(max(0, $top), $top + $reach) as $row) {
                $side |= substr($bitmap->rows[$row] ?? '', $x, $width);
            }
            $both = $both === null ? $side : $both | $side;
        }

        return str_contains(trim((string) $both, '0'), '0');
    }

    /** The right side of a D goes out farther than its upper and its lower one. */
    private static function isBow(Bitmap $bitmap, int $x, int $y, int $width, int $height): bool
    {
        $beyond = fn (int $row): int => self::ink($bitmap, $x + $width + 1, $row, self::ASIDE - 1, 1);

        return $beyond($y + intdiv($height, 2)) > 0 && $beyond($y) === 0 && $beyond($y + $height - 1) === 0;
    }

    /** A letter has another beside it, and a word of one letter another word on both sides. */
    private static function isAlone(Bitmap $bitmap, int $x, int $y, int $width, int $height): bool
    {
        $free = function (float $room) use ($bitmap, $x, $y, $width, $height): int {
            $beyond = self::ASIDE;
            $room = max(1, (int) round($room / $bitmap->scale) - $beyond);
            $left = self::ink($bitmap, $x - $beyond - $room, $y, $room, $height);
            $right = self::ink($bitmap, $x + $width + $beyond, $y, $room, $height);

            return (int) ($left <= self::SPECK) + (int) ($right <= self::SPECK);
        };

        // The round part of a letter has its stem above or below.
        $over = self::ink($bitmap, $x - 1, $y - self::ASIDE - 1, $width + 2, 2);
        $under = self::ink($bitmap, $x - 1, $y + $height + self::ASIDE - 1, $width + 2, 2);

        $isLarge = min($width, $height) * $bitmap->scale >= self::NO_LETTER;

        return max($over, $under) <= self::SPECK && $free(self::NEAR) === 2 && ($isLarge || $free(self::FAR) > 0);
    }

    /** @param  list<array{int, int, int, int}>  $squares */
    private static function isIn(array $squares, int $x, int $y): bool
    {
        for ($index = count($squares) - 1; $index >= 0; $index--) {
            [$left, $top, $width, $height] = $squares[$index];
            if ($y < $top + $height + self::ASIDE && $x >= $left - self::ASIDE && $x < $left + $width) {
                return true;
            }
        }

        return false;
    }

    private static function ink(Bitmap $bitmap, int $x, int $y, int $width, int $height): int
    {
        $ink = 0;
        for ($row = max(0, $y); $row < min($bitmap->height(), $y + $height); $row++) {
            $ink += substr_count(substr($bitmap->rows[$row], max(0, $x), $width), '1');
        }

        return $ink;
    }
}
