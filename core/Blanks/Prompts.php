<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Finds the words that say what goes into a blank: beside it, above it, or at the head of its row and column. */
final class Prompts
{
    private const LONGEST = 120;

    /** Words of one line are nearer to each other than this, of their height. */
    private const BETWEEN_WORDS = 0.6;

    /** What a number or a letter is written on before words is shorter, in points. */
    private const SHORT = 90.0;

    /** And two sums farther than this. */
    private const BETWEEN_SUMS = 1.2;

    /** What of the frame of a word lies below its letters, as a share of its height. */
    private const DESCENDERS = 0.25;

    /** How far a head reaches over what is to be ticked, in points. */
    private const ASIDE = 16.0;

    /** How what asks for something ends. */
    private const ASKS = '/[?؟？:=]\W*$/u';

    /** How far above a blank its prompt may stand. */
    private const ABOVE = 60.0;

    /** So near under a box stands what names it, in points; under its middle, but for so much of its width. */
    private const BELOW = 30.0;

    private const CENTRED = 0.06;

    private const LARGER = 1.3;

    /** What is so high, in points, may be named from below. */
    private const DRAWN_IN = 40.0;

    /** How far to the left of what is to be joined its words may begin, in points. */
    private const WORDS_OF_JOIN = 160.0;

    public static function of(Ground $ground, Blank $blank): string
    {
        $label = match (true) {
            $blank->label !== '' => $blank->label,
            $blank->kind === BlankKind::Join => self::task($ground, $blank->frame),
            $blank->kind === BlankKind::Tick => self::heads($ground, self::column($blank->frame)),
            $blank->kind === BlankKind::Cell => self::inTable($ground, $blank->frame) ?:
            self::rowHead($ground, $blank->frame) ?:
            self::above($ground, $blank->frame),
            default => self::before($ground, $blank->frame) ?:
            self::behind($ground, $blank) ?:
            self::caption($ground, $blank->frame) ?:
            self::asking($ground, $blank->frame),
        };

        return self::tidy($label);
    }

    /** What goes on right behind a gap that begins its line: "____ The boat sails." */
    private static function behind(Ground $ground, Blank $blank): string
    {
        $isShort = $blank->kind === BlankKind::Gap ||
            ($blank->kind === BlankKind::Line && $blank->frame->width < self::SHORT);
        $words = ! $isShort ? [] : array_filter(
            $ground->printed,
            fn (Word $word): bool => $word->frame->x >= $blank->frame->right() - 3 &&
                abs($word->frame->bottom() - $blank->frame->bottom()) < 0.5 * $word->frame->height,
        );
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
        $said = [];
        $from = $blank->frame->right();
        foreach ($words as $word) {
            if ($word->frame->x - $from > $word->frame->height) {
                break;
            }
            $said[] = $word;
            $from = $word->frame->right();
        }
        $behind = Word::said($said);

        // One word alone is a unit.
        return preg_match_all('/\p{L}{2,}/u', $behind) > 1 ? $behind : '';
    }

    /**
     * Of a box that somebody laid, of whose kind nothing is known: the words before it, or the heads of its row and its
     * column where it has both, or the words above, or what stands further off at its height.
     */
    public static function at(Ground $ground, Frame $frame): string
    {
        return self::tidy(
            self::before($ground, $frame) ?:
            self::inTable($ground, $frame) ?:
            self::above($ground, $frame) ?:
            self::heads($ground, $frame),
        );
    }

    private static function tidy(string $label): string
    {
        return mb_strimwidth(
            trim((string) preg_replace(['/_{2,}|[.…]{4,}|[\x{2610}-\x{2612}□]/u', '/\s+/u'], ['', ' '], $label)),
            0,
            self::LONGEST,
            '…',
        );
    }

    private static function inTable(Ground $ground, Frame $frame): string
    {
        $row = self::rowHead($ground, $frame);
        $head = self::columnHead($ground, $frame);

        return $row === '' || $head === '' ? '' : "{$row}, {$head}";
    }

    /** What names its row: the first cell; a wider gap than between words ends it. */
    private static function rowHead(Ground $ground, Frame $frame): string
    {
        $row = self::row($ground, $frame);
        if ($row === []) {
            return '';
        }
        $named = [$row[0]];
        foreach (array_slice($row, 1) as $word) {
            $last = $named[count($named) - 1];
            if ($word->frame->x - $last->frame->right() > $last->frame->height) {
                break;
            }
            $named[] = $word;
        }

        return Word::said($named);
    }

