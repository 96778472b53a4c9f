<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use InvalidArgumentException;
use OpenSlate\Geometry\Point;

/**
 * A map of one plane to another that keeps lines straight, from four points and where they come to lie: the direct
 * linear transform (Hartley and Zisserman, Multiple View Geometry, 2nd edition, 4.1; from memory).
 */
final readonly class Homography
{
    private const FLAT = 1e-9;

    /** @param  array{float, float, float, float, float, float, float, float, float}  $matrix  row by row; the last is 1 */
    private function __construct(public array $matrix)
    {
    }

    /** @throws InvalidArgumentException when three of the points lie on one line */
    public static function between(Quadrilateral $from, Quadrilateral $to): self
    {
        $rows = [];
        foreach ($from->corners() as $index => $corner) {
            [$x, $y] = [$corner->x, $corner->y];
            [$u, $v] = [$to->corners()[$index]->x, $to->corners()[$index]->y];
            $rows[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$u * $x, -$u * $y, $u];
            $rows[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$v * $x, -$v * $y, $v];
        }
        $solved = self::solved($rows);

        return new self([
            $solved[0], $solved[1], $solved[2], $solved[3], $solved[4], $solved[5], $solved[6], $solved[7], 1.0,
        ]);
    }

    public function of(Point $point): Point
    {
        [$a, $b, $c, $d, $e, $f, $g, $h] = $this->matrix;
        $w = $g * $point->x + $h * $point->y + 1.0;

        return new Point(
            ($a * $point->x + $b * $point->y + $c) / $w,
            ($d * $point->x + $e * $point->y + $f) / $w,
        );
    }

    /**
     * Eight equations by elimination, the largest of a column first.
     *
     * @param  list<list<float>>  $rows  eight coefficients and what they come to
     * @return list<float>
     */
    private static function solved(array $rows): array
    {
        for ($column = 0; $column < 8; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < 8; $row++) {
                if (abs($rows[$row][$column]) > abs($rows[$pivot][$column])) {
                    $pivot = $row;
                }
            }
            if (abs($rows[$pivot][$column]) < self::FLAT) {
                throw new InvalidArgumentException('Three of the four corners lie on one line.');
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            for ($row = 0; $row < 8; $row++) {
                $factor = $row === $column ? 0.0 : $rows[$row][$column] / $rows[$column][$column];
                for ($cell = $column; $factor !== 0.0 && $cell < 9; $cell++) {
                    $rows[$row][$cell] -= $factor * $rows[$column][$cell];
                }
            }
        }

        return array_map(fn (array $row, int $index): float => $row[8] / $row[$index], $rows, array_keys($rows));
    }
}
