<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds what is to be ticked: small squares and rings with a choice beside them, or in a row and under a head. */
final class TickFinder
{
    private const LARGEST = 24.0;

    private const SMALLEST = 4.2;

    private const OVAL = 2.4;

    /** Where letters cannot be told from squares, the squares must be larger. */
    private const SMALLEST_SEEN = 8.8;

    /** How much the sizes of those in one row or column differ, and how far aside they lie, in points. */
    private const ALIKE = 0.15;

    private const IN_LINE = 3.0;

    /** Words begin so far from it, in points: closer, it is a letter of theirs. */
    private const APART = 1.2;

    /** Where the middle of such a letter lies in its frame, as a share of its height. */
    private const MIDDLE = 0.45;

    /** How far from it the sign of a sum stands, in points. */
    private const SIGN = 12.0;

    private const NUMBER = '/^[−–-]?[£$€]?\d[\d.,\/½¼¾⅓⅔]*\s?(?:%|p|c?m|k?g|ml|l)?$/u';

    /** Words before it that are so much nearer than those after it are its own. */
    private const NEARER = 0.6;

    /** How far aside from a head of a column a place to tick may stand, in points. */
    private const UNDER = 6.0;

    /**
     * Ballot boxes, squares and circles that are not filled, and enclosing marks round nothing; last those that fonts
     * of signs have in the private area, as word processors write them (from memory).
     */
    private const CHOICES = '/^\x{00A0}?[☐□▢❏❑❐❒◻◽▫⬜◯○⚪◌❍⭕⃝⃞🞎🞏🞅🞆🔲🔳🗆\x{F06D}\x{F06F}\x{F071}\x{F0A1}\x{F0A8}]$/u';

    /** @return list<Blank> those that are drawn round, and letters of a font */
    public static function find(Ground $ground): array
    {
        $blanks = [];
        foreach ($ground->marks->rings as $ring) {
            if ($ground->printedIn($ring) !== []) {
                continue;
            }
            if (self::isTick($ring, self::SMALLEST) && self::isBetweenNumbers($ground, $ring)) {
                $blanks[] = new Blank(BlankKind::Box, $ring, 0.8);

                continue;
            }
            $isOval = self::isOval($ring) && self::isAmongOthers($ground, $ring);
            $blank = self::of($ground, $ring, self::SMALLEST, $isOval);
            $blank === null || ($blanks[] = $blank);
        }

        return [...$blanks, ...self::typed($ground)];
    }

    /** What a small square is, where it is one to tick. */
    public static function square(Ground $ground, Frame $frame): ?Blank
    {
        return self::of($ground, $frame, $ground->marks->seen ? self::SMALLEST_SEEN : self::SMALLEST);
    }

    private static function of(Ground $ground, Frame $frame, float $least, bool $isOval = false): ?Blank
    {
        $isTick = ($isOval || self::isTick($frame, $least)) && ! self::isInSum($ground, $frame);
        $choice = $isTick ? self::choice($ground, $frame) : null;

        return $choice === null ? null : new Blank(BlankKind::Tick, $frame, 0.9, label: $choice);
    }

    /** What a letter that is a square shows: its frame is as high as any letter's, with room for descenders. */
    private static function squared(Frame $letter): Frame
    {
        $side = min($letter->width, $letter->height);
        $top = $letter->y + self::MIDDLE * $letter->height - $side / 2;

        return Frame::of($letter->x + ($letter->width - $side) / 2, $top, $side, $side);
    }

