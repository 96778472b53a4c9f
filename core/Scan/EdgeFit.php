<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Point;

/** Lays the sides of a sheet that is known roughly along the edges that are seen there. */
final class EdgeFit
{
    /** Places along a side that are looked at, away from its corners, which may be bent. */
    private const PLACES = 60;

    /** Of the places, those that lie furthest off their line are left out, as often as this. */
    private const ROUNDS = 3;

    private const LEFT_OUT = 0.2;

    /** @param  float  $reach  how far from where a side is known its edge may be, in pixels */
    public static function fitted(GreyPicture $picture, Quadrilateral $rough, float $reach): Quadrilateral
    {
        $corners = $rough->corners();
        $lines = [];
        foreach ($corners as $index => $corner) {
            $lines[] = self::side($picture, $corner, $corners[($index + 1) % 4], $reach);
        }
        $fitted = [];
        foreach ($corners as $index => $corner) {
            $fitted[] = self::crossing($lines[($index + 3) % 4], $lines[$index]) ?? $corner;
        }
        $sheet = new Quadrilateral(...$fitted);

        return $sheet->isConvex() ? $sheet : $rough;
    }

    /**
     * The line along a side as a point on it and its direction.
     *
     * @return array{float, float, float, float}
     */
    private static function side(GreyPicture $picture, Point $from, Point $to, float $reach): array
    {
        $length = max(1.0, hypot($to->x - $from->x, $to->y - $from->y));
        [$dx, $dy] = [($to->x - $from->x) / $length, ($to->y - $from->y) / $length];
        $places = [];
        for ($n = 0; $n < self::PLACES; $n++) {
            $along = $length * (0.06 + 0.88 * $n / (self::PLACES - 1));
            $off = self::edge($picture, $from->x + $along * $dx, $from->y + $along * $dy, -$dy, $dx, $reach);
            if ($off !== null) {
                $places[] = [$along, $off];
            }
        }
        [$offset, $slope] = self::line($places);

        return [
            $from->x - $offset * $dy,
            $from->y + $offset * $dx,
            $dx - $slope * $dy,
            $dy + $slope * $dx,
        ];
    }

    /** How far inward from a place the picture goes most sharply from dark to light; null where it does not. */
    private static function edge(
        GreyPicture $picture,
        float $x,
        float $y,
        float $inX,
        float $inY,
        float $reach,
    ): ?float {
        $levels = [];
        $steps = (int) ceil($reach) + 2;
        for ($step = -$steps; $step <= $steps; $step++) {
            $px = (int) round($x + $step * $inX);
            $py = (int) round($y + $step * $inY);
            if ($px < 0 || $py < 0 || $px >= $picture->width || $py >= $picture->height) {
                $levels[$step] = null;

                continue;
            }
            $levels[$step] = ord($picture->levels[$py * $picture->width + $px]);
        }
        $best = null;
        $most = 12;
        for ($step = 2 - $steps; $step <= $steps - 2; $step++) {
            if ($levels[$step - 2] === null || $levels[$step + 2] === null) {
                continue;
            }
            $rise = $levels[$step + 2] + $levels[$step + 1] - $levels[$step - 1] - $levels[$step - 2];
            if ($rise > $most) {
                [$best, $most] = [(float) $step, $rise];
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float}>  $places  along, and off
     * @return array{float, float} how far off at the start, and by how much more with each step along
     */
    private static function line(array $places): array
    {
        [$offset, $slope] = [0.0, 0.0];
        for ($round = 0; $round < self::ROUNDS && count($places) >= 8; $round++) {
            $n = count($places);
            $meanAlong = array_sum(array_column($places, 0)) / $n;
            $meanOff = array_sum(array_column($places, 1)) / $n;
            [$square, $product] = [0.0, 0.0];
            foreach ($places as [$along, $off]) {
                $square += ($along - $meanAlong) ** 2;
                $product += ($along - $meanAlong) * ($off - $meanOff);
            }
            $slope = $square > 0 ? $product / $square : 0.0;
            $offset = $meanOff - $slope * $meanAlong;
            usort($places, fn (array $a, array $b): int => abs($a[1] - $offset - $slope * $a[0]) <=>
                abs($b[1] - $offset - $slope * $b[0]));
            $places = array_slice($places, 0, (int) ceil((1 - self::LEFT_OUT) * $n));
        }

        return [$offset, $slope];
    }

    /**
     * @param  array{float, float, float, float}  $line
     * @param  array{float, float, float, float}  $other
     */
    private static function crossing(array $line, array $other): ?Point
    {
        $determinant = $line[2] * $other[3] - $line[3] * $other[2];
        if (abs($determinant) < 0.1) {
            return null;
        }
        $along = (($other[0] - $line[0]) * $other[3] - ($other[1] - $line[1]) * $other[2]) / $determinant;

        return new Point($line[0] + $along * $line[2], $line[1] + $along * $line[3]);
    }
}
