<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Point;

/**
 * Proposes where the corners of a sheet of paper lie in a photo: of all four-sided figures whose sides are edges with
 * the light on the inside, the one that is borne out best by what is seen along its sides (Hough lines, with the
 * direction of the gradient; after Duda and Hart, Communications of the ACM 1972, from memory).
 */
final class CornerFinder
{
    /** The longer side of the picture that is looked at first, in pixels. */
    private const SMALL = 320;

    /** Angles that lines are told apart by, in a full turn. */
    private const ANGLES = 180;

    /** Lines of each side of the sheet that are tried. */
    private const LINES = 9;

    /** Of the picture, what a sheet has at the least. */
    private const LEAST_AREA = 0.12;

    /** Share of each side along which its edge must be seen, and of all four together. */
    private const LEAST_SIDE = 0.4;

    private const LEAST_MEAN = 0.66;

    /** How far corners may lie outside of the picture, as a share of its longer side. */
    private const OUTSIDE = 0.02;

    /** An edge lies at most so many pixels from its line. */
    private const NEAR = 2;

    /**
     * @return Quadrilateral|null in pixels of the picture; null where nothing is sure
     */
    public static function find(GreyPicture $picture): ?Quadrilateral
    {
        $factor = max(1.0, max($picture->width, $picture->height) / self::SMALL);
        $small = self::shrunk($picture, $factor);
        $edges = EdgeMap::of($small);
        $best = null;
        $most = 0.0;
        foreach (self::figures(self::lines($edges), $small) as $sheet) {
            // No figure can be worth more than its size.
            if (self::size($sheet, $small) > $most) {
                $score = self::score($edges, $sheet, $small);
                [$best, $most] = $score > $most ? [$sheet, $score] : [$best, $most];
            }
        }

        return $best === null ? null : EdgeFit::fitted($picture, $best->scaled($factor), $factor * 2.5);
    }

    private static function shrunk(GreyPicture $picture, float $factor): GreyPicture
    {
        $width = (int) floor($picture->width / $factor);
        $height = (int) floor($picture->height / $factor);
        $levels = '';
        for ($y = 0; $y < $height; $y++) {
            $from = (int) ($y * $factor) * $picture->width;
            $below = min($picture->height - 1, (int) ($y * $factor + $factor / 2)) * $picture->width;
            for ($x = 0; $x < $width; $x++) {
                $at = (int) ($x * $factor);
                $beside = min($picture->width - 1, (int) ($at + $factor / 2));
                $levels .= chr((ord($picture->levels[$from + $at]) + ord($picture->levels[$from + $beside]) +
                    ord($picture->levels[$below + $at]) + ord($picture->levels[$below + $beside])) >> 2);
            }
        }

        return new GreyPicture($levels, $width, $height);
    }

    /**
     * The strongest lines, as (angle of the gradient, distance from the origin), for the side that each could be: light
     * to its right, below, to its left, above.
     *
     * @return array<int, list<array{float, float}>>
     */
    private static function lines(EdgeMap $edges): array
    {
        $votes = [];
        $step = 2 * M_PI / self::ANGLES;
        foreach ($edges->points as [$x, $y, $angle, $weight]) {
            $middle = (int) round($angle / $step);
            for ($turn = $middle - 2; $turn <= $middle + 2; $turn++) {
                $distance = (int) round(($x * cos($turn * $step) + $y * sin($turn * $step)) / 2);
                $key = (($turn + self::ANGLES) % self::ANGLES) * 4096 + $distance + 2048;
                $votes[$key] = ($votes[$key] ?? 0) + $weight;
            }
        }
        arsort($votes);
        $found = [[], [], [], []];
        foreach ($votes as $key => $count) {
            $turn = intdiv($key, 4096);
            $distance = 2 * ($key % 4096 - 2048);
            $side = (int) round($turn / (self::ANGLES / 4)) % 4;
            if (count($found[$side]) >= self::LINES) {
                if (min(array_map(count(...), $found)) >= self::LINES) {
                    break;
                }

                continue;
            }
            $isNew = array_filter(
                $found[$side],
                fn (array $one): bool => abs($one[1] - $distance) < 8 && self::apart($one[2], $turn) < 5,
            ) === [];
            if ($isNew) {
                $found[$side][] = [$turn * $step, (float) $distance, $turn];
            }
        }

        return array_map(
            fn (array $side): array => array_map(fn (array $line): array => [$line[0], $line[1]], $side),
            $found,
        );
    }

