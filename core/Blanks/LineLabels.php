<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Tells lines that have a label each from those that are there together. */
final class LineLabels
{
    /** The label of a line stands at most so far before it, and is at most so long, in points. */
    private const BEFORE = 120.0;

    private const LONG = 60.0;

    private const NUMBER = '/^\(?(?:\d{1,2}[a-z]?|[a-z]|[ivx]{1,4})[.):]{1,2}$/iu';

    /** Of the lines below each other, at least so many have one. */
    private const MOST = 0.75;

    /** How far apart labels begin or end that stand below each other, in points. */
    private const ASIDE = 5.0;

    /**
     * Lines below each other that have a label each, all beginning or all ending at one place, and nothing between
     * those labels: an answer each.
     *
     * @param  list<Rule>  $rules
     * @return list<Rule>
     */
    public static function labelled(Ground $ground, array $rules): array
    {
        $columns = [];
        foreach ($rules as $number => $rule) {
            foreach ($columns as $index => $column) {
                $first = $rules[$column[0]];
                if (abs($first->from - $rule->from) <= 4 && abs($first->to - $rule->to) <= 4) {
                    $columns[$index][] = $number;

                    continue 2;
                }
            }
            $columns[] = [$number];
        }
        $labelled = [];
        foreach ($columns as $column) {
            $labels = array_filter(
                array_combine($column, array_map(fn (int $at): ?Frame => self::label($ground, $rules[$at]), $column)),
            );
            if (
                count($labels) > 1 &&
                count($labels) >= self::MOST * count($column) &&
                self::areInAColumn($ground, array_values($labels))
            ) {
                array_push($labelled, ...array_values(array_intersect_key($rules, $labels)));
            }
        }

        return $labelled;
    }

    /** Whether it numbers what follows, as "3a)" does. */
    public static function isNumber(Word $word): bool
    {
        return preg_match(self::NUMBER, $word->text) === 1;
    }

    /** The words that stand before a line on its height. */
    private static function label(Ground $ground, Rule $rule): ?Frame
    {
        $words = [];
        $first = null;
        foreach ($ground->words as $word) {
            $frame = $word->frame;
            if (
                $rule->at >= $frame->middle() &&
                $rule->at <= $frame->bottom() + 5 &&
                $frame->right() <= $rule->from + 3
            ) {
                $first = $first === null || $frame->x < $first->frame->x ? $word : $first;
                $frame->x >= $rule->from - self::BEFORE - self::LONG && ($words[] = $frame);
            }
        }
        // What is numbered has its answer at the end of its row, however far that is.
        if ($first !== null && self::isNumber($first)) {
            return $first->frame;
        }
        $label = $words === [] ? null : Frame::around($words);

        return $label === null || $rule->from - $label->right() > self::BEFORE ? null : $label;
    }

    /** @param  non-empty-list<Frame>  $labels */
    private static function areInAColumn(Ground $ground, array $labels): bool
    {
        $starts = array_map(fn (Frame $label): float => $label->x, $labels);
        $ends = array_map(fn (Frame $label): float => $label->right(), $labels);
        $column = Frame::around($labels);
        $lines = [];
        foreach ($ground->wordsIn($column) as $word) {
            $lines[(string) round($word->frame->bottom() / 5)] = true;
        }

        return min(max($starts) - min($starts), max($ends) - min($ends)) <= self::ASIDE &&
            count($lines) <= count($labels) + 1;
    }
}
