<?php

declare(strict_types=1);

namespace OpenSlate\Geometry;

/** The largest upright rectangle in a closed outline, to within a cell of a grid laid over it. */
final class InscribedFrame
{
    /** Cells of the grid, across and down. */
    private const CELLS = 28;

    private const EDGE = 0.02;

    /**
     * @param  non-empty-list<array{float, float}>  $points  of the outline; the last is joined to the first
     * @return Frame|null null where no cell lies in it
     */
    public static function of(array $points): ?Frame
    {
        $crossings = [];
        $isInside = function (float $x, float $y) use ($points, &$crossings): bool {
            $crossings[(string) $y] ??= self::crossings($points, $y);

            return count(array_filter($crossings[(string) $y], fn (float $one): bool => $one <= $x)) % 2 === 1;
        };
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

        return self::among(
            $isInside,
            Frame::of(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys)),
        );
    }

    /**
     * The same in whatever shape.
     *
     * @param  callable(float, float): bool  $isInside  whether a place lies in it
     * @param  Frame  $around  the whole of it
     */
    public static function among(callable $isInside, Frame $around): ?Frame
    {
        [$across, $down] = [$around->width / self::CELLS, $around->height / self::CELLS];
        // A little within, where what lies on an edge is in or out.
        $at = fn (int $cell, float $size): float => max(self::EDGE, min($cell, self::CELLS - self::EDGE)) * $size;
        $inside = [];
        for ($row = 0; $row <= self::CELLS; $row++) {
            for ($column = 0; $column <= self::CELLS; $column++) {
                $inside[$row][$column] = $isInside($around->x + $at($column, $across), $around->y + $at($row, $down));
            }
        }
        $best = self::largest($inside, $across, $down);

        return $best === null
            ? null
            : Frame::of(
                $around->x + $best[0] * $across,
                $around->y + $best[1] * $down,
                $best[2] * $across,
                $best[3] * $down,
            );
    }

    /**
     * Where the outline crosses a height.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<float>
     */
    private static function crossings(array $points, float $y): array
    {
        $crossings = [];
        foreach ($points as $at => [$fromX, $fromY]) {
            [$toX, $toY] = $points[($at + 1) % count($points)];
            if ($fromY <= $y !== $toY <= $y) {
                $crossings[] = $fromX + (($y - $fromY) / ($toY - $fromY)) * ($toX - $fromX);
            }
        }

        return $crossings;
    }

    /**
     * The largest rectangle under a histogram, row after row.
     *
     * @param  array<int, array<int, bool>>  $inside  corners of the cells
     * @return array{int, int, int, int}|null column, row, and how many cells across and down
     */
    private static function largest(array $inside, float $across, float $down): ?array
    {
        [$best, $area] = [null, 0.0];
        $heights = array_fill(0, self::CELLS, 0);
        for ($row = 0; $row < self::CELLS; $row++) {
            for ($column = 0; $column < self::CELLS; $column++) {
                $isIn =
                    $inside[$row][$column] &&
                    $inside[$row][$column + 1] &&
                    $inside[$row + 1][$column] &&
                    $inside[$row + 1][$column + 1];
                $heights[$column] = $isIn ? $heights[$column] + 1 : 0;
            }
            for ($from = 0; $from < self::CELLS; $from++) {
                $height = self::CELLS;
                for ($to = $from; $to < self::CELLS && $heights[$to] > 0; $to++) {
                    $height = min($height, $heights[$to]);
                    $size = ($to - $from + 1) * $across * $height * $down;
                    if ($size > $area) {
                        [$best, $area] = [[$from, $row - $height + 1, $to - $from + 1, $height], $size];
                    }
                }
            }
        }

        return $best;
    }
}
