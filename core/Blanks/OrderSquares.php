<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;

/**
 * Squares that a number or a letter goes into: those that stand below each other under words that ask for an order
 * ("Number the steps from 1 to 5") or for what is written in them ("Write the letter in the box") are not ticked.
 */
final class OrderSquares
{
    /** Fewer are no order. */
    private const FEWEST = 3;

    /** Squares of one column stand at one place across, and are of one size, in points. */
    private const ASIDE = 4.0;

    private const SAME = 0.6;

    /** Below each other they are nearer than this, in points: else something stands between them. */
    private const APART = 80.0;

    /** What asks for them ends so near above them, in points, and its lines are so near to each other, in heights. */
    private const ABOVE = 48.0;

    private const LINE_APART = 1.2;

    private const ASKS = [
        '/\b(?:re)?number\s+(?:the|these|those|them|each|all|every|from)\b/iu',
        '/\b(?:number|order|rank|sequence|write|put|use)\b[^.?!]*\b(?:1|one)\s*(?:to|[-–—])\s*[\p{L}\d]+\b/iu',
        '/\b(?:number|order|rank|put|sequence)\b[^.?!]*\bin(?:to)?\s+(?:the\s+)?(?:\p{L}+\s+)?order\b/iu',
        '/\border in which\b[^.?!]*\bnumber/iu',
        '/\b1\s*(?:=|is|for)\s*(?:the\s+)?(?:first|most|best|earliest|smallest)\b/iu',
    ];

    private const WRITTEN =
        '/\b(?:write|put|copy|fill in)\b[^.?!]*\b(?:letter|number|numeral|word|name|sign)s?\b'.
        '[^.?!]*\b(?:box|square|space)(?:es|s)?\b/iu';

    /** Words that ask to be ticked, whatever they are told in order. */
    private const TICKS = '/\b(?:tick|check|cross|shade|colou?r)\b/iu';

    /**
     * @param  list<Blank>  $blanks
     * @return list<Blank> the same, in the same places
     */
    public static function written(Ground $ground, array $blanks): array
    {
        $lines = $ground->marks->lines;
        $written = $alike = [];
        foreach (self::columns($blanks, $lines) as $column) {
            $asked = self::above($lines, $blanks[$column[0]]->frame);
            $isWritten = preg_match(self::WRITTEN, $asked) === 1;
            $isAsked = $isWritten || (count($column) >= self::FEWEST && self::asks($asked));
            if ($isAsked && preg_match(self::TICKS, $asked) !== 1) {
                array_push($written, ...$column);
                $alike = $isWritten ? self::alike($blanks, $blanks[$column[0]], $lines) : $alike;
            }
        }
        foreach ([...$written, ...array_keys($alike)] as $at) {
            $blanks[$at] = $blanks[$at]->of(BlankKind::Box);
        }

        return array_values($blanks);
    }

    /**
     * The rest of them, which may stand in the next column, under nothing that asks; where something is to be ticked as
     * well, that is what they may be for.
     *
     * @param  list<Blank>  $blanks
     * @param  list<TextLine>  $lines
     * @return array<int, Blank> by their places
     */
    private static function alike(array $blanks, Blank $square, array $lines): array
    {
        $ticked = array_filter($lines, fn (TextLine $line): bool => preg_match(self::TICKS, $line->text) === 1);

        return $ticked !== [] ? [] : array_filter(
            $blanks,
            fn (Blank $one): bool => $one->kind === BlankKind::Tick &&
                abs($one->frame->width - $square->frame->width) <= self::SAME,
        );
    }

    private static function asks(string $words): bool
    {
        foreach (self::ASKS as $pattern) {
            if (preg_match($pattern, $words) === 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Blank>  $blanks
     * @param  list<TextLine>  $lines
     * @return list<non-empty-list<int>> squares that stand below each other, by their places, from the top
     */
    private static function columns(array $blanks, array $lines): array
    {
        $squares = array_filter($blanks, fn (Blank $one): bool => $one->kind === BlankKind::Tick);
        uasort($squares, fn (Blank $a, Blank $b): int => $a->frame->y <=> $b->frame->y);
        $asking = array_filter(
            $lines,
            fn (TextLine $line): bool => self::asks($line->text) || preg_match(self::TICKS, $line->text) === 1,
        );
        $columns = [];
        foreach ($squares as $at => $square) {
            foreach ($columns as &$column) {
                if (self::goesOn($blanks[$column[count($column) - 1]]->frame, $square->frame, $asking)) {
                    $column[] = $at;

                    continue 2;
                }
            }
            unset($column);
            $columns[] = [$at];
        }

        return $columns;
    }

    /** @param  array<TextLine>  $asking  lines that begin another task */
    private static function goesOn(Frame $above, Frame $below, array $asking): bool
    {
        foreach ($asking as $line) {
            if ($line->frame->y >= $above->bottom() && $line->frame->bottom() <= $below->y + 1) {
                return false;
            }
        }

        return abs($above->x - $below->x) <= self::ASIDE &&
            abs($above->width - $below->width) <= self::ASIDE &&
            $below->y - $above->bottom() <= self::APART;
    }

    /**
     * The words that end above a square, as far up as line follows line.
     *
     * @param  list<TextLine>  $lines
     */
    private static function above(array $lines, Frame $square): string
    {
        $over = array_filter(
            $lines,
            fn (TextLine $line): bool => $line->frame->bottom() <= $square->y + 1 && $line->wordCount() > 0,
        );
        usort($over, fn (TextLine $a, TextLine $b): int => $b->frame->bottom() <=> $a->frame->bottom());
        $said = '';
        $from = $square->y;
        $room = self::ABOVE;
        foreach ($over as $line) {
            if ($from - $line->frame->bottom() > $room) {
                break;
            }
            $said = "{$line->text} {$said}";
            [$from, $room] = [min($from, $line->frame->y), self::LINE_APART * $line->frame->height];
        }

        return $said;
    }
}
