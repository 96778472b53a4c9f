<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** Finds rows of dots or dashes in a bitmap that are to be written on: evenly spaced, with nothing above and below. */
final class BitmapDots
{
    /** Dots or dashes in one row of pixels: some may seem to run together, and some to be lost. */
    private const DOTS = '/1+(?:0{1,9}1+){3,}|1+(?:0{8,16}1+){5,}/';

    /** Where there is less ink than that they are dots, which are evenly apart. */
    private const SPARSE = 0.4;

    private const SPARSEST = 0.1;

    /** How long a row of them is at the least, in points: a piece of one that lies askew is shorter than the whole. */
    private const SHORTEST_PIECE = 13.0;

    private const SHORTEST = 24.0;

    /** Pixels that the space between them may differ by, and how many may differ by more. */
    private const UNEVEN = 1.5;

    private const UNEVEN_SHARE = 0.25;

    /** How high a dot is at the most, and how far above and below it there is nothing, in points. */
    private const HIGH = 2.2;

    private const CLEAR = 2.2;

    /** Pieces of a row that lies askew: how far apart along it, in points, and aside, in pixels. */
    private const APART = 6.0;

    private const ASIDE = 2;

    /**
     * A leader: it begins close behind words, and what it leads to stands close behind it, is short, and is the last on
     * its row; in points.
     */
    private const CLOSE = 12.0;

    private const SHORT = 40.0;

    /**
     * Leaders of a list stand so near below each other; one alone is to be written on where a unit or the worth of an
     * answer follows it, which is shorter than a price; in points.
     */
    private const NEAR = 45.0;

    private const UNIT = 28.0;

    /** @return list<SeenRule> */
    public static function find(Bitmap $bitmap): array
    {
        $pieces = [];
        foreach ($bitmap->rows as $y => $row) {
            if (
                ! str_contains($row, '01') ||
                preg_match_all(self::DOTS, self::clear($bitmap, $y), $runs, PREG_OFFSET_CAPTURE) === 0
            ) {
                continue;
            }
            foreach ($runs[0] as [$run, $x]) {
                if (strlen($run) * $bitmap->scale >= self::SHORTEST_PIECE && self::isEven($run)) {
                    $pieces[] = [$y, $x, $x + strlen($run)];
                }
            }
        }
        $rules = $leading = [];
        foreach (self::rows($pieces, $bitmap->scale) as $row) {
            $seen = self::rule($row, $bitmap->scale);
            if ($seen->rule->length() < self::SHORTEST) {
                continue;
            }
            if (self::leads($bitmap, $seen, self::SHORT)) {
                $leading[] = $seen;
            } else {
                $rules[] = $seen;
            }
        }

        return [...$rules, ...self::alone($bitmap, $leading)];
    }

    /**
     * @param  list<SeenRule>  $leading
     * @return list<SeenRule> those that are none of a list
     */
    private static function alone(Bitmap $bitmap, array $leading): array
    {
        return array_values(
            array_filter($leading, function (SeenRule $one) use ($bitmap, $leading): bool {
                if (! self::leads($bitmap, $one, self::UNIT)) {
                    return false;
                }
                foreach ($leading as $other) {
                    if ($other !== $one && abs($other->rule->at - $one->rule->at) <= self::NEAR) {
                        return false;
                    }
                }

                return true;
            }),
        );
    }

    private static function isEven(string $run): bool
    {
        $ink = substr_count($run, '1') / strlen($run);
        if ($ink >= self::SPARSE || $ink < self::SPARSEST) {
            return $ink >= self::SPARSE;
        }
        preg_match_all('/1+/', $run, $dots, PREG_OFFSET_CAPTURE);
        $steps = [];
        $before = null;
        foreach ($dots[0] as [$dot, $x]) {
            $middle = $x + strlen($dot) / 2;
            $before === null || ($steps[] = $middle - $before);
            $before = $middle;
        }
        $mean = array_sum($steps) / count($steps);

        $uneven = array_filter($steps, fn (float $step): bool => abs($step - $mean) > self::UNEVEN);

        return count($uneven) <= self::UNEVEN_SHARE * count($steps);
    }