    /** The last line that ends above all of it, over it or its words. */
    private static function task(Ground $ground, Frame $frame): string
    {
        $best = null;
        foreach ($ground->marks->lines as $line) {
            if (
                $line->frame->bottom() <= $frame->y + 1 &&
                $frame->y - $line->frame->bottom() <= self::ABOVE &&
                $line->frame->x < $frame->right() &&
                $line->frame->right() > $frame->x - self::WORDS_OF_JOIN &&
                $line->wordCount() > 0 &&
                ($best === null || $line->frame->bottom() > $best->frame->bottom())
            ) {
                $best = $line;
            }
        }

        return $best === null ? '' : $best->text;
    }

    private static function before(Ground $ground, Frame $frame): string
    {
        $words = array_values(
            array_filter(
                array_map(fn (Word $word): Word => self::upTo($word, $frame), self::said($ground)),
                fn (Word $word): bool => $word->frame->right() <= $frame->x + 3 &&
                    $word->frame->middle() > $frame->y - 2 &&
                    $word->frame->middle() < $frame->bottom() + 0.6 * $word->frame->height &&
                    abs($word->frame->bottom() - $frame->bottom()) < max(10.0, 0.9 * $word->frame->height),
            ),
        );
        usort($words, fn (Word $a, Word $b): int => $b->frame->x <=> $a->frame->x);
        $said = [];
        $x = $frame->x;
        $foot = null;
        foreach ($words as $word) {
            // What stands on another line is not of the same prompt.
            if ($foot !== null && abs($word->frame->bottom() - $foot) > 0.4 * $word->frame->height) {
                continue;
            }
            // Sums that stand beside each other are farther apart than what they are of.
            $isSum = in_array('=', $said, true);
            if ($x - $word->frame->right() > ($isSum ? self::BETWEEN_SUMS * $word->frame->height : 30)) {
                break;
            }
            $foot ??= $word->frame->bottom();
            // Before another gap the words are for that one.
            $parts = preg_split('/_{2,}|[.…]{4,}|[\x{2610}-\x{2612}□]/u', $word->text) ?: [''];
            $said[] = $parts[count($parts) - 1];
            if (count($parts) > 1) {
                break;
            }
            $x = $word->frame->x;
        }

        $before = implode(' ', array_reverse($said));

        // A dash between numbers takes away; elsewhere it but parts what is said.
        return preg_match('/[\p{L}\p{N}]/u', $before) === 1
            ? (string) preg_replace('/(?<![\d)])\s*[-–—−]\s*$|(?<![\d)]) [-–](?= )/u', '', $before)
            : '';
    }

    /** @return list<Word> words, and the signs of sums */
    private static function said(Ground $ground): array
    {
        return array_values(array_filter(
            $ground->printed,
            fn (Word $word): bool => preg_match('/[\p{L}\p{N}]|^[-–−+×÷=<>≤≥≈≠±√∛*\/£$€¥₹]+$/u', $word->text) === 1,
        ));
    }

    /** Of a word with a run of underscores or dots in it, "Name:____", what stands before the run at the frame. */
    private static function upTo(Word $word, Frame $frame): Word
    {
        if (
            $word->frame->x > $frame->x - 2 ||
            $word->frame->right() <= $frame->x + 3 ||
            preg_match('/^(.*?)(?:_{2,}|[.…]{4,})/u', $word->text, $match) !== 1 ||
            $match[1] === ''
        ) {
            return $word;
        }

        return new Word(
            $match[1],
            Frame::of($word->frame->x, $word->frame->y, $frame->x - $word->frame->x, $word->frame->height),
        );
    }

    private static function above(Ground $ground, Frame $frame): string
    {
        $best = null;
        foreach ($ground->marks->lines as $line) {
            $gap = $frame->y - $line->frame->bottom();
            if (
                preg_match('/\p{L}/u', $line->text) === 1 &&
                $gap > -0.6 * $line->frame->height &&
                $gap < self::ABOVE &&
                $line->frame->x < $frame->right() &&
                $line->frame->right() > $frame->x - 40 &&
                ($best === null || $gap < $frame->y - $best->frame->bottom())
            ) {
                $best = $line;
            }
        }

        return $best instanceof TextLine ? $best->text : '';
    }

