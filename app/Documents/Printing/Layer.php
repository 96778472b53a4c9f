<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use OpenSlate\Geometry\Rotation;

/** A page of one PDF that is laid beneath or over a page of another. */
final readonly class Layer
{
    /**
     * @param  string  $path  of the PDF
     * @param  int  $page  its number, from 1
     * @param  array{float, float, float, float}  $from  what of it is laid, in its own user space: left, bottom,
     *                                                   right, top
     * @param  Rotation  $turn  of that, clockwise
     * @param  array{float, float, float, float}  $to  where it comes to lie, in the user space of the other
     */
    public function __construct(
        public string $path,
        public int $page,
        public array $from,
        public Rotation $turn,
        public array $to,
        public bool $isOver = false,
    ) {
    }

    /** @return string what draws it in the content of a page (ISO 32000-1, 8.3.4 and 8.5.4), under its name there */
    public function content(string $name): string
    {
        [$left, $bottom, $right, $top] = $this->from;
        [$x, $y, $toRight, $toTop] = $this->to;
        [$width, $height] = [$toRight - $x, $toTop - $y];
        [$across, $up] = [1 / ($right - $left), 1 / ($top - $bottom)];
        // Where a share u of its width and v of its height goes, as shares of the place it comes to lie in.
        [$a, $b, $c, $d, $e, $f] = match ($this->turn) {
            Rotation::None => [1, 0, 0, 1, 0, 0],
            Rotation::Quarter => [0, -1, 1, 0, 0, 1],
            Rotation::Half => [-1, 0, 0, -1, 1, 1],
            Rotation::ThreeQuarters => [0, 1, -1, 0, 1, 0],
        };
        $matrix = [$a * $across * $width, $b * $across * $height, $c * $up * $width, $d * $up * $height];
        $matrix[] = $x + $e * $width - $matrix[0] * $left - $matrix[2] * $bottom;
        $matrix[] = $y + $f * $height - $matrix[1] * $left - $matrix[3] * $bottom;

        return "q\n".self::numbers([$x, $y, $width, $height])." re W n\n".self::numbers($matrix)." cm\n{$name} Do\nQ\n";
    }

    /** @param  list<float|int>  $numbers */
    private static function numbers(array $numbers): string
    {
        return implode(' ', array_map(fn (float|int $one): string => sprintf('%.6F', $one), $numbers));
    }
}
