<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** Finds the level and upright lines of a bitmap, also where the page lies a little askew. */
final class BitmapRules
{
    /** A run of ink this long is few letters', in points. */
    private const RUN = 8.5;

    /** Breaks in a line, in points. */
    private const BREAK = 4.0;

    private const SHORTEST = 6.0;

    /** Pixels below each other that make an upright run; between nine and sixteen. */
    private const DEEP = 12;

    /** Up to this long it may be a word's letters, in points, from so much of which ink goes on, so many pixels off. */
    private const LONGEST_WORD = 60.0;

    private const FEET = 0.3;

    /** What goes on beside all of it, apart from it, is a line as well: a side of another box that stands close to it. */
    private const WHOLE = 0.9;

    private const CLEAR = 2;

    /** A line whose ink lies so far aside of it, in pixels, is bent: two that meet, so long each, at such an angle. */
    private const BENT = 2.6;

    private const ARM = 28.0;

    private const ANGLE = 0.035;

    /** Thicker is no line. */
    private const THICKEST = 4.0;

    /** @return list<SeenRule> */
    public static function find(Bitmap $bitmap): array
    {
        return [...self::level($bitmap), ...self::upright($bitmap), ...BitmapDots::find($bitmap)];
    }

    /** @return list<SeenRule> */
    private static function level(Bitmap $bitmap): array
    {
        $least = (int) round(self::RUN / $bitmap->scale);
        $runs = [];
        foreach ($bitmap->rows as $y => $row) {
            if (
                str_contains($row, str_repeat('1', $least)) &&
                preg_match_all('/1{'.$least.',}/', $row, $found, PREG_OFFSET_CAPTURE) > 0
            ) {
                foreach ($found[0] as [$run, $x]) {
                    $runs[] = [$y, $x, $x + strlen($run)];
                }
            }
        }

        return array_values(
            array_filter(
                self::chains($runs, $bitmap->scale, true),
                fn (SeenRule $seen): bool => ! self::areLetters($bitmap, $seen->rule),
            ),
        );
    }