    /** What stands under the middle of a box, and nearer than anything above it: "the pilot" under a frame to draw in. */
    private static function caption(Ground $ground, Frame $frame): string
    {
        if ($frame->height < self::DRAWN_IN) {
            return '';
        }
        $isCentred = fn (TextLine $line): bool => $line->frame->width <= $frame->width &&
            abs($line->frame->centre()->x - $frame->centre()->x) <= self::CENTRED * $frame->width;
        $caption = null;
        $below = self::BELOW;
        foreach ($ground->marks->lines as $line) {
            $gap = $line->frame->y - $frame->bottom();
            if ($gap > -2 && $gap < $below && $isCentred($line)) {
                [$caption, $below] = [$line, $gap];
            }
        }
        if ($caption === null) {
            return '';
        }
        foreach ($ground->marks->lines as $line) {
            $gap = $frame->y - $line->frame->bottom();
            $isNearer = $gap > -2 && $gap < $below;
            $isOver = $isCentred($line) || abs($line->frame->x - $frame->x) <= self::ASIDE;
            // What is printed larger heads more than this box.
            if ($isNearer && $isOver && $line->frame->height <= self::LARGER * $caption->frame->height) {
                return '';
            }
        }

        return $caption->text;
    }

    /** What stands above; where that asks for nothing, what asks or is numbered at its height and ends farther off. */
    private static function asking(Ground $ground, Frame $frame): string
    {
        $above = self::above($ground, $frame);
        $last = null;
        foreach ($ground->marks->lines as $line) {
            if (
                $line->frame->right() <= $frame->x &&
                $line->frame->middle() > $frame->y &&
                $line->frame->y < $frame->bottom() &&
                preg_match('/\p{L}/u', $line->text) === 1 &&
                ($last === null || $line->frame->right() > $last->frame->right())
            ) {
                $last = $line;
            }
        }

        $beside = $last->text ?? '';
        $isNumbered = isset($last->words[0]) && LineLabels::isNumber($last->words[0]);
        $isAsked = $isNumbered || preg_match(self::ASKS, $beside) === 1;

        return $isAsked && preg_match(self::ASKS, $above) !== 1 ? $beside : $above;
    }

    /** The head of the row, and the head of the column. */
    private static function heads(Ground $ground, Frame $frame): string
    {
        $row = array_map(fn (Word $word): string => $word->text, self::row($ground, $frame));

        return implode(', ', array_filter([implode(' ', $row), self::columnHead($ground, $frame)]));
    }

    /** @return list<Word> what stands before it at its height, from the left */
    private static function row(Ground $ground, Frame $frame): array
    {
        $row = array_values(
            array_filter(
                $ground->words,
                fn (Word $word): bool => $word->frame->middle() > $frame->y &&
                    $word->frame->middle() < $frame->bottom() &&
                    $word->frame->right() <= $frame->x + 2,
            ),
        );
        usort($row, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);

        return $row;
    }

    /** Where the head of a column of places to tick may stand, which are narrower than it. */
    private static function column(Frame $tick): Frame
    {
        return Frame::of($tick->x - self::ASIDE, $tick->y, $tick->width + 2 * self::ASIDE, $tick->height);
    }

    /** Whether a word is of a line that goes on beside a column: such a line is no head of it. */
    private static function goesOnBeside(Ground $ground, Word $word, Frame $column): bool
    {
        foreach ($ground->words as $other) {
            $gap = max($other->frame->x - $word->frame->right(), $word->frame->x - $other->frame->right());
            if (
                ($other->frame->x < $column->x - 4 || $other->frame->right() > $column->right() + 4) &&
                $gap > -1 &&
                $gap < self::BETWEEN_WORDS * $word->frame->height &&
                abs($other->frame->middle() - $word->frame->middle()) < 3
            ) {
                return true;
            }
        }

        return false;
    }

    /** The nearest line of words above that lies within the cell's width. */
    private static function columnHead(Ground $ground, Frame $frame): string
    {
        $nearest = null;
        $isHead = false;
        foreach ($ground->words as $word) {
            $x = $word->frame->x + $word->frame->width / 2;
            $isOver =
                $word->frame->right() > $frame->x + 1 &&
                $word->frame->x < $frame->right() - 1 &&
                $word->frame->bottom() <= $frame->y + max(2.0, self::DESCENDERS * $word->frame->height);
            if ($isOver && ($nearest === null || $word->frame->middle() > $nearest)) {
                $nearest = $word->frame->middle();
                $isHead =
                    $x > $frame->x &&
                    $x < $frame->right() &&
                    $word->frame->right() <= $frame->right() + 4 &&
                    $word->frame->x >= $frame->x - 4 &&
                    ! self::goesOnBeside($ground, $word, $frame);
            }
        }
        if (! $isHead) {
            return '';
        }
        $words = array_values(
            array_filter(
                $ground->words,
                fn (Word $word): bool => abs($word->frame->middle() - $nearest) < 3 &&
                    $word->frame->x >= $frame->x - 4 &&
                    $word->frame->right() <= $frame->right() + 4,
            ),
        );
        usort($words, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);

        return Word::said($words);
    }
}
