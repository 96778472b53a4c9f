<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/**
 * Finds columns of dots across from each other, with words to the left of the one and to the right of the other and
 * nothing between: what belongs together is to be joined by lines. A list with bullets has its words behind them.
 */
final class JoinFinder
{
    /** A dot is no larger than this, and no smaller, in points. */
    private const LARGEST = 10.0;

    private const SMALLEST = 2.0;

    private const GLYPH = '/^[•●○◦·∙⦁◯⚪⚫]$/u';

    /** Fewer are no column; one has at most so many more than the other. */
    private const FEWEST = 3;

    private const MORE = 2;

    /** Dots of one column stand so straight below each other, and columns so far apart, in points. */
    private const ASIDE = 3.0;

    private const APART = 30.0;

    /** Words belong to a dot from so near, in points; those of one row go on over gaps of so much of their height. */
    private const NEAR = 160.0;

    private const GAP = 1.5;

    private const CONFIDENCE = 0.85;

    /** @return list<Blank> without what is asked */
    public static function find(Ground $ground): array
    {
        $columns = $ground->marks->seen ? [] : self::columns(self::dots($ground)); // On a scan dots are dust.
        $found = [];
        foreach ($columns as $at => $left) {
            foreach (array_slice($columns, $at + 1) as $right) {
                $ends = self::ends($ground, $left, $right);
                if ($ends !== []) {
                    $whole = Frame::around(array_map(fn (JoinEnd $end): Frame => $end->dot, $ends));
                    $found[] = new Blank(BlankKind::Join, $whole, self::CONFIDENCE, ends: $ends);
                    break;
                }
            }
        }

        return $found;
    }

    /**
     * The same blanks but for what stands at the ends of joins: a hollow dot is not ticked there.
     *
     * @param  list<Blank>  $blanks
     * @param  list<Blank>  $joins
     * @return list<Blank>
     */
    public static function without(array $blanks, array $joins): array
    {
        return array_values(
            array_filter($blanks, function (Blank $blank) use ($joins): bool {
                foreach ($joins as $join) {
                    foreach ($join->ends as $end) {
                        if ($blank->kind === BlankKind::Tick && $blank->frame->meets($end->dot)) {
                            return false;
                        }
                    }
                }

                return true;
            }),
        );
    }

    /** @return list<Frame> */
    private static function dots(Ground $ground): array
    {
        $isDot = fn (Frame $one): bool => max($one->width, $one->height) <= self::LARGEST &&
            min($one->width, $one->height) >= self::SMALLEST;
        $glyphs = [];
        foreach ($ground->marks->lines as $line) {
            foreach ($line->words as $word) {
                if (preg_match(self::GLYPH, $word->text) === 1) {
                    // The sign stands in the middle of its frame.
                    $middle = $word->frame->centre();
                    $glyphs[] = Frame::of($middle->x - 2.5, $middle->y - 2.5, 5, 5);
                }
            }
        }

        return [
            ...array_values(
                array_filter(
                    [...$ground->marks->dots, ...$ground->marks->drawings, ...$ground->marks->rings],
                    $isDot,
                ),
            ),
            ...$glyphs,
        ];
    }

    /**
     * @param  list<Frame>  $dots
     * @return list<non-empty-list<Frame>> from the left, each from the top
     */
    private static function columns(array $dots): array
    {
        usort($dots, fn (Frame $a, Frame $b): int => $a->centre()->x <=> $b->centre()->x);
        $columns = [];
        foreach ($dots as $dot) {
            $last = array_key_last($columns);
            if ($last !== null && $dot->centre()->x - $columns[$last][0]->centre()->x <= self::ASIDE) {
                $columns[$last][] = $dot;
            } else {
                $columns[] = [$dot];
            }
        }
        $columns = array_filter($columns, fn (array $column): bool => count($column) >= self::FEWEST);
        foreach ($columns as &$column) {
            usort($column, fn (Frame $a, Frame $b): int => $a->y <=> $b->y);
        }

        return array_values($columns);
    }

    /**
     * @param  non-empty-list<Frame>  $left
     * @param  non-empty-list<Frame>  $right
     * @return list<JoinEnd> none where these are not to be joined
     */
    private static function ends(Ground $ground, array $left, array $right): array
    {
        [$from, $to] = [$left[0]->right(), $right[0]->x];
        $top = max($left[0]->y, $right[0]->y);
        $bottom = min($left[count($left) - 1]->bottom(), $right[count($right) - 1]->bottom());
        // Two exercises of one page may have their dots at one place across.
        $in = fn (Frame $dot): bool => $dot->y >= $top - self::NEAR && $dot->bottom() <= $bottom + self::NEAR;
        [$left, $right] = [array_values(array_filter($left, $in)), array_values(array_filter($right, $in))];
        $between = Frame::of($from + 1, $top, max(0.0, $to - $from - 2), max(0.0, $bottom - $top));
        if (
            $to - $from < self::APART ||
            $bottom <= $top ||
            min(count($left), count($right)) < self::FEWEST ||
            abs(count($left) - count($right)) > self::MORE ||
            $ground->printedIn($between) !== []
        ) {
            return [];
        }
        $ends = [];
        foreach ([[$left, true], [$right, false]] as [$dots, $isLeft]) {
            $said = array_map(fn (Frame $dot): string => self::beside($ground, $dot, $isLeft), $dots);
            // "yes" and "no" on each row are to be chosen from.
            if (in_array('', $said, true) || count(array_unique($said)) < count($said)) {
                return [];
            }
            foreach ($dots as $at => $dot) {
                $ends[] = new JoinEnd($dot, $said[$at], $isLeft);
            }
        }

        return $ends;
    }

    /** The words on the row of a dot, before or behind it. */
    private static function beside(Ground $ground, Frame $dot, bool $before): string
    {
        $row = array_filter(
            $ground->words,
            fn (Word $word): bool => abs($word->frame->middle() - $dot->middle()) <= 0.6 * $word->frame->height &&
                ($before ? $word->frame->right() <= $dot->x + 1 : $word->frame->x >= $dot->right() - 1),
        );
        usort($row, fn (Word $a, Word $b): int => $before
            ? $b->frame->x <=> $a->frame->x
            : $a->frame->x <=> $b->frame->x);
        $said = [];
        $edge = $before ? $dot->x : $dot->right();
        foreach ($row as $word) {
            $gap = $before ? $edge - $word->frame->right() : $word->frame->x - $edge;
            if ($gap > ($said === [] ? self::NEAR : self::GAP * $word->frame->height)) {
                break;
            }
            $said[] = $word;
            $edge = $before ? $word->frame->x : $word->frame->right();
        }

        usort(
            $said,
            fn (Word $a, Word $b): int => abs($a->frame->middle() - $b->frame->middle()) < 0.5 * $a->frame->height
                ? $a->frame->x <=> $b->frame->x
                : $a->frame->y <=> $b->frame->y,
        );

        return Word::said($said);
    }
}