    /** Whether what seems a short line are the feet of letters, or their heads: ink goes on from much of it. */
    private static function areLetters(Bitmap $bitmap, Rule $rule): bool
    {
        if ($rule->length() > self::LONGEST_WORD) {
            return false;
        }
        $from = (int) round($rule->from / $bitmap->scale);
        $length = max(1, (int) round($rule->length() / $bitmap->scale));
        $aside = (int) ceil($rule->weight / 2 / $bitmap->scale) + self::CLEAR;
        $at = (int) floor($rule->at / $bitmap->scale);
        $beside = fn (int $row): string => substr($bitmap->rows[$row] ?? '', $from, $length);
        foreach ([-1, 1] as $way) {
            $ink = substr_count($beside($at + $way * $aside), '1');
            $isApart = substr_count($beside($at + $way * ($aside - 1)), '1') <= (1 - self::WHOLE) * $length;
            if ($ink >= self::FEET * $length && ! ($isApart && $ink >= self::WHOLE * $length)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<SeenRule> */
    public static function upright(Bitmap $bitmap): array
    {
        // Ink in twelve rows below each other: rows are laid over each other by twos, fours, eights, and once more.
        $rows = array_map(fn (string $row): string => $row | (substr($row, 1).'0'), $bitmap->rows);
        foreach ([1, 2, 4, self::DEEP - 8] as $step) {
            $count = count($rows) - $step;
            $over = [];
            for ($y = 0; $y < $count; $y++) {
                $over[] = $rows[$y] & $rows[$y + $step];
            }
            $rows = $over;
        }
        $runs = [];
        $open = [];
        foreach ($rows as $y => $row) {
            $next = [];
            if (str_contains($row, '1') && preg_match_all('/1+/', $row, $found, PREG_OFFSET_CAPTURE) > 0) {
                foreach ($found[0] as [$run, $x]) {
                    if (strlen($run) * $bitmap->scale > self::THICKEST + 1) {
                        continue;
                    }
                    $middle = $x + intdiv(strlen($run), 2);
                    $from = $y;
                    for ($near = $middle - 1; $near <= $middle + 1; $near++) {
                        if (isset($open[$near])) {
                            // One askew goes on beside itself: as a run of its own, so that its slope is seen.
                            $near === $middle
                                ? ($from = $open[$near][0])
                                : ($runs[] = [$near, $open[$near][0], $y + self::DEEP - 1]);
                            unset($open[$near]);
                            break;
                        }
                    }
                    $next[$middle] = [$from, $y];
                }
            }
            foreach ($open as $x => [$from, $to]) {
                $runs[] = [$x, $from, $to + self::DEEP];
            }
            $open = $next;
        }
        foreach ($open as $x => [$from, $to]) {
            $runs[] = [$x, $from, $to + self::DEEP];
        }

        return self::chains($runs, $bitmap->scale, false);
    }

    /**
     * Runs that go on from each other, a little higher or lower, are one line.
     *
     * @param  list<array{int, int, int}>  $runs  where it lies across, where it begins and where it ends, in pixels
     * @return list<SeenRule>
     */
    public static function chains(array $runs, float $scale, bool $level): array
    {
        usort($runs, fn (array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);
        $break = self::BREAK / $scale;
        $chains = [];
        foreach ($runs as [$at, $from, $to]) {
            $into = null;
            foreach ($chains as $index => $chain) {
                // A line of several pixels is several runs that lie side by side; one askew goes up or down by steps.
                if (
                    $from <= $chain['to'] + $break &&
                    abs($at - $chain['at']) <= 2 &&
                    ($into === null || $chain['to'] > $chains[$into]['to'])
                ) {
                    $into = $index;
                }
            }
            if ($into === null) {
                $chains[] = ['at' => $at, 'to' => $to, 'runs' => [[$at, $from, $to]]];
            } else {
                $chains[$into] = [
                    'at' => $to > $chains[$into]['to'] ? $at : $chains[$into]['at'],
                    'to' => max($to, $chains[$into]['to']),
                    'runs' => [...$chains[$into]['runs'], [$at, $from, $to]],
                ];
            }
        }
        $rules = [];
        foreach ($chains as $chain) {
            foreach (self::straight($chain['runs'], $scale) as $runs) {
                $rule = self::rule($runs, $scale, $level);
                $rule === null || ($rules[] = $rule);
            }
        }

        return $rules;
    }

    /**
     * Two lines that meet at a flat angle, such as one to write on and its pointer, are seen as one that is bent.
     *
     * @param  non-empty-list<array{int, int, int}>  $runs  from one end to the other
     * @return list<non-empty-list<array{int, int, int}>> one, or the two
     */
    private static function straight(array $runs, float $scale): array
    {
        $length = max(array_column($runs, 2)) - $runs[0][1];
        if ($length * $scale < 2 * self::ARM || count($runs) < 4 || self::fit($runs)[2] <= self::BENT) {
            return [$runs];
        }
        $best = null;
        $least = INF;
        for ($at = 2; $at < count($runs) - 1; $at++) {
            [$left, $right] = [array_slice($runs, 0, $at), array_slice($runs, $at)];
            if ($right === []) {
                continue;
            }
            $reach = min(end($left)[2] - $left[0][1], end($right)[2] - $right[0][1]) * $scale;
            if ($reach < self::ARM) {
                continue;
            }
            [$one, $two] = [self::fit($left), self::fit($right)];
            $off = max($one[2], $two[2]);
            if ($off < $least && abs($one[1] - $two[1]) >= self::ANGLE) {
                [$best, $least] = [[$left, $right], $off];
            }
        }

        return $best === null || $least > self::BENT ? [$runs] : $best;
    }

    /**
     * The straight line through all of the ink of some runs, by least squares.
     *
     * @param  non-empty-list<array{int, int, int}>  $runs
     * @return array{float, float, float} where it lies at the middle of its length, how steep it is, and how far the
     *                                    run that is farthest from it lies aside, in pixels
     */
    public static function fit(array $runs): array
    {
        $ink = $sum = $along = $square = $moment = 0.0;
        foreach ($runs as [$at, $from, $to]) {
            $ink += $to - $from;
            $sum += $at * ($to - $from);
            $along += (($to - $from) * ($from + $to)) / 2;
            $square += ($to ** 3 - $from ** 3) / 3;
            $moment += ($at * ($to - $from) * ($from + $to)) / 2;
        }
        $spread = $square - $along ** 2 / $ink;
        $slope = $spread <= 0 ? 0.0 : ($moment - ($along * $sum) / $ink) / $spread;
        $middle = (min(array_column($runs, 1)) + max(array_column($runs, 2))) / 2;
        $off = 0.0;
        foreach ($runs as [$at, $from, $to]) {
            $off = max($off, abs($at - $sum / $ink - $slope * (($from + $to) / 2 - $along / $ink)));
        }

        return [$sum / $ink + $slope * ($middle - $along / $ink), $slope, $off];
    }

    /** @param  non-empty-list<array{int, int, int}>  $runs */
    private static function rule(array $runs, float $scale, bool $level): ?SeenRule
    {
        [$from, $to] = [min(array_column($runs, 1)), max(array_column($runs, 2))];
        $ink = array_sum(array_map(fn (array $run): int => $run[2] - $run[1], $runs));
        $weight = ($ink / max(1, $to - $from)) * $scale;
        if (($to - $from) * $scale < self::SHORTEST || $weight > self::THICKEST) {
            return null;
        }
        [$middle, $slope] = self::fit($runs);

        return new SeenRule(
            new Rule($level, ($middle + 0.5) * $scale, $from * $scale, $to * $scale, max(0.5, $weight)),
            $slope,
        );
    }
}
