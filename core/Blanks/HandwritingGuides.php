<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * Finds what beginners write on: an upper line, a dashed one for the height of small letters, and the line they stand
 * on. What is printed at the beginning is to be copied or traced.
 */
final class HandwritingGuides
{
    /** How near to each other the three begin and end, and how high they are together, in points. */
    public const ENDS = 4.0;

    public const LOWEST = 12.0;

    public const HIGHEST = 70.0;

    /** Where between the outer lines the dashed one lies, as shares. */
    public const MIDDLE = [0.3, 0.7];

    /** How much of the dashed one is seen beside what is printed on it, as a share. */
    private const SEEN = 0.5;

    /** Room after what is to be copied, and the least to write in, in points. */
    private const AFTER = 6.0;

    private const SHORTEST = 24.0;

    /**
     * @param  list<Rule>  $rules  level ones
     * @return array{list<Blank>, list<Rule>} a place to write for each three, and the rules that are not of such
     */
    public static function find(Ground $ground, array $rules): array
    {
        $blanks = $used = [];
        foreach ($rules as $middle) {
            $pair = $middle->dashed ? self::around($middle, $rules) : null;
            if ($pair === null) {
                continue;
            }
            array_push($used, $middle, ...$pair);
            $blank = self::blank($ground, ...$pair);
            $blank === null || ($blanks[] = $blank);
        }

        return [$blanks, array_values(array_filter($rules, fn (Rule $rule): bool => ! in_array($rule, $used, true)))];
    }

    /**
     * @param  list<Rule>  $rules
     * @return array{Rule, Rule}|null the nearest whole lines above and below
     */
    private static function around(Rule $middle, array $rules): ?array
    {
        $above = $below = null;
        foreach ($rules as $rule) {
            // What is to be copied may hide where the dashed one begins.
            if (
                $rule->dashed ||
                $middle->from < $rule->from - self::ENDS ||
                $middle->length() < self::SEEN * $rule->length() ||
                abs($rule->to - $middle->to) > self::ENDS
            ) {
                continue;
            }
            if ($rule->at < $middle->at) {
                $above = $above === null || $rule->at > $above->at ? $rule : $above;
            } else {
                $below = $below === null || $rule->at < $below->at ? $rule : $below;
            }
        }
        if ($above === null || $below === null || abs($above->from - $below->from) > self::ENDS) {
            return null;
        }
        $height = $below->at - $above->at;
        $share = ($middle->at - $above->at) / $height;

        return $height >= self::LOWEST &&
            $height <= self::HIGHEST &&
            $share >= self::MIDDLE[0] &&
            $share <= self::MIDDLE[1]
            ? [$above, $below]
            : null;
    }

    private static function blank(Ground $ground, Rule $above, Rule $below): ?Blank
    {
        $height = $below->at - $above->at;
        $from = max($above->from, $below->from);
        $to = min($above->to, $below->to);
        $words = $ground->printedIn(Frame::of($from, $above->at, $to - $from, $height));
        if ($words !== []) {
            $from = max(array_map(fn (Word $word): float => $word->frame->right(), $words)) + self::AFTER;
        }

        return $to - $from < self::SHORTEST
            ? null
            : new Blank(BlankKind::Line, Frame::of($from, $above->at, $to - $from, $height), 0.85);
    }
}
