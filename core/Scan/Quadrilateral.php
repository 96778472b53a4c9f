<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Geometry\Point;

/** Four corners, from the top left one round with the clock. */
final readonly class Quadrilateral
{
    public function __construct(
        public Point $topLeft,
        public Point $topRight,
        public Point $bottomRight,
        public Point $bottomLeft,
    ) {
    }

    public static function rectangle(float $width, float $height): self
    {
        return new self(new Point(0, 0), new Point($width, 0), new Point($width, $height), new Point(0, $height));
    }

    /** @param  list<array{float, float}>  $corners  four of them */
    public static function of(array $corners): self
    {
        return new self(...array_map(fn (array $corner): Point => new Point(...$corner), $corners));
    }

    /** @return array{Point, Point, Point, Point} */
    public function corners(): array
    {
        return [$this->topLeft, $this->topRight, $this->bottomRight, $this->bottomLeft];
    }

    public function scaled(float $factor): self
    {
        return new self(...array_map(
            fn (Point $corner): Point => new Point($corner->x * $factor, $corner->y * $factor),
            $this->corners(),
        ));
    }

    /** Twice the signed area of each corner's triangle tells which way round it turns there. */
    public function isConvex(): bool
    {
        $corners = $this->corners();
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % 4];
            $after = $corners[($index + 2) % 4];
            $turn = ($next->x - $corner->x) * ($after->y - $next->y) - ($next->y - $corner->y) * ($after->x - $next->x);
            if ($turn <= 0) {
                return false;
            }
        }

        return true;
    }

    public function area(): float
    {
        $twice = 0.0;
        $corners = $this->corners();
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % 4];
            $twice += $corner->x * $next->y - $next->x * $corner->y;
        }

        return abs($twice) / 2;
    }

    /** @return array{float, float} across and down: the means of its sides */
    public function sides(): array
    {
        [$a, $b, $c, $d] = $this->corners();

        return [(self::length($a, $b) + self::length($d, $c)) / 2, (self::length($a, $d) + self::length($b, $c)) / 2];
    }

    private static function length(Point $from, Point $to): float
    {
        return hypot($to->x - $from->x, $to->y - $from->y);
    }
}
