<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use OpenSlate\Blanks\Tilt;

/** A path as cairo writes it in SVG: M, L, H, V, C and Z, all absolute, brought to points of the page. */
final readonly class SvgPath
{
    /** @param  list<array{points: list<array{float, float}>, curved: bool, closed: bool}>  $parts */
    private function __construct(public array $parts)
    {
    }

    /** @param  array{float, float, float, float, float, float}  $matrix */
    public static function parse(string $d, array $matrix): self
    {
        preg_match_all('/([MLHVCZ])([^MLHVCZ]*)/', $d, $steps, PREG_SET_ORDER);
        $parts = [];
        $points = [];
        $curved = false;
        $here = [0.0, 0.0];
        foreach ($steps as [, $step, $rest]) {
            $numbers = array_map(floatval(...), preg_split('/[\s,]+/', trim($rest), -1, PREG_SPLIT_NO_EMPTY) ?: []);
            if ($step === 'M') {
                count($points) > 1 && ($parts[] = ['points' => $points, 'curved' => $curved, 'closed' => false]);
                $points = [];
                $curved = false;
            }
            if ($step === 'Z') {
                count($points) > 1 && ($parts[] = ['points' => $points, 'curved' => $curved, 'closed' => true]);
                $points = [];
                $curved = false;

                continue;
            }
            $curved = $curved || $step === 'C';
            $size = match ($step) {
                'H', 'V' => 1,
                'C' => 6,
                default => 2,
            };
            foreach (array_chunk($numbers, $size) as $some) {
                if (count($some) < $size) {
                    continue;
                }
                $here = match ($step) {
                    'H' => [$some[0], $here[1]],
                    'V' => [$here[0], $some[0]],
                    'C' => [$some[4] ?? 0.0, $some[5] ?? 0.0],
                    default => [$some[0], $some[1] ?? 0.0],
                };
                $points[] = [
                    $matrix[0] * $here[0] + $matrix[2] * $here[1] + $matrix[4],
                    $matrix[1] * $here[0] + $matrix[3] * $here[1] + $matrix[5],
                ];
            }
        }
        count($points) > 1 && ($parts[] = ['points' => $points, 'curved' => $curved, 'closed' => false]);

        return new self($parts);
    }

    /**
     * The same once the page is turned about a point.
     *
     * @param  float  $by  clockwise in radians
     * @param  array{float, float}  $middle
     */
    public function turned(float $by, array $middle): self
    {
        return $by === 0.0
            ? $this
            : new self(
                array_map(
                    fn (array $part): array => [
                        'points' => array_map(
                            fn (array $point): array => Tilt::point($point[0], $point[1], $by, $middle),
                            $part['points'],
                        ),
                    ] + $part,
                    $this->parts,
                ),
            );
    }
}
