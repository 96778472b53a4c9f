<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** One stroke of a pen. Measures are tenths of a point. */
final readonly class Stroke
{
    /** How much of the full width the lightest touch has. */
    private const LIGHTEST = 0.4;

    /** Widths are drawn in steps of this share, so that one path does for many points. */
    private const STEP = 0.15;

    /**
     * @param  non-empty-list<array{int, int}>  $points
     * @param  list<int>  $pressures  in percent, one for each point; none where the device feels none
     */
    public function __construct(
        public Pen $pen,
        public int $width,
        public array $points,
        public array $pressures = [],
    ) {
    }

    /**
     * The stroke as SVG paths of one width each, in points. Between points the line runs through their middles (a
     * quadratic B-spline), which is smooth; a stroke of one point is a dot.
     *
     * @return non-empty-list<array{d: string, width: float}>
     */
    public function paths(): array
    {
        $last = count($this->points) - 1;
        $paths = [];
        $d = 'M'.self::at($this->points[0]);
        $width = $this->widthAt(0);
        for ($n = 1; $n <= $last; $n++) {
            $middle = $n === $last ? $this->points[$n] : self::middle($this->points[$n], $this->points[$n + 1]);
            $d .= ' Q'.self::at($this->points[$n]).' '.self::at($middle);
            if ($n < $last && $this->widthAt($n) !== $width) {
                $paths[] = ['d' => $d, 'width' => $width];
                [$d, $width] = ['M'.self::at($middle), $this->widthAt($n)];
            }
        }
        $paths[] = ['d' => $last === 0 ? $d.'h0.01' : $d, 'width' => $width];

        return $paths;
    }

    private function widthAt(int $point): float
    {
        $pressure = ($this->pressures[$point] ?? 100) / 100;
        $share = self::LIGHTEST + (1 - self::LIGHTEST) * round($pressure / self::STEP) * self::STEP;

        return round(($this->width / 10) * min(1.0, $this->pressures === [] ? 1.0 : $share), 2);
    }

    /**
     * @param  array{int|float, int|float}  $a
     * @param  array{int|float, int|float}  $b
     * @return array{float, float}
     */
    private static function middle(array $a, array $b): array
    {
        return [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2];
    }

    /** @param  array{int|float, int|float}  $point */
    private static function at(array $point): string
    {
        return round($point[0] / 10, 2).' '.round($point[1] / 10, 2);
    }
}