    private static function apart(int $turn, int $other): int
    {
        $apart = abs($turn - $other) % self::ANGLES;

        return min($apart, self::ANGLES - $apart);
    }

    /**
     * The figures that a line for each side encloses, as far as they can be a sheet.
     *
     * @param  array<int, list<array{float, float}>>  $lines
     * @return iterable<Quadrilateral>
     */
    private static function figures(array $lines, GreyPicture $picture): iterable
    {
        foreach ($lines[0] as $left) {
            $lower = array_map(fn (array $bottom): ?Point => self::corner($bottom, $left, $picture), $lines[3]);
            foreach ($lines[1] as $top) {
                $topLeft = self::corner($left, $top, $picture);
                foreach ($lines[2] as $right) {
                    $topRight = $topLeft === null ? null : self::corner($top, $right, $picture);
                    if ($topLeft === null || $topRight === null) {
                        continue;
                    }
                    foreach ($lines[3] as $index => $bottom) {
                        $bottomLeft = $lower[$index];
                        $bottomRight = $bottomLeft === null ? null : self::corner($right, $bottom, $picture);
                        if ($bottomLeft === null || $bottomRight === null) {
                            continue;
                        }
                        $sheet = new Quadrilateral($topLeft, $topRight, $bottomRight, $bottomLeft);
                        if ($sheet->isConvex()) {
                            yield $sheet;
                        }
                    }
                }
            }
        }
    }

    /**
     * Where two lines cross, as far as that can be the corner of a sheet in the picture.
     *
     * @param  array{float, float}  $line
     * @param  array{float, float}  $other
     */
    private static function corner(array $line, array $other, GreyPicture $picture): ?Point
    {
        $corner = self::crossing($line, $other);
        $outside = self::OUTSIDE * max($picture->width, $picture->height);

        return $corner === null ||
            $corner->x < -$outside ||
            $corner->y < -$outside ||
            $corner->x > $picture->width + $outside ||
            $corner->y > $picture->height + $outside ? null : $corner;
    }

    /**
     * @param  array{float, float}  $line
     * @param  array{float, float}  $other
     */
    private static function crossing(array $line, array $other): ?Point
    {
        $determinant = sin($other[0] - $line[0]);
        // Sides meet at an angle between 45 and 135 degrees, as far as a sheet is looked at from above.
        if (abs($determinant) < M_SQRT1_2) {
            return null;
        }

        return new Point(
            ($line[1] * sin($other[0]) - $other[1] * sin($line[0])) / $determinant,
            ($other[1] * cos($line[0]) - $line[1] * cos($other[0])) / $determinant,
        );
    }

    /** What it has of the picture, as a length; 0 where that is too little. */
    private static function size(Quadrilateral $sheet, GreyPicture $picture): float
    {
        $share = $sheet->area() / ($picture->width * $picture->height);

        return $share < self::LEAST_AREA ? 0.0 : sqrt($share);
    }

    /** How well it is borne out, and the larger the better of those that are; 0 where it is not. */
    private static function score(EdgeMap $edges, Quadrilateral $sheet, GreyPicture $picture): float
    {
        $corners = $sheet->corners();
        $seen = 0.0;
        $whole = 0.0;
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % 4];
            $length = hypot($next->x - $corner->x, $next->y - $corner->y);
            $share = $edges->along($corner, $next, self::NEAR);
            if ($share < self::LEAST_SIDE) {
                return 0.0;
            }
            $seen += $share * $length;
            $whole += $length;
        }
        $mean = $seen / max(1.0, $whole);

        return $mean < self::LEAST_MEAN
            ? 0.0
            : $mean ** 2 * self::size($sheet, $picture);
    }
}
