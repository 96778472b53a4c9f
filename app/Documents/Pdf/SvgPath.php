<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;

/**
 * A path as cairo writes it in SVG: M, L, H, V, C and Z, all absolute, brought to points of the page.
 *
 * @phpstan-type Run array{points: non-empty-list<array{float, float}>, curved: bool, closed: bool}
 */
final readonly class SvgPath
{
    /** What is off by no more than this is level or upright, in points. */
    public const LEVEL = 0.4;

    /** @param  list<Run>  $parts */
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

    /** Around all of it; null where there is nothing. */
    public function frame(): ?Frame
    {
        return $this->parts === []
            ? null
            : Frame::around(array_map(fn (array $part): Frame => self::around($part['points']), $this->parts));
    }

    /** Whether it is one upright rectangle. */
    public function isBox(): bool
    {
        return count($this->parts) === 1 && ! $this->parts[0]['curved'] && self::isUpright($this->parts[0]['points']);
    }

    public function none(): self
    {
        return new self([]);
    }

    /** What of it has an area. */
    public function solid(): self
    {
        return new self(
            array_values(
                array_filter($this->parts, function (array $part): bool {
                    $frame = self::around($part['points']);

                    return min($frame->width, $frame->height) > 0.0;
                }),
            ),
        );
    }

    /** Its area within a frame, exactly so for what is upright. */
    public function within(Frame $frame): self
    {
        $parts = [];
        foreach ($this->parts as $part) {
            if (self::around($part['points'])->meets($frame)) {
                $cut = fn (array $point): array => [
                    max($frame->x, min($point[0], $frame->right())),
                    max($frame->y, min($point[1], $frame->bottom())),
                ];
                $parts[] = ['points' => array_map($cut, $part['points'])] + $part;
            }
        }

        return new self($parts);
    }

    /** Its line within a frame: what is straight is cut off there, what is curved is left where any of it is seen. */
    public function lineWithin(Frame $frame): self
    {
        $parts = [];
        foreach ($this->parts as $part) {
            $around = self::around($part['points']);
            if ($part['curved'] || $frame->contains($around)) {
                $around->meets($frame) && ($parts[] = $part);

                continue;
            }
            $all = $part['closed'] ? [...$part['points'], $part['points'][0]] : $part['points'];
            foreach (array_keys(array_slice($all, 1)) as $at) {
                $piece = new self([['points' => [$all[$at], $all[$at + 1]], 'curved' => false, 'closed' => false]]);
                array_push($parts, ...$piece->within($frame)->parts);
            }
        }

        return new self($parts);
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    public static function around(array $points): Frame
    {
        $xs = array_column($points, 0);
        $ys = array_column($points, 1);

        return Frame::of(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    /** @param  list<array{float, float}>  $points */
    public static function isUpright(array $points): bool
    {
        foreach ($points as $index => $point) {
            $next = $points[($index + 1) % count($points)];
            if (abs($point[0] - $next[0]) > self::LEVEL && abs($point[1] - $next[1]) > self::LEVEL) {
                return false;
            }
        }

        return true;
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
