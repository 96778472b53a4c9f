<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Finds small rings and ovals of a bitmap that stand by themselves, to be ticked or ringed: round, hollow, with room on
 * both sides. The letters that are as round stand in words.
 */
final class BitmapRings
{
    /** Across, in points: smaller ones are letters, which cannot be told from rings. */
    private const SMALLEST = 8.6;

    private const LARGEST = 120.0;

    /** How much wider than high an oval is, at the least and at the most: figures and letters are higher than wide. */
    private const WIDE = 1.15;

    private const WIDEST = 2.2;

    /** Directions from the middle in which is looked, how far from the ring ink may lie, in pixels, and in how many. */
    private const DIRECTIONS = 24;

    private const ASIDE = 1.6;

    /** The same, as a share of its radius, where that is more: a scanner does not keep large ones quite round. */
    private const UNROUND = 0.03;

    private const ROUND = 0.92;

    /** How much of the inside is ink at the most, and how far out the inside goes. */
    private const INSIDE = 0.03;

    private const HOLLOW = 0.6;

    /** Room beside it, in its sides. */
    private const ROOM = 0.22;

    private const ROOM_ENOUGH = 4.0;

    /** With much room on one side it may have less on the other, as before "A" in a list: letters stand closer. */
    private const MUCH_ROOM = 0.6;

    private const LITTLE_ROOM = 0.1;

    /** How much of its width may have ink right below it: more is the other round of an 8. */
    private const BELOW = 0.2;

    /** Larger than letters, in points: lines may lead to it. */
    private const LARGE = 28.0;

    /** @return array{list<Frame>, list<Frame>} hollow ones, and larger ones with something in them */
    public static function find(Bitmap $bitmap): array
    {
        $least = (int) floor(self::SMALLEST / $bitmap->scale);
        $most = (int) ceil(self::LARGEST / $bitmap->scale);
        $rings = [[], []];
        $above = '';
        foreach ($bitmap->rows as $y => $row) {
            if (str_contains($row, '111') && preg_match_all('/1{3,}/', $row, $runs, PREG_OFFSET_CAPTURE) > 0) {
                foreach ($runs[0] as [$run, $x]) {
                    $length = strlen($run);
                    if ($length <= $most && ! str_contains(substr($above, max(0, $x - 1), $length + 2), '1')) {
                        $ring = self::below($bitmap, $x + $length / 2, $y, $least, $most);
                        $ring !== null && ($rings[(int) $ring[1]][] = $ring[0]);
                    }
                }
            }
            $above = $row;
        }

        return $rings;
    }

    /**
     * The ring whose highest point that is.
     *
     * @param  float  $x  in pixels, as all here
     * @return array{Frame, bool}|null and whether something is in it
     */
    private static function below(Bitmap $bitmap, float $x, int $y, int $least, int $most): ?array
    {
        $column = (int) $x;
        $at = fn (int $row): bool => ($bitmap->rows[$row][$column] ?? '0') === '1';
        $row = $y;
        while ($row < $y + $most && $at($row)) {
            $row++;
        }
        $thick = $row - $y;
        while ($row <= $y + $most && ! $at($row)) {
            $row++;
        }
        $inner = $row;
        while ($row <= $y + $most && $at($row)) {
            $row++;
        }
        $across = $row - $y;
        if ($across < $least || $across > $most || $row === $inner || 4 * $thick > $across) {
            return null;
        }
        $radius = ($across - $thick) / 2;
        [$middleX, $middleY] = [$x - 0.5, $y + ($across - 1) / 2];
        $isLarge = $across * $bitmap->scale >= self::LARGE;
        $wide = $isLarge ? 0.0 : self::oval($bitmap, (int) $middleX, (int) $middleY, $radius, $thick);
        if (! self::isRound($bitmap, $middleX, $middleY, $radius, $wide, $thick)) {
            return null;
        }
        $isHollow = self::isHollow($bitmap, $middleX, $middleY, self::HOLLOW * $radius);
        $width = $across + 2 * $wide;
        if (! $isLarge && (! $isHollow || ! self::isAlone($bitmap, $middleX, $y, $across, $width))) {
            return null;
        }
        $frame = Frame::of(
            ($middleX + 0.5 - $width / 2) * $bitmap->scale,
            $y * $bitmap->scale,
            $width * $bitmap->scale,
            $across * $bitmap->scale,
        );

        return [$frame, ! $isHollow];
    }

