<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds sums that are set in a column: numbers below each other, a sign, a rule, and nothing under it yet. */
final class ColumnSumFinder
{
    private const SIGN = '/^[+\-–−×x÷]/u';

    private const NUMBER = '/^[+\-–−×x÷]?\s*[£$€]?\d[\d.,\s]*$/u';

    /** How long its rule may be, in points. */
    private const SHORTEST = 14.0;

    private const LONGEST = 160.0;

    /** How far aside of the rule its numbers and their sign may reach, in points. */
    private const ASIDE = 14.0;

    /** How far above the rule the last number ends, and above that the one before, in heights of a number. */
    private const ABOVE = 0.8;

    /** An answer is so high at the least and at the most, in heights of a number. */
    private const LOWEST = 0.9;

    private const HIGHEST = 1.5;

    /**
     * @param  list<Rule>  $rules
     * @return list<Blank>
     */
    public static function find(Ground $ground, array $rules): array
    {
        $blanks = [];
        foreach ($rules as $rule) {
            $isShort = $rule->length() >= self::SHORTEST && $rule->length() <= self::LONGEST;
            $rows = $rule->level && $isShort ? self::above($ground, $rule) : [];
            if (count($rows) < 2 || preg_match(self::SIGN, self::said($rows[0])) !== 1) {
                continue;
            }
            $height = $rows[0][0]->frame->height;
            $room = min(self::HIGHEST * $height, self::roomBelow($ground, $rule, $rules));
            if ($room >= self::LOWEST * $height) {
                $blanks[] = new Blank(
                    BlankKind::Box,
                    Frame::of($rule->from, $rule->at + 1, $rule->length(), $room - 1),
                    0.8,
                    label: self::said([...$rows[1], ...$rows[0]]).' =',
                );
            }
        }

        return $blanks;
    }

    /**
     * The numbers over a rule, row by row from it, as far as there are any.
     *
     * @return list<non-empty-list<Word>> each from the left
     */
    private static function above(Ground $ground, Rule $rule): array
    {
        $words = array_filter(
            $ground->printed,
            fn (Word $word): bool => $word->frame->x >= $rule->from - self::ASIDE &&
                $word->frame->right() <= $rule->to + self::ASIDE &&
                $word->frame->middle() < $rule->at,
        );
        usort($words, fn (Word $a, Word $b): int => $b->frame->middle() <=> $a->frame->middle());
        $rows = [];
        $foot = $rule->at;
        while ($words !== []) {
            $first = $words[0]->frame;
            $isRow = fn (Word $word): bool => abs($word->frame->middle() - $first->middle()) <= 0.4 * $first->height;
            $row = array_values(array_filter($words, $isRow));
            usort($row, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
            $isNear = $foot - $first->bottom() <= self::ABOVE * $first->height;
            if ($row === [] || ! $isNear || preg_match(self::NUMBER, self::said($row)) !== 1) {
                break;
            }
            $rows[] = $row;
            $foot = $first->y;
            $words = array_values(array_filter($words, fn (Word $word): bool => ! $isRow($word)));
        }

        return $rows;
    }

    /** @param  list<Word>  $row */
    private static function said(array $row): string
    {
        return implode(' ', array_map(fn (Word $word): string => $word->text, $row));
    }

    /** @param  list<Rule>  $rules */
    private static function roomBelow(Ground $ground, Rule $rule, array $rules): float
    {
        $things = [
            ...array_map(fn (Word $word): Frame => $word->frame, $ground->printed),
            ...$ground->marks->drawings,
            ...array_map(
                fn (Rule $one): Frame => Frame::of($one->from, $one->at, $one->length(), 0.1),
                array_filter($rules, fn (Rule $one): bool => $one->level && $one !== $rule),
            ),
        ];
        $room = $ground->marks->size->height - $rule->at;
        foreach ($things as $thing) {
            if ($thing->x < $rule->to && $thing->right() > $rule->from && $thing->bottom() > $rule->at + 1) {
                $room = min($room, $thing->y - $rule->at);
            }
        }

        return $room;
    }
}
