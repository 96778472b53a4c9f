<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/** How light a picture is, square by square: print is still seen in it, and grain is not. */
final readonly class CellGrid
{
    /** Every so many pixels of a cell, across and down, tell how light it is. */
    private const EVERY = 2;

    /** @param  list<int>  $levels  of the cells, row by row */
    private function __construct(public array $levels, public int $columns, public int $rows, public int $side)
    {
    }

    /** @param  positive-int  $side  of a cell, in pixels; what is left over at the right and below is left out */
    public static function of(GreyPicture $picture, int $side): self
    {
        [$columns, $rows] = [intdiv($picture->width, $side), intdiv($picture->height, $side)];
        $levels = [];
        for ($row = 0; $row < $rows; $row++) {
            $sums = array_fill(0, $columns, 0);
            $taken = 0;
            for ($y = $row * $side; $y < ($row + 1) * $side; $y += self::EVERY) {
                $from = $y * $picture->width;
                for ($within = 0; $within < $side; $within += self::EVERY) {
                    $taken++;
                    for ($column = 0, $at = $from + $within; $column < $columns; $column++, $at += $side) {
                        $sums[$column] += ord($picture->levels[$at]);
                    }
                }
            }
            foreach ($sums as $sum) {
                $levels[] = intdiv($sum, $taken);
            }
        }

        return new self($levels, $columns, $rows, $side);
    }
}