    /** A sign is to be written between two numbers that stand by themselves: "4 ○ 7". */
    private static function isBetweenNumbers(Ground $ground, Frame $frame): bool
    {
        $isRow = fn (Frame $other): bool => $other !== $frame &&
            abs($other->middle() - $frame->middle()) < max(6.0, 0.6 * $frame->height);
        $row = array_filter($ground->printed, fn (Word $word): bool => $isRow($word->frame));
        $beside = [];
        foreach ([-1, 1] as $way) {
            $near = array_filter($row, function (Word $word) use ($frame, $way): bool {
                $gap = $way > 0 ? $word->frame->x - $frame->right() : $frame->x - $word->frame->right();

                return $gap > -1 && $gap < self::SIGN;
            });
            $word = reset($near);
            if ($word === false || preg_match(self::NUMBER, $word->text) !== 1) {
                return false;
            }
            $beside[] = $word->frame;
        }
        // A scale has a ring at each of its numbers.
        foreach ([...$ground->marks->rings, ...self::signs($ground)] as $ring) {
            $apart = min(abs($ring->x - $beside[1]->right()), abs($beside[0]->x - $ring->right()));
            if ($isRow($ring) && $apart < self::SIGN) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Frame> the letters of a font that are squares or rings */
    private static function signs(Ground $ground): array
    {
        $words = array_merge([], ...array_column($ground->marks->lines, 'words'));

        return array_values(
            array_map(
                fn (Word $word): Frame => $word->frame,
                array_filter($words, fn (Word $word): bool => preg_match(self::CHOICES, $word->text) === 1),
            ),
        );
    }

    /** A number, or a sign, is to be written in what stands beside the sign of a sum, or between two numbers. */
    private static function isInSum(Ground $ground, Frame $frame): bool
    {
        if (self::isBetweenNumbers($ground, $frame)) {
            return true;
        }
        foreach ($ground->printed as $word) {
            if (abs($word->frame->middle() - $frame->middle()) >= max(6.0, 0.6 * $frame->height)) {
                continue;
            }
            [$before, $after] = [$frame->x - $word->frame->right(), $word->frame->x - $frame->right()];
            if (
                ($before > -1 && $before < self::SIGN && preg_match('/[=<>≤≥≠≈+×÷−]$/u', $word->text) === 1) ||
                ($after > -1 && $after < self::SIGN && preg_match('/^[=<>≤≥≠≈+×÷−]/u', $word->text) === 1)
            ) {
                return true;
            }
        }

        return false;
    }

    /** Those of answer sheets that are read by machines: wider than they are high. */
    private static function isOval(Frame $frame): bool
    {
        return $frame->width <= self::LARGEST &&
            $frame->height >= self::SMALLEST &&
            $frame->width / $frame->height <= self::OVAL;
    }

    private static function isTick(Frame $frame, float $least): bool
    {
        return max($frame->width, $frame->height) <= self::LARGEST &&
            min($frame->width, $frame->height) >= $least &&
            $frame->width / $frame->height > 0.7 &&
            $frame->width / $frame->height < 1.43;
    }

    /**
     * The words beside a square or a ring: to the right, or to the left where those are plainly nearer; none, where it
     * stands in the row of some words and under others, which are its heads. Null where it stands by itself.
     */
    private static function choice(Ground $ground, Frame $frame): ?string
    {
        [$after, $apart] = self::wordsBeside($ground, $frame, 1);
        [$before, $nearer] = self::wordsBeside($ground, $frame, -1);
        if ($after !== '') {
            return $before !== '' && $nearer < self::NEARER * $apart ? $before : $after;
        }
        // In a picture a round letter looks like a ring; but it does not stand in a row or a column of others.
        if ($ground->marks->seen && ! self::isAmongOthers($ground, $frame)) {
            return null;
        }
        if ($before !== '') {
            return $before;
        }
        $isRow = fn (Word $word): bool => $word->frame->middle() > $frame->y - 2 &&
            $word->frame->middle() < $frame->bottom() + 2;
        $isColumn = fn (Word $word): bool => $word->frame->bottom() <= $frame->y + 2 &&
            $word->frame->x < $frame->right() + self::UNDER &&
            $word->frame->right() > $frame->x - self::UNDER;

        return array_filter($ground->words, $isRow) !== [] && array_filter($ground->words, $isColumn) !== []
            ? ''
            : null;
    }

    private static function isAmongOthers(Ground $ground, Frame $frame): bool
    {
        foreach ($ground->marks->rings as $ring) {
            [$across, $down] = [abs($ring->x - $frame->x), abs($ring->middle() - $frame->middle())];
            if (
                abs($ring->width - $frame->width) <= self::ALIKE * $frame->width &&
                min($across, $down) <= self::IN_LINE &&
                ($ground->marks->seen
                    ? max($across, $down) >= 2 * $frame->width
                    : max($across / $frame->width, $down / $frame->height) > 1)
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  int  $way  1 to the right, -1 to the left
     * @return array{string, float} the words, and how far from it they begin, in points
     */
    private static function wordsBeside(Ground $ground, Frame $frame, int $way): array
    {
        $near = fn (Frame $other): float => $way > 0 ? $other->x : -$other->right();
        $far = fn (Frame $other): float => $way > 0 ? $other->right() : -$other->x;
        $beside = [];
        $end = $far($frame);
        $apart = INF;
        $words = array_filter(
            $ground->words,
            fn (Word $word): bool => $near($word->frame) >= $far($frame) + ($ground->marks->seen ? self::APART : -1) &&
                abs($word->frame->middle() - $frame->middle()) < max(6.0, 0.6 * $frame->height),
        );
        usort($words, fn (Word $a, Word $b): int => $near($a->frame) <=> $near($b->frame));
        foreach ($words as $word) {
            if ($near($word->frame) - $end > ($beside === [] ? 18 : 9)) {
                break;
            }
            $apart = $beside === [] ? $near($word->frame) - $end : $apart;
            $beside[] = $word->text;
            $end = $far($word->frame);
        }

        return [
            implode(' ', $way > 0 || $ground->isRightToLeft() ? $beside : array_reverse($beside)),
            max(0.0, $apart),
        ];
    }

    /**
     * Squares and rings that are letters of a font, and "[ ]".
     *
     * @return list<Blank>
     */
    private static function typed(Ground $ground): array
    {
        $blanks = [];
        foreach ($ground->marks->lines as $line) {
            foreach ($line->words as $index => $word) {
                $frame = null;
                if (preg_match(self::CHOICES, $word->text) === 1) {
                    $frame = self::squared($word->frame);
                } elseif (
                    preg_match('/^[\[(]$/', $word->text) === 1 &&
                    in_array($line->words[$index + 1]->text ?? '', [']', ')'], true)
                ) {
                    $frame = Frame::around([$word->frame, $line->words[$index + 1]->frame]);
                }
                if ($frame !== null && self::isInSum($ground, $frame)) {
                    $blanks[] = new Blank(BlankKind::Box, $frame, 0.8);

                    continue;
                }
                $choice = $frame === null ? null : self::choice($ground, $frame);
                if ($frame !== null && $choice !== null) {
                    $blanks[] = new Blank(BlankKind::Tick, $frame, 0.85, label: $choice);
                }
            }
        }

        return $blanks;
    }
}
