<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/**
 * Finds what is lightly tinted on a picture, such as the bar of a heading, a banded row or a panel: it is no ink, and
 * unlike a shadow it begins and ends at once. The page is looked at as it would lie upright, at points of a grid.
 */
final readonly class BitmapTints
{
    /** How far apart the points of the grid are, and how far round each the lightest is taken, past strokes; in points. */
    private const STEP = 3.0;

    private const ROUND = 0.8;

    /** A tint is darker than the paper by this share at the least; what is darker than that is ink. */
    private const TINT = 0.965;

    private const DARKEST = 0.5;

    /** And as much darker than what stands at its sides. */
    private const SIDE = 0.98;

    /** So much of it is alike, by this share. */
    private const MOST = 0.75;

    private const ALIKE = 0.03;

    /** Its edge is as long as this at the least, may be lost for so long, and its ends may wander so far; in steps. */
    private const LEAST = 6;

    private const LOST = 4;

    private const WANDER = 2;

    /** So low it is at the least, in steps. */
    private const LOW = 3;

    /** How far before and behind a coarse edge the fine one is looked for, at so many places; in points. */
    private const NEAR = 5.0;

    private const PLACES = 24;

    /** @var list<list<int>> how light the points of the grid are, by rows */
    private array $grid;

    /** @param  array{float, float}  $middle  of the page, in points: it lies askew about that */
    private function __construct(private Bitmap $bitmap, private float $tilt, private array $middle)
    {
        [$cos, $sin] = [self::STEP * cos($tilt), self::STEP * sin($tilt)];
        $grid = [];
        for ($y = self::STEP; $y < 2 * $middle[1] - self::STEP; $y += self::STEP) {
            [$px, $py] = Tilt::point(self::STEP, $y, $tilt, $middle);
            $row = [];
            for ($x = self::STEP; $x < 2 * $middle[0] - self::STEP; $x += self::STEP) {
                $row[] = $bitmap->paper($px, $py, self::ROUND);
                $px += $cos;
                $py += $sin;
            }
            $grid[] = $row;
        }
        $this->grid = $grid;
    }

    /**
     * @param  float  $tilt  how far the page lies askew, clockwise in radians
     * @param  array{float, float}  $middle  of the page, in points
     * @return list<Shade> as they stand on the page set upright
     */
    public static function find(Bitmap $bitmap, float $tilt, array $middle): array
    {
        return $bitmap->faint === [] ? [] : (new self($bitmap, $tilt, $middle))->tints();
    }

    /** @return list<Shade> */
    private function tints(): array
    {
        $edges = $this->edges();
        $tints = [];
        foreach ($edges as $top => $row) {
            foreach (self::runs($row, 'd') as [$left, $right]) {
                $bottom = self::end($edges, $top, $left, $right);
                $lightness = $bottom === null ? null : $this->lightness($top, $bottom, $left, $right);
                if ($lightness === null) {
                    continue;
                }
                $tint = new Shade($this->frame((int) $bottom, $top, $left, $right, $lightness), $lightness);
                if (array_filter($tints, fn (Shade $one): bool => $one->frame->meets($tint->frame)) === []) {
                    $tints[] = $tint;
                }
            }
        }

        return $tints;
    }

    private function level(float $x, float $y): int
    {
        [$x, $y] = Tilt::point($x, $y, $this->tilt, $this->middle);

        return $this->bitmap->level((int) floor($x / $this->bitmap->scale), (int) floor($y / $this->bitmap->scale));
    }

    /** @return array<int, string> for each row of the grid where it gets (d)arker and (u)nshaded from above to below */
    private function edges(): array
    {
        $edges = [];
        for ($y = 1; $y < count($this->grid) - 1; $y++) {
            $row = '';
            foreach ($this->grid[$y + 1] as $x => $below) {
                $above = $this->grid[$y - 1][$x];
                $row .= $below < self::TINT * $above ? 'd' : ($above < self::TINT * $below ? 'u' : '.');
            }
            $edges[$y] = $row;
        }

        return $edges;
    }

    /** @return list<array{int, int}> where edges of a kind begin and end */
    private static function runs(string $row, string $kind): array
    {
        preg_match_all("/{$kind}(?:[^{$kind}]{0,".self::LOST."}{$kind})*/", $row, $found, PREG_OFFSET_CAPTURE);
        $runs = array_map(fn (array $run): array => [$run[1], $run[1] + strlen($run[0])], $found[0]);

        return array_values(array_filter($runs, fn (array $run): bool => $run[1] - $run[0] >= self::LEAST));
    }

    /** @param  array<int, string>  $edges */
    private static function end(array $edges, int $top, int $left, int $right): ?int
    {
        for ($bottom = $top + self::LOW; isset($edges[$bottom]); $bottom++) {
            foreach (self::runs($edges[$bottom], 'u') as [$from, $to]) {
                if (abs($from - $left) <= self::WANDER && abs($to - $right) <= self::WANDER) {
                    return $bottom;
                }
            }
        }

        return null;
    }

    /** How light it is against the paper above and below it; null where it is not all alike, or no darker at its sides. */
    private function lightness(int $top, int $bottom, int $left, int $right): ?float
    {
        $last = count($this->grid) - 1;
        [$before, $behind] = [$this->grid[max(0, $top - 1)], $this->grid[min($last, $bottom + 1)]];
        $shares = [];
        for ($y = $top + 1; $y < $bottom; $y++) {
            $down = ($y - $top) / ($bottom - $top);
            for ($x = $left + 1; $x < $right - 1; $x++) {
                $shares[] = $this->grid[$y][$x] / max(1.0, $before[$x] * (1 - $down) + $behind[$x] * $down);
            }
        }
        sort($shares);
        $light = $shares[intdiv(count($shares), 2)];
        $alike = array_filter($shares, fn (float $share): bool => abs($share - $light) <= self::ALIKE);

        return $light <= self::TINT &&
            $light >= self::DARKEST &&
            count($alike) >= self::MOST * count($shares) &&
            $this->isDarker($top, $bottom, $left + 1, $left - 3) &&
            $this->isDarker($top, $bottom, $right - 2, $right + 2)
            ? $light
            : null;
    }

    /** Whether most of a column of the grid is darker than another, which may be beyond the edge of the page. */
    private function isDarker(int $top, int $bottom, int $inside, int $outside): bool
    {
        $darker = $all = 0;
        for ($y = $top + 1; $y < $bottom; $y++) {
            $all++;
            $darker += (int) ($this->grid[$y][$inside] <= self::SIDE * ($this->grid[$y][$outside] ?? 255));
        }

        return 2 * $darker >= $all;
    }

    /** With its edges where it is half as dark, as most places along each say. */
    private function frame(int $bottom, int $top, int $left, int $right, float $lightness): Frame
    {
        $at = fn (int $step): float => ($step + 1) * self::STEP;
        [$x, $y, $width, $height] = [$at($left), $at($top), ($right - $left) * self::STEP, $at($bottom) - $at($top)];
        $across = fn (float $along, float $y): int => $this->level($x + $along * $width, $y);
        $down = fn (float $along, float $x): int => $this->level($x, $y + $along * $height);
        $limit = (1 + $lightness) / 2;
        $upper = self::edge($across, $y, 1, $limit);
        $lower = self::edge($across, $y + $height, -1, $limit);
        $first = self::edge($down, $x, 1, $limit);
        $last = self::edge($down, $x + $width, -1, $limit);

        return Frame::of($first, $upper, $last - $first, $lower - $upper);
    }

    /**
     * @param  callable(float, float): int  $level  along the edge, as a share, and across it, in points
     * @param  int  $way  1 where the tint begins, -1 where it ends
     */
    private static function edge(callable $level, float $at, int $way, float $limit): float
    {
        $found = [];
        for ($place = 1; $place < self::PLACES; $place++) {
            $paper = $level($place / self::PLACES, $at - $way * self::NEAR);
            for ($off = -self::NEAR; $off < self::NEAR; $off += 0.25) {
                if ($level($place / self::PLACES, $at + $way * $off) <= $limit * $paper) {
                    $found[] = $at + $way * $off;
                    break;
                }
            }
        }
        sort($found);

        return $found[intdiv(count($found), 2)] ?? $at;
    }
}
