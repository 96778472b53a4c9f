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

    private const DENSE = 0.65;

    /** It goes on where of so many pixels so many are no dust. */
    private const STEP = 8;

    private const MORE = 4;

    /** So many pixels beside it is nothing but dust, which takes up such a share at the most. */
    private const ASIDE = [3, 4];

    private const DUST = 0.14;

    /** As near as this to a plain line, in points, it is the same; that may seem to go on beyond its ends. */
    private const NEAR = 2.6;

    private const ENDS = 6.0;

    /** How dark it is against what is beside it, at so many places, and how dark the one side may be against the other. */
    private const DARKER = 0.95;

    private const ALIKE = 0.97;

    private const SAMPLES = 40;

    /** So much of it may be seen plainly already, as a share of its length. */
    private const PLAIN = 0.9;

    /**
     * @param  list<SeenRule>  $plain  those that were found already
     * @return list<SeenRule> these and the faint ones, of which some may have been seen in pieces
     */
    public static function with(Bitmap $bitmap, array $plain): array
    {
        $faint = array_filter(
            $bitmap->faint === [] ? [] : [...self::level($bitmap), ...self::upright($bitmap)],
            fn (SeenRule $seen): bool => ! self::isPlain($seen, $plain) && self::isDarker($bitmap, $seen),
        );
        $isPiece = fn (SeenRule $seen): bool => array_filter(
            $faint,
            fn (SeenRule $whole): bool => ! $seen->rule->dashed &&
                self::areOne($whole, $seen) &&
                $seen->rule->from >= $whole->rule->from - self::ENDS &&
                $seen->rule->to <= $whole->rule->to + self::ENDS,
        ) !== [];

        return [...array_filter($plain, fn (SeenRule $seen): bool => ! $isPiece($seen)), ...$faint];
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
                array_map(
                    fn (SeenRule $seen): SeenRule => self::drawnOut($bitmap, $seen),
                    BitmapRules::chains($runs, $bitmap->scale, true),
                ),
                fn (SeenRule $seen): bool => $seen->rule->length() >= self::SHORTEST,
            ),
        );
    }

    /** As far at both ends as there is more ink than dust. */
    private static function drawnOut(Bitmap $bitmap, SeenRule $seen): SeenRule
    {
        $rule = $seen->rule;
        $from = (int) round($rule->from / $bitmap->scale);
        $to = (int) round($rule->to / $bitmap->scale);
        $middle = ($from + $to) / 2;
        $isInked = function (int $x) use ($bitmap, $seen, $middle): bool {
            $at = $seen->rule->at / $bitmap->scale - 0.5 + $seen->slope * ($x + self::STEP / 2 - $middle);
            $band = str_repeat('0', self::STEP);
            for ($y = (int) round($at) - 1; $y <= (int) round($at) + 1; $y++) {
                $band |= str_pad(substr($bitmap->faint[$y] ?? '', max(0, $x), self::STEP), self::STEP, '0');
            }

            return $x >= 0 && $x < $bitmap->width && substr_count($band, '1') >= self::MORE;
        };
        while ($isInked($to)) {
            $to += self::STEP;
        }
        while ($isInked($from - self::STEP)) {
            $from -= self::STEP;
        }
        // It turns about its middle, which is elsewhere now.
        $at = $rule->at + $seen->slope * (($from + $to) / 2 - $middle) * $bitmap->scale;

        return new SeenRule(
            new Rule(true, $at, $from * $bitmap->scale, $to * $bitmap->scale, $rule->weight),
            $seen->slope,
        );
    }

    private static function isClear(Bitmap $bitmap, int $y, int $x, int $length): bool
    {
        foreach (self::ASIDE as $aside) {
            foreach ([$y - $aside, $y + $aside] as $row) {
                $ink = substr_count(substr($bitmap->faint[$row] ?? '', $x, $length), '1');
                if ($ink > self::DUST * $length) {
                    return false;
                }
            }
        }

        return true;
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
    private static function isPlain(SeenRule $faint, array $plain): bool
    {
        $seen = 0.0;
        foreach ($plain as $other) {
            $common = min($other->rule->to, $faint->rule->to) - max($other->rule->from, $faint->rule->from);
            if ($common > 0 && self::areOne($faint, $other)) {
                $seen += $common;
            }
        }

        return $seen >= self::PLAIN * $faint->rule->length();
    }

    private static function areOne(SeenRule $one, SeenRule $other): bool
    {
        return $one->rule->level === $other->rule->level && $one->aside($other) <= self::NEAR;
    }
}
