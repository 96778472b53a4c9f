<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** Puts together what was drawn in pieces: the sides of cells one by one, dashes, dots. */
final class Rules
{
    /** How far apart pieces of one rule may lie across it. */
    private const ASIDE = 0.9;

    /** How far apart they may lie along it. */
    private const APART = 2.0;

    /** A dash is no longer than this, and the next follows within this. */
    private const DASH = 9.0;

    /** A dot that no line was made of. */
    private const DOT = 3.2;

    /** Fewer pieces do not make a dashed rule. */
    private const FEWEST_DASHES = 4;

    /**
     * @param  list<Rule>  $pieces
     * @return list<Rule>
     */
    public static function merged(array $pieces): array
    {
        $rules = [];
        foreach ([true, false] as $level) {
            $these = array_values(array_filter($pieces, fn (Rule $rule): bool => $rule->level === $level));
            array_push($these, ...array_map(self::upright(...), $level ? [] : array_filter($pieces, self::isDot(...))));
            usort($these, fn (Rule $a, Rule $b): int => [$a->at, $a->from] <=> [$b->at, $b->from]);
            foreach (self::rows($these) as $row) {
                array_push($rules, ...self::row($row));
            }
        }

        return array_values(array_filter($rules, fn (Rule $rule): bool => $rule->length() > self::DOT));
    }

    private static function isDot(Rule $rule): bool
    {
        return $rule->level && max($rule->length(), $rule->weight) <= self::DOT;
    }

    /** A dot may belong to a line across and to one down. */
    private static function upright(Rule $dot): Rule
    {
        return new Rule(
            false,
            ($dot->from + $dot->to) / 2,
            $dot->at - $dot->weight / 2,
            $dot->at + $dot->weight / 2,
            $dot->length(),
        );
    }

    /**
     * @param  list<Rule>  $sorted  by where they lie
     * @return list<non-empty-list<Rule>> those that lie on one line
     */
    private static function rows(array $sorted): array
    {
        $rows = [];
        $at = null;
        foreach ($sorted as $rule) {
            if ($at === null || $rule->at - $at > self::ASIDE) {
                $rows[] = [$rule];
                $at = $rule->at;
            } else {
                $rows[count($rows) - 1][] = $rule;
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<Rule>  $row
     * @return list<Rule>
     */
    private static function row(array $row): array
    {
        usort($row, fn (Rule $a, Rule $b): int => $a->from <=> $b->from);
        $runs = [];
        foreach ($row as $rule) {
            $last = array_key_last($runs);
            $short = $rule->length() <= self::DASH && $last !== null && end($runs[$last])->length() <= self::DASH;
            $end = $last === null ? 0.0 : max(array_map(fn (Rule $piece): float => $piece->to, $runs[$last]));
            if ($last === null || $rule->from - $end > ($short ? self::DASH : self::APART)) {
                $runs[] = [$rule];
            } else {
                $runs[$last][] = $rule;
            }
        }
        $rules = [];
        foreach ($runs as $run) {
            array_push($rules, ...self::run($run));
        }

        return $rules;
    }

    /**
     * @param  non-empty-list<Rule>  $run
     * @return list<Rule>
     */
    private static function run(array $run): array
    {
        $ends = 0.0;
        $spread = false;
        foreach ($run as $index => $piece) {
            $spread = $spread || ($index > 0 && $piece->from - $ends > self::APART / 2);
            $ends = max($ends, $piece->to);
        }
        if ($spread && count($run) < self::FEWEST_DASHES) {
            return $run;
        }
        $longest = $run[0];
        foreach ($run as $piece) {
            $longest = $piece->length() > $longest->length() ? $piece : $longest;
        }

        return [
            new Rule(
                $longest->level,
                $longest->at,
                min(array_map(fn (Rule $piece): float => $piece->from, $run)),
                $ends,
                max(array_map(fn (Rule $piece): float => $piece->weight, $run)),
                $spread || $longest->dashed,
                $longest->typed,
            ),
        ];
    }
}
