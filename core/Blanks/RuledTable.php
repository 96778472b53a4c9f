<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * Finds the empty cells of tables that are ruled between their rows alone: where a head stands over a column, and
 * nothing in it beside what the row begins with.
 */
final class RuledTable
{
    /** Rows of one table begin and end so near to each other, and are at least and at most so high, in points. */
    private const ENDS = 4.0;

    private const LOWEST = 11.0;

    private const HIGHEST = 90.0;

    /** The least room, of the height of the letters, between the heads of two columns. */
    private const BETWEEN = 0.9;

    /** A question and its marks make two. */
    private const FULL = 3;

    /** What one can write in, at the least, in points. */
    private const NARROWEST = 24.0;

    /**
     * @param  list<Rule>  $rules  level ones
     * @return array{list<Blank>, list<Rule>} the cells, and the rules that are not of such a table
     */
    public static function find(Ground $ground, array $rules): array
    {
        $blanks = $used = [];
        foreach (self::ladders($rules) as $ladder) {
            // The heads stand over the first rule, or between it and the next.
            $cells = self::cells($ground, $ladder) ?: self::cells($ground, array_slice($ladder, 1));
            if ($cells !== [] || self::isFull($ground, $ladder)) {
                array_push($blanks, ...$cells);
                array_push($used, ...$ladder);
            }
        }

        return [$blanks, array_values(array_filter($rules, fn (Rule $rule): bool => ! in_array($rule, $used, true)))];
    }

    /**
     * @param  list<Rule>  $rules
     * @return list<non-empty-list<Rule>> from the top, alike in where they begin and end
     */
    private static function ladders(array $rules): array
    {
        usort($rules, fn (Rule $a, Rule $b): int => $a->at <=> $b->at);
        $ladders = [];
        foreach ($rules as $rule) {
            foreach ($ladders as $index => $ladder) {
                $last = $ladder[count($ladder) - 1];
                if (
                    abs($last->from - $rule->from) <= self::ENDS &&
                    abs($last->to - $rule->to) <= self::ENDS &&
                    $rule->at - $last->at >= self::LOWEST &&
                    $rule->at - $last->at <= self::HIGHEST
                ) {
                    $ladders[$index][] = $rule;

                    continue 2;
                }
            }
            $ladders[] = [$rule];
        }

        return array_values(array_filter($ladders, fn (array $ladder): bool => count($ladder) > 2));
    }

    /**
     * @param  list<Rule>  $ladder
     * @return list<Blank> none where it is no table, or nothing in it is to be filled in
     */
    private static function cells(Ground $ground, array $ladder): array
    {
        if (count($ladder) < 3) {
            return [];
        }
        $first = $ladder[0];
        $pitch = INF;
        foreach (array_slice($ladder, 1) as $row => $foot) {
            $pitch = min($pitch, $foot->at - $ladder[$row]->at);
        }
        $heads = self::columns($ground->printedIn(self::band($first, $first->at - $pitch - 2, $first->at)));
        $starts = array_map(fn (array $head): float => $head[0]->frame->x, $heads);
        if (count($heads) < 2 || $starts[0] > $first->from + self::NARROWEST) {
            return [];
        }
        $edges = [...array_slice($starts, 1), max(array_map(fn (Rule $rule): float => $rule->to, $ladder))];
        $blanks = [];
        foreach (array_slice($ladder, 1) as $row => $foot) {
            $band = self::band($foot, $ladder[$row]->at, $foot->at);
            $named = $ground->printedIn(Frame::of($band->x, $band->y, $edges[0] - $band->x, $band->height));
            if ($named === []) {
                return []; // The rows of such a table are named; lines below each other are to be written on.
            }
            foreach (array_slice($edges, 1) as $column => $right) {
                $cell = Frame::of($edges[$column] - 2, $band->y, $right - $edges[$column], $band->height);
                if ($cell->width >= self::NARROWEST && self::isEmpty($ground, $cell)) {
                    $label = Word::said($named).', '.Word::said($heads[$column + 1]);
                    $blanks[] = new Blank(BlankKind::Cell, $cell, 0.8, label: $label);
                }
            }
        }

        return $blanks;
    }

    /**
     * Whether words stand in several columns between all rules: a table to be read.
     *
     * @param  non-empty-list<Rule>  $ladder
     */
    private static function isFull(Ground $ground, array $ladder): bool
    {
        foreach (array_slice($ladder, 1) as $row => $foot) {
            $words = $ground->printedIn(self::band($foot, $ladder[$row]->at, $foot->at));
            if (count(self::columns($words)) < self::FULL) {
                return false;
            }
        }

        return true;
    }

    private static function band(Rule $rule, float $from, float $to): Frame
    {
        return Frame::of($rule->from - self::ENDS, $from, $rule->length() + 2 * self::ENDS, $to - $from);
    }

    private static function isEmpty(Ground $ground, Frame $cell): bool
    {
        foreach ($ground->printed as $word) {
            if (Ground::shared($word->frame, $cell) > 0.2 * $word->frame->width * $word->frame->height) {
                return false;
            }
        }

        return ! $ground->hasDrawing($cell);
    }

    /**
     * @param  list<Word>  $words  of a row
     * @return list<non-empty-list<Word>> those of each column, from the left
     */
    private static function columns(array $words): array
    {
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        $columns = [];
        $column = [];
        $end = -INF;
        foreach ($words as $word) {
            if ($column !== [] && $word->frame->x - $end > self::BETWEEN * $word->frame->height) {
                $columns[] = $column;
                $column = [];
            }
            $column[] = $word;
            $end = max($end, $word->frame->right());
        }
        $column === [] || ($columns[] = $column);

        return $columns;
    }
}
