<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** Finds rows of dots in a bitmap that are to be written on: evenly spaced, with nothing above and below. */
final class BitmapDots
{
    /** At least eight dots in one row of pixels: what is longer than five pixels is none. */
    private const DOTS = '/(?<!1)1{1,5}+(?!1)(?:0{2,9}+1{1,5}+(?!1)){7,}/';

    /** Pixels that the space between them may differ by. */
    private const UNEVEN = 1.5;

    /** How high a dot is at the most, and how far above and below it there is nothing, in points. */
    private const HIGH = 2.2;

    private const CLEAR = 2.2;

    /** How much of that may be dust. */
    private const DUST = 0.04;

    /** Pieces of a row that lies askew: how far apart along it, in points, and aside, in pixels. */
    private const APART = 6.0;

    private const ASIDE = 2;

    /** A leader: what it leads to stands close behind it, is short, and is the last on its row; in points. */
    private const CLOSE = 12.0;

    private const SHORT = 40.0;

    /** @return list<SeenRule> */
    public static function find(Bitmap $bitmap): array
    {
        $pieces = [];
        foreach ($bitmap->rows as $y => $row) {
            if (
                ! str_contains($row, '01') ||
                preg_match_all(self::DOTS, $row, $runs, PREG_OFFSET_CAPTURE) === 0
            ) {
                continue;
            }
            foreach ($runs[0] as [$run, $x]) {
                if (self::isEven($run) && self::isClear($bitmap, $y, $x, strlen($run))) {
                    $pieces[] = [$y, $x, $x + strlen($run)];
                }
            }
        }
        $rules = [];
        foreach (self::rows($pieces, $bitmap->scale) as [$at, $from, $to]) {
            if (! self::leads($bitmap, (int) round($at), $to)) {
                $rules[] = new SeenRule(
                    new Rule(
                        true,
                        ($at + 0.5) * $bitmap->scale,
                        $from * $bitmap->scale,
                        $to * $bitmap->scale,
                        self::HIGH / 2,
                    ),
                    0.0,
                );
            }
        }

        return $rules;
    }

    private static function isEven(string $run): bool
    {
        preg_match_all('/1+/', $run, $dots, PREG_OFFSET_CAPTURE);
        $steps = [];
        $before = null;
        foreach ($dots[0] as [$dot, $x]) {
            $middle = $x + strlen($dot) / 2;
            $before === null || ($steps[] = $middle - $before);
            $before = $middle;
        }
        $mean = array_sum($steps) / count($steps);

        return array_filter($steps, fn (float $step): bool => abs($step - $mean) > self::UNEVEN) === [];
    }

    private static function isClear(Bitmap $bitmap, int $y, int $x, int $length): bool
    {
        $high = (int) ceil(self::HIGH / $bitmap->scale);
        $clear = (int) ceil(self::CLEAR / $bitmap->scale);
        foreach ([$y - $high - $clear, $y + $high] as $top) {
            $ink = 0;
            for ($row = $top; $row < $top + $clear; $row++) {
                $ink += substr_count(substr($bitmap->rows[$row] ?? '', $x, $length), '1');
            }
            if ($ink > self::DUST * $length * $clear) {
                return false;
            }
        }

        return true;
    }

    /**
     * One row for all its pieces: a dot is several pixels high, and a row that lies askew goes aside by steps.
     *
     * @param  list<array{int, int, int}>  $pieces  where it lies down the page, from where and to where
     * @return list<array{float, int, int}>
     */
    private static function rows(array $pieces, float $scale): array
    {
        $apart = self::APART / $scale;
        /** @var list<array{first: int, last: int, from: int, to: int}> $rows */
        $rows = [];
        foreach ($pieces as [$y, $from, $to]) {
            foreach ($rows as $index => $row) {
                if (
                    $y - $row['last'] <= self::ASIDE &&
                    $from <= $row['to'] + $apart &&
                    $to >= $row['from'] - $apart
                ) {
                    $rows[$index] = [
                        'first' => $row['first'],
                        'last' => $y,
                        'from' => min($from, $row['from']),
                        'to' => max($to, $row['to']),
                    ];

                    continue 2;
                }
            }
            $rows[] = ['first' => $y, 'last' => $y, 'from' => $from, 'to' => $to];
        }

        return array_map(
            fn (array $row): array => [($row['first'] + $row['last']) / 2, $row['from'], $row['to']],
            $rows,
        );
    }

    /** Whether dots lead on to a price or the number of a page. */
    private static function leads(Bitmap $bitmap, int $y, int $end): bool
    {
        $high = (int) round(8 / $bitmap->scale);
        $after = '';
        for ($row = max(0, $y - $high); $row <= min($bitmap->height() - 1, $y + 2); $row++) {
            $line = substr($bitmap->rows[$row], $end + 2);
            $after = $after === '' ? $line : $after | $line;
        }
        $first = strpos($after, '1');
        $last = strrpos($after, '1');

        return $first !== false &&
            $last !== false &&
            $first * $bitmap->scale <= self::CLOSE &&
            ($last - $first) * $bitmap->scale <= self::SHORT;
    }
}
