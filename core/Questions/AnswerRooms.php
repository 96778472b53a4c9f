<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Ground;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\OtherLanguages;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * Finds where a question leaves room for its answer and has nothing drawn to write on. That it is meant to be written
 * there is likely and no more: such a room is proposed apart from what is surely a blank.
 */
final class AnswerRooms
{
    /** Lower than this, in points, it is what parts two questions; and nobody needs more than so much. */
    private const LOWEST = 40.0;

    private const HIGHEST = 260.0;

    private const NARROWEST = 120.0;

    /** What stands round it keeps so far from it, in points. */
    private const APART = 5.0;

    /** The margins of a page, as shares of it. */
    private const MARGIN = 0.06;

    private const LONGEST = 120;

    /** Without numbers one room alone is but the rest of a page. */
    private const FEWEST_UNNUMBERED = 2;

    /** A line so much higher than most is a title, whatever it asks. */
    private const LARGER = 1.25;

    private const CONFIDENCE = 0.4;

    /** So many of the questions without a blank must have room, as a share. */
    private const MOST = 0.5;

    /** What is done on the print itself leaves nothing to be written. */
    private const ON_PRINT =
        '/^\W*(?:\S{1,4}[.):]\s+)?(?:circle|ring|underline|tick|cross|match|join|colou?r|shade|read|'.
        'listen|look|cut|glue|stick|trace|'.
        OtherLanguages::ON_PRINT.
        ')\b/iu';

    /**
     * @param  list<Blank>  $blanks  of the page
     * @param  list<Question>  $questions  of the page
     * @return list<Blank> the blanks and, behind them, the rooms
     */
    public static function with(Marks $marks, array $blanks, array $questions): array
    {
        if (! $marks->readable) {
            return $blanks;
        }
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $isNumbered = $questions !== [];
        $questions = $questions ?: self::unnumbered($marks, $middle);
        $upright = fn (Frame $frame): Frame => Tilt::turned($frame, -$marks->tilt, $middle);
        $frames = array_map(fn (Question $one): Frame => $upright($one->frame), $questions);
        $ground = new Ground($marks);
        $taken = [
            ...array_map(fn (Word $word): Frame => $word->frame, $ground->printed),
            ...array_map(fn (Blank $blank): Frame => $upright($blank->frame), $blanks),
            ...$marks->drawings,
            ...$marks->rings,
            ...array_map(fn (Shade $shade): Frame => $shade->frame, $marks->shades),
            ...array_map(self::lying(...), $marks->rules),
        ];
        $rooms = [];
        $open = 0;
        foreach ($questions as $at => $question) {
            $said = self::said($ground, $frames[$at]);
            $isOpen = self::isOpen($question, $questions) && ! self::isChosen($question->frame, $blanks);
            if (! $isOpen || ($isNumbered && ! self::asks($said))) {
                continue;
            }
            $open++;
            $room = self::below($frames[$at], [...$taken, ...$frames], $marks);
            if ($room !== null) {
                $rooms[] = new Blank(
                    BlankKind::Box,
                    Tilt::turned($room, $marks->tilt, $middle),
                    self::CONFIDENCE,
                    label: mb_strimwidth($said, 0, self::LONGEST, '…'),
                );
            }
        }

        // Where most have none they are answered elsewhere: below the last there is but the rest of the page.
        $fewest = $isNumbered ? 1 : self::FEWEST_UNNUMBERED;

        return count($rooms) < max($fewest, self::MOST * $open) ? $blanks : [...$blanks, ...$rooms];
    }

    /**
     * Where a page numbers none of its questions: its lines that ask for something, or lead to it with a colon.
     *
     * @param  array{float, float}  $middle  of the page
     * @return list<Question>
     */
    private static function unnumbered(Marks $marks, array $middle): array
    {
        $heights = array_map(fn (TextLine $line): float => $line->frame->height, $marks->lines);
        sort($heights);
        $usual = $heights[intdiv(count($heights), 2)] ?? 0.0;
        $asking = array_filter(
            $marks->lines,
            fn (TextLine $line): bool => $line->frame->height <= self::LARGER * $usual &&
                $line->wordCount() > 1 &&
                (self::asks($line->text) || preg_match('/:\s*$/u', $line->text) === 1),
        );

        return array_map(
            fn (TextLine $line): Question => new Question('', Tilt::turned($line->frame, $marks->tilt, $middle), []),
            array_values($asking),
        );
    }

    /**
     * Whether nothing in it, nor in its parts, is to be filled in.
     *
     * @param  list<Question>  $questions
     */
    private static function isOpen(Question $question, array $questions): bool
    {
        foreach ($questions as $other) {
            if (
                $other !== $question &&
                ($other->of === $question->number || ($other->number === $question->number && $other->goesOn))
            ) {
                return false;
            }
        }

        return $question->blanks === [];
    }

    /**
     * Printed choices belong to no list of a question, and answer it.
     *
     * @param  list<Blank>  $blanks
     */
    private static function isChosen(Frame $question, array $blanks): bool
    {
        foreach ($blanks as $blank) {
            if ($blank->kind === BlankKind::Choice && Ground::has($question, $blank->frame)) {
                return true;
            }
        }

        return false;
    }

    private static function asks(string $said): bool
    {
        return preg_match('/[?؟？]/u', $said) === 1 ||
            (RoleSigns::tasks($said) > 0 && preg_match(self::ON_PRINT, $said) !== 1);
    }

    private static function said(Ground $ground, Frame $frame): string
    {
        return Word::said($ground->printedIn($frame));
    }

    private static function lying(Rule $rule): Frame
    {
        return $rule->level
            ? Frame::of($rule->from, $rule->at, $rule->length(), 0.1)
            : Frame::of($rule->at, $rule->from, 0.1, $rule->length());
    }

    /**
     * The room under a question, as wide as nothing stands beside it, down to what comes next.
     *
     * @param  list<Frame>  $taken
     */
    private static function below(Frame $question, array $taken, Marks $marks): ?Frame
    {
        $top = $question->bottom();
        $left = $question->x;
        $right = (1 - self::MARGIN) * $marks->size->width;
        $bottom = (1 - self::MARGIN) * $marks->size->height;
        foreach ($taken as $frame) {
            $isBeside = $frame->bottom() > $top + 1 && $frame->y < $top + self::LOWEST;
            if ($isBeside && $frame->x >= $left + self::NARROWEST) {
                $right = min($right, $frame->x - self::APART);
            }
        }
        foreach ($taken as $frame) {
            if ($frame->bottom() > $top + 1 && $frame->x < $right && $frame->right() > $left) {
                $bottom = min($bottom, $frame->y);
            }
        }
        $height = min(self::HIGHEST, $bottom - $top - 2 * self::APART);

        return $height < self::LOWEST || $right - $left < self::NARROWEST
            ? null
            : Frame::of($left, $top + self::APART, $right - $left, $height);
    }
}