    /** A row, in which what has ink above it or below is no longer ink or paper but something else. */
    private static function clear(Bitmap $bitmap, int $y): string
    {
        $high = (int) ceil(self::HIGH / $bitmap->scale);
        $clear = (int) ceil(self::CLEAR / $bitmap->scale);
        $near = str_repeat('0', $bitmap->width);
        foreach ([$y - $high - $clear, $y + $high] as $top) {
            for ($row = $top; $row < $top + $clear; $row++) {
                isset($bitmap->rows[$row]) && ($near |= $bitmap->rows[$row]);
            }
        }

        return $bitmap->rows[$y] | strtr($near, '01', "\0H");
    }

    /**
     * One row for all its pieces: a dot is several pixels high, and a row that lies askew goes aside by steps.
     *
     * @param  list<array{int, int, int}>  $pieces  where it lies down the page, from where and to where
     * @return list<non-empty-list<array{int, int, int}>>
     */
    private static function rows(array $pieces, float $scale): array
    {
        $apart = self::APART / $scale;
        $rows = [];
        foreach ($pieces as $piece) {
            foreach ($rows as $index => $row) {
                foreach (array_reverse($row) as $near) {
                    if ($piece[0] - $near[0] > self::ASIDE) {
                        break;
                    }
                    if ($piece[1] <= $near[2] + $apart && $piece[2] >= $near[1] - $apart) {
                        $rows[$index][] = $piece;

                        continue 3;
                    }
                }
            }
            $rows[] = [$piece];
        }

        return array_values($rows);
    }

    /** @param  non-empty-list<array{int, int, int}>  $row */
    private static function rule(array $row, float $scale): SeenRule
    {
        [$from, $to] = [min(array_column($row, 1)), max(array_column($row, 2))];
        usort($row, fn (array $a, array $b): int => $a[1] <=> $b[1]);
        [$middle, $slope] = BitmapRules::fit($row);

        return new SeenRule(
            new Rule(true, ($middle + 0.5) * $scale, $from * $scale, $to * $scale, self::HIGH / 2, true),
            $slope,
        );
    }

    /** Whether dots lead on from words to something that is no longer, such as a price or the number of a page. */
    private static function leads(Bitmap $bitmap, SeenRule $seen, float $short): bool
    {
        $half = ($seen->slope * $seen->rule->length()) / 2;
        [$first, $last] = self::ink($bitmap, $seen->rule->at + $half, $seen->rule->to, $bitmap->width * $bitmap->scale);
        $from = max(0.0, $seen->rule->from - self::CLOSE);

        return $first <= self::CLOSE &&
            $last - $first <= $short &&
            self::ink($bitmap, $seen->rule->at - $half, $from, $seen->rule->from)[1] > -INF;
    }

    /** @return array{float, float} how far the first and the last ink are from the left, on a row of words, in points */
    private static function ink(Bitmap $bitmap, float $at, float $from, float $to): array
    {
        $y = (int) round($at / $bitmap->scale);
        $high = (int) round(8 / $bitmap->scale);
        $left = (int) round($from / $bitmap->scale) + 2;
        $width = max(0, (int) round($to / $bitmap->scale) - $left - 2);
        $all = '';
        for ($row = max(0, $y - $high); $row <= min($bitmap->height() - 1, $y + 2); $row++) {
            $line = substr($bitmap->rows[$row], $left, $width);
            $all = $all === '' ? $line : $all | $line;
        }
        $first = strpos($all, '1');
        $last = strrpos($all, '1');

        return $first === false || $last === false
            ? [INF, -INF]
            : [$first * $bitmap->scale, $last * $bitmap->scale];
    }
}
