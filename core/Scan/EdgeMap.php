<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Point;

/** Where a picture goes from dark to light, and into which direction. */
final readonly class EdgeMap
{
    /** The share of the pixels that are looked at as edges: the sharpest. */
    private const SHARPEST = 0.12;

    /** Steps of grey, over three pixels, that are an edge at the least. */
    private const LEAST = 24;

    /** So near the edge of the picture, in pixels, what is seen is made up of what lies on the other side of it. */
    private const MARGIN = 5;

    /** Print is narrower than nine pixels: four to either side, and the one between. */
    private const HALF = 4;

    /** How far, as the cosine of the angle, a gradient may point away from where it should. */
    private const ALIKE = 0.9;

    /**
     * @param  list<array{int, int, float, float}>  $points  x, y, the angle that points to the light, and a weight
     * @param  array<int, array{float, float}>  $directions  by y times width plus x
     */
    private function __construct(
        public array $points,
        private array $directions,
        private int $width,
    ) {
    }

    public static function of(GreyPicture $picture): self
    {
        [$width, $height] = [$picture->width, $picture->height];
        /** @var list<int> $levels */
        $levels = array_values(unpack('C*', $picture->levels) ?: []);
        $levels = self::smooth(self::withoutPrint($levels, $width, $height), $width, $height);
        $found = [];
        for ($y = self::MARGIN; $y < $height - self::MARGIN; $y++) {
            for ($x = self::MARGIN; $x < $width - self::MARGIN; $x++) {
                $at = $y * $width + $x;
                [$above, $below] = [$at - $width, $at + $width];
                // Sobel: the middle row counts twice.
                $across = $levels[$above + 1] + 2 * $levels[$at + 1] + $levels[$below + 1] - $levels[$above - 1] -
                    2 * $levels[$at - 1] - $levels[$below - 1];
                $down = $levels[$below - 1] + 2 * $levels[$below] + $levels[$below + 1] - $levels[$above - 1] -
                    2 * $levels[$above] - $levels[$above + 1];
                $strength = abs($across) + abs($down);
                if ($strength >= self::LEAST) {
                    $found[$at] = [$strength, $across, $down];
                }
            }
        }
        $strengths = array_column($found, 0);
        rsort($strengths);
        $limit = $strengths[(int) (self::SHARPEST * $width * $height)] ?? 0;
        $points = [];
        $directions = [];
        foreach ($found as $at => [$strength, $across, $down]) {
            if ($strength < $limit) {
                continue;
            }
            $length = hypot($across, $down);
            $directions[$at] = [$across / $length, $down / $length];
            // Letters have short sharp edges: one strong edge is no better than a faint one of the same length.
            $points[] = [$at % $width, intdiv($at, $width), atan2($down, $across), 1.0 + min(1.0, $strength / 400)];
        }

        return new self($points, $directions, $width);
    }

    /**
     * The share of a line along which an edge is seen whose light is to the right of who goes along it.
     */
    public function along(Point $from, Point $to, int $near): float
    {
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        [$dx, $dy] = [($to->x - $from->x) / max(1.0, $length), ($to->y - $from->y) / max(1.0, $length)];
        [$inX, $inY] = [-$dy, $dx];
        $seen = 0;
        $steps = 0;
        for ($at = 1.0; $at < $length; $at += 2.0) {
            $steps++;
            for ($off = -$near; $off <= $near; $off++) {
                $x = (int) round($from->x + $at * $dx + $off * $inX);
                $y = (int) round($from->y + $at * $dy + $off * $inY);
                $direction = $x < 0 || $x >= $this->width ? null : $this->directions[$y * $this->width + $x] ?? null;
                if ($direction !== null && $direction[0] * $inX + $direction[1] * $inY > self::ALIKE) {
                    $seen++;
                    break;
                }
            }
        }

        return $steps === 0 ? 0.0 : $seen / $steps;
    }

    /**
     * What is dark and narrow is print, here and on what lies below: filled with the light round it (closing).
     *
     * @param  list<int>  $levels
     * @return list<int>
     */
    private static function withoutPrint(array $levels, int $width, int $height): array
    {
        foreach ([true, false] as $isLargest) {
            $rows = [];
            for ($y = 0; $y < $height; $y++) {
                $row = array_slice($levels, $y * $width, $width);
                array_push($rows, ...self::windows($row, $isLargest));
            }
            $columns = [];
            for ($x = 0; $x < $width; $x++) {
                $column = [];
                for ($at = $x; $at < $width * $height; $at += $width) {
                    $column[] = $rows[$at];
                }
                $columns[] = self::windows($column, $isLargest);
            }
            $levels = array_merge(...array_map(null, ...$columns));
        }

        return $levels;
    }

    /**
     * Of each place the largest, or the least, of those round it.
     *
     * @param  list<int>  $levels
     * @return list<int>
     */
    private static function windows(array $levels, bool $isLargest): array
    {
        // By doubling: of two, of four, of eight beside each other, and of those eight and one more, which are nine.
        $count = count($levels);
        $last = $count - 1;
        foreach ([1, 2, 4, 1] as $step) {
            $next = [];
            for ($at = 0; $at < $count; $at++) {
                [$level, $other] = [$levels[$at], $levels[min($last, $at + $step)]];
                $next[] = ($level > $other) === $isLargest ? $level : $other;
            }
            $levels = $next;
        }

        return array_map(fn (int $at): int => $levels[max(0, $at - self::HALF)], range(0, $last));
    }

    /**
     * The mean of each pixel and the eight round it, so that grain is no edge.
     *
     * @param  list<int>  $levels
     * @return list<int>
     */
    private static function smooth(array $levels, int $width, int $height): array
    {
        $last = $width * $height - 1;
        $rows = [];
        foreach ($levels as $at => $level) {
            $rows[] = intdiv($levels[max(0, $at - 1)] + 2 * $level + $levels[min($last, $at + 1)], 4);
        }
        $smooth = [];
        foreach ($rows as $at => $level) {
            $smooth[] = intdiv($rows[max(0, $at - $width)] + 2 * $level + $rows[min($last, $at + $width)], 4);
        }

        return $smooth;
    }
}
