<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/**
 * Finds long lines that are hardly darker than the paper, such as grey ones to write on: no pixel of them is plainly
 * ink, but so many in a row are no dust, where nothing is right beside them.
 */
final class BitmapFaint
{
    /** Shorter pieces are none, and shorter lines, in points. */
    private const PIECE = 26.0;

    private const SHORTEST = 40.0;

    private const SHORTEST_UPRIGHT = 15.0;

    /** So many pixels of a line may be lost one after the other, and such a share of them all. */
    private const LOST = 3;

    private const DENSE = 0.55;

    /** So many pixels beside it is nothing but dust, which takes up such a share at the most. */
    private const ASIDE = [3, 4];

    private const DUST = 0.14;

    /** Nor is there much more up to so many pixels off. */
    private const ROUND = 10;

    /** As near as this to a plain line, in points, it is that one's edge. */
    private const NEAR = 2.6;

    /** How dark it is against what is beside it, at so many places, and how dark the one side may be against the other. */
    private const DARKER = 0.95;

    private const ALIKE = 0.97;

    private const SAMPLES = 40;

    /** So much of it may be seen plainly already, as a share of its length. */
    private const PLAIN = 0.9;

    /**
     * @param  list<SeenRule>  $plain  those that were found already
     * @return list<SeenRule>
     */
    public static function find(Bitmap $bitmap, array $plain): array
    {
        if ($bitmap->faint === []) {
            return [];
        }

        return array_values(
            array_filter(
                [...self::level($bitmap), ...self::upright($bitmap)],
                fn (SeenRule $seen): bool => ! self::isPlain($seen->rule, $plain) && self::isDarker($bitmap, $seen),
            ),
        );
    }

    /** Whether the paper on both sides of it is as light, and lighter: the edge of something tinted is no line. */
    private static function isDarker(Bitmap $bitmap, SeenRule $seen): bool
    {
        $rule = $seen->rule;
        [$from, $to] = [$rule->from / $bitmap->scale, $rule->to / $bitmap->scale];
        $level = ['before' => 0, 'on' => 0, 'behind' => 0];
        for ($step = 1; $step < self::SAMPLES; $step++) {
            $along = $from + (($to - $from) * $step) / self::SAMPLES;
            $at = (int) round($rule->at / $bitmap->scale - 0.5 + $seen->slope * ($along - ($from + $to) / 2));
            $on = fn (int $aside): int => $rule->level
                ? $bitmap->level((int) $along, $at + $aside)
                : $bitmap->level($at + $aside, (int) $along);
            $level['on'] += min($on(-1), $on(0), $on(1));
            $level['before'] += intdiv($on(-self::ASIDE[1]) + $on(-self::ASIDE[1] - 1), 2);
            $level['behind'] += intdiv($on(self::ASIDE[1]) + $on(self::ASIDE[1] + 1), 2);
        }
        ['before' => $before, 'on' => $on, 'behind' => $behind] = $level;

        return $on <= self::DARKER * min($before, $behind) &&
            min($before, $behind) >= self::ALIKE * max($before, $behind);
    }

    /** @return list<SeenRule> */
    private static function level(Bitmap $bitmap): array
    {
        $least = (int) round(self::PIECE / $bitmap->scale);
        $pattern = '/1(?:0{0,'.self::LOST.'}1){'.(int) (self::DENSE * $least).',}/';
        $runs = [];
        foreach ($bitmap->faint as $y => $row) {
            preg_match_all($pattern, $row, $found, PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$run, $x]) {
                $length = strlen($run);
                if (
                    $length >= $least &&
                    substr_count($run, '1') >= self::DENSE * $length &&
                    self::isClear($bitmap, $y, $x, $length)
                ) {
                    $runs[] = [$y, $x, $x + $length];
                }
            }
        }

        return array_values(
            array_filter(
                BitmapRules::chains($runs, $bitmap->scale, true),
                fn (SeenRule $seen): bool => $seen->rule->length() >= self::SHORTEST,
            ),
        );
    }

    private static function isClear(Bitmap $bitmap, int $y, int $x, int $length): bool
    {
        $all = 0;
        for ($aside = self::ASIDE[0]; $aside <= self::ROUND; $aside++) {
            foreach ([$y - $aside, $y + $aside] as $row) {
                $ink = substr_count(substr($bitmap->faint[$row] ?? '', $x, $length), '1');
                if ($ink > self::DUST * $length && in_array($aside, self::ASIDE, true)) {
                    return false;
                }
                $all += $ink;
            }
        }

        // Where paper is a little dark, or tinted, there is no telling.
        return $all <= self::DUST * 2 * (self::ROUND - self::ASIDE[0] + 1) * $length;
    }

    /** @return list<SeenRule> */
    private static function upright(Bitmap $bitmap): array
    {
        $rows = [];
        foreach ($bitmap->faint as $y => $row) {
            $rows[] = $row | ($bitmap->faint[$y + 1] ?? $row) | ($bitmap->faint[$y + 2] ?? $row);
        }

        return array_values(
            array_filter(
                BitmapRules::upright(new Bitmap($rows, $bitmap->width, $bitmap->scale)),
                fn (SeenRule $seen): bool => $seen->rule->length() >= self::SHORTEST_UPRIGHT &&
                    self::isClearBeside($bitmap, $seen),
            ),
        );
    }

    private static function isClearBeside(Bitmap $bitmap, SeenRule $seen): bool
    {
        $rule = $seen->rule;
        [$from, $to] = [(int) ($rule->from / $bitmap->scale), (int) ($rule->to / $bitmap->scale)];
        $middle = ($from + $to) / 2;
        $ink = [0, 0];
        for ($y = $from; $y < $to; $y++) {
            $x = (int) round($rule->at / $bitmap->scale - 0.5 + $seen->slope * ($y - $middle));
            foreach ([-1, 1] as $side => $way) {
                foreach (self::ASIDE as $aside) {
                    $ink[$side] += (int) (($bitmap->faint[$y][$x + $way * $aside] ?? '0') === '1');
                }
            }
        }

        return max($ink) <= self::DUST * count(self::ASIDE) * ($to - $from);
    }

    /** @param  list<SeenRule>  $plain */
    private static function isPlain(Rule $rule, array $plain): bool
    {
        $seen = 0.0;
        foreach ($plain as $other) {
            if ($other->rule->level === $rule->level && abs($other->rule->at - $rule->at) <= self::NEAR) {
                $seen += max(0.0, min($other->rule->to, $rule->to) - max($other->rule->from, $rule->from));
            }
        }

        return $seen >= self::PLAIN * $rule->length();
    }
}