    /** By how much an oval that is so high goes farther to each side than a ring; 0 where it does not. */
    private static function oval(Bitmap $bitmap, int $x, int $y, float $radius, int $thick): float
    {
        $most = (int) ceil(self::WIDEST * $radius);
        $row = $bitmap->rows[$y] ?? '';
        $left = strrpos(substr($row, max(0, $x - $most), min($x, $most)), '1');
        $right = strpos(substr($row, $x, $most), '1');
        if ($left === false || $right === false) {
            return 0.0;
        }
        $half = ($right + min($x, $most) - $left + $thick) / 2;

        return $half >= self::WIDE * $radius ? $half - $radius : 0.0;
    }

    /** @param  float  $wide  by how much it goes farther to each side than up and down */
    private static function isRound(Bitmap $bitmap, float $x, float $y, float $radius, float $wide, int $thick): bool
    {
        $met = 0;
        $aside = $thick / 2 + max(self::ASIDE, self::UNROUND * $radius);
        for ($step = 0; $step < self::DIRECTIONS; $step++) {
            $angle = (2 * M_PI * $step) / self::DIRECTIONS;
            for ($from = $radius - $aside; $from <= $radius + $aside; $from += 0.7) {
                $row = (int) round($y + $from * sin($angle));
                if (($bitmap->rows[$row][(int) round($x + ($from + $wide) * cos($angle))] ?? '0') === '1') {
                    $met++;
                    break;
                }
            }
        }

        return $met >= self::ROUND * self::DIRECTIONS;
    }

    private static function isHollow(Bitmap $bitmap, float $x, float $y, float $radius): bool
    {
        $ink = $all = 0;
        for ($row = (int) ceil($y - $radius); $row <= $y + $radius; $row++) {
            $half = sqrt(max(0.0, $radius ** 2 - ($row - $y) ** 2));
            $width = (int) floor(2 * $half) + 1;
            $ink += substr_count(substr($bitmap->rows[$row] ?? '', max(0, (int) ceil($x - $half)), $width), '1');
            $all += $width;
        }

        return $ink <= self::INSIDE * $all;
    }

    private static function isAlone(Bitmap $bitmap, float $x, int $y, int $across, float $width): bool
    {
        [$left, $right] = [(int) floor($x - $width / 2) - 1, (int) ceil($x + $width / 2) + 2];
        $most = (int) ceil(self::MUCH_ROOM * $across);
        $before = $behind = $most;
        for ($row = $y; $row < $y + $across; $row++) {
            $line = $bitmap->rows[$row] ?? '';
            $ink = strrpos(substr($line, max(0, $left - $most), min($left, $most)), '1');
            $ink === false || ($before = min($before, min($left, $most) - $ink - 1));
            $ink = strpos(substr($line, $right, $most), '1');
            $ink === false || ($behind = min($behind, $ink));
        }
        $room = max(3, (int) round(min(self::ROOM * $across, self::ROOM_ENOUGH / $bitmap->scale)));
        $isApart =
            min($before, $behind) >= $room ||
            (max($before, $behind) >= $most && min($before, $behind) >= max(2, self::LITTLE_ROOM * $across));
        $below = 0;
        for ($row = $y + $across + 1; $row <= $y + $across + 2; $row++) {
            $ink = substr_count(substr($bitmap->rows[$row] ?? '', max(0, $left), $right - $left), '1');
            $below = max($below, $ink);
        }

        return $isApart && $below <= self::BELOW * $width;
    }
}
