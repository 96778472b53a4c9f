<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use InvalidArgumentException;
use OpenSlate\Geometry\Point;

/**
 * A map of one plane to another that turns, moves and scales: the one that brings points nearest to where they are to
 * lie, by least squares (Umeyama, "Least-squares estimation of transformation parameters between two point patterns",
 * IEEE PAMI 13 (4), 1991, without reflections; from memory).
 */
final readonly class Similarity
{
    private function __construct(private float $cos, private float $sin, private Point $from, private Point $to)
    {
    }

    /**
     * @param  non-empty-list<array{Point, Point}>  $pairs  each a point and where it is to lie
     *
     * @throws InvalidArgumentException when all the points are one
     */
    public static function fitting(array $pairs): self
    {
        [$from, $to] = [self::middle(array_column($pairs, 0)), self::middle(array_column($pairs, 1))];
        $along = $across = $spread = 0.0;
        foreach ($pairs as [$point, $place]) {
            [$x, $y] = [$point->x - $from->x, $point->y - $from->y];
            [$u, $v] = [$place->x - $to->x, $place->y - $to->y];
            $along += $x * $u + $y * $v;
            $across += $x * $v - $y * $u;
            $spread += $x * $x + $y * $y;
        }
        if ($spread <= 0.0) {
            throw new InvalidArgumentException('One point says nothing of turns.');
        }

        return new self($along / $spread, $across / $spread, $from, $to);
    }

    /** @param  float  $degrees  with the clock where y points down */
    public static function turning(float $degrees, Point $about): self
    {
        return new self(cos(deg2rad($degrees)), sin(deg2rad($degrees)), $about, $about);
    }

    /** The way back. */
    public function inverse(): self
    {
        $square = $this->cos * $this->cos + $this->sin * $this->sin;

        return new self($this->cos / $square, -$this->sin / $square, $this->to, $this->from);
    }

    /** With what it maps to that much larger. */
    public function scaled(float $factor): self
    {
        $to = new Point($this->to->x * $factor, $this->to->y * $factor);

        return new self($this->cos * $factor, $this->sin * $factor, $this->from, $to);
    }

    public function of(Point $point): Point
    {
        [$x, $y] = [$point->x - $this->from->x, $point->y - $this->from->y];

        return new Point(
            $this->to->x + $this->cos * $x - $this->sin * $y,
            $this->to->y + $this->sin * $x + $this->cos * $y,
        );
    }

    /** @return array{float, float, float, float, float, float} a, b, c, d, e, f: x to ax + by + e, y to cx + dy + f */
    public function matrix(): array
    {
        $moved = $this->of(new Point(0, 0));

        return [$this->cos, -$this->sin, $this->sin, $this->cos, $moved->x, $moved->y];
    }

    /** By how much lengths grow. */
    public function scale(): float
    {
        return hypot($this->cos, $this->sin);
    }

    /** In degrees, with the clock where y points down. */
    public function turn(): float
    {
        return rad2deg(atan2($this->sin, $this->cos));
    }

    /** @param  non-empty-list<Point>  $points */
    private static function middle(array $points): Point
    {
        $count = count($points);

        return new Point(
            array_sum(array_map(fn (Point $point): float => $point->x, $points)) / $count,
            array_sum(array_map(fn (Point $point): float => $point->y, $points)) / $count,
        );
    }
}
