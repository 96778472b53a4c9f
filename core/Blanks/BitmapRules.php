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

    private const CLEAR = 2;

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
        $at = (int) round($rule->at / $bitmap->scale);
        $ink = fn (int $row): int => substr_count(substr($bitmap->rows[$row] ?? '', $from, $length), '1');

        return max($ink($at - $aside), $ink($at + $aside)) >= self::FEET * $length;
    }

    /** @return list<SeenRule> */
    private static function upright(Bitmap $bitmap): array
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
    private static function chains(array $runs, float $scale, bool $level): array
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
                $chains[] = [
                    'at' => $at,
                    'from' => $from,
                    'to' => $to,
                    'sum' => $at * ($to - $from),
                    'ink' => $to - $from,
                    'moment' => ($at * ($to - $from) * ($from + $to)) / 2,
                    'along' => (($to - $from) * ($from + $to)) / 2,
                    'square' => ($to ** 3 - $from ** 3) / 3,
                ];
            } else {
                $chain = $chains[$into];
                $chains[$into] = [
                    'at' => $to > $chain['to'] ? $at : $chain['at'],
                    'from' => min($from, $chain['from']),
                    'to' => max($to, $chain['to']),
                    'sum' => $chain['sum'] + $at * ($to - $from),
                    'ink' => $chain['ink'] + $to - $from,
                    'moment' => $chain['moment'] + ($at * ($to - $from) * ($from + $to)) / 2,
                    'along' => $chain['along'] + (($to - $from) * ($from + $to)) / 2,
                    'square' => $chain['square'] + ($to ** 3 - $from ** 3) / 3,
                ];
            }
        }
        $rules = [];
        foreach ($chains as $chain) {
            $length = ($chain['to'] - $chain['from']) * $scale;
            $weight = ($chain['ink'] / max(1, $chain['to'] - $chain['from'])) * $scale;
            if ($length >= self::SHORTEST && $weight <= self::THICKEST) {
                // The straight line through all of its ink, by least squares.
                $spread = $chain['square'] - $chain['along'] ** 2 / $chain['ink'];
                $slope =
                    $spread <= 0
                        ? 0.0
                        : ($chain['moment'] - ($chain['along'] * $chain['sum']) / $chain['ink']) / $spread;
                $middle =
                    $chain['sum'] / $chain['ink'] +
                    $slope * (($chain['from'] + $chain['to']) / 2 - $chain['along'] / $chain['ink']);
                $rules[] = new SeenRule(
                    new Rule(
                        $level,
                        ($middle + 0.5) * $scale,
                        $chain['from'] * $scale,
                        $chain['to'] * $scale,
                        max(0.5, $weight),
                    ),
                    $slope,
                );
            }
        }

        return $rules;
    }
}
