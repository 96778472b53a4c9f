<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds what is left open at its end: equations with nothing behind their sign, and "Answer:" with nothing behind it. */
final class OpenEndFinder
{
    /** What something becomes, behind an arrow: "RABC →". */
    private const ARROW = '/^[→⟶➔➜➞⇒]$/u';

    /** Where it ends; what it comes to may be money, whose sign is printed. */
    private const SIGN = '/=[£$€¥₹]?$/u';

    /** "Answer:", in the languages of OpenSlate\Packs\OtherLanguages. */
    private const ANSWER = '/(?:^|\s)(?:answer|ans\.?|réponse|respuesta|antwort|risposta|resposta|antwoord|ateb):$/iu';

    private const MONEY = '/^[£$€¥₹]$/u';

    /** What stands before the sign is no more than this away, in heights of it. */
    private const BEFORE = 2.0;

    /** A number is written in so much at the least and gets so much at the most, in points, so far from what it is by. */
    private const NARROWEST = 18.0;

    private const WIDEST = 72.0;

    private const WORD = 140.0;

    private const WORDS = 260.0;

    private const APART = 3.0;

    /** The margin of a page, as a share of its width. */
    private const MARGIN = 0.05;

    /** What goes on below begins with the sign, so many heights further down. */
    private const NEXT_LINE = 2.5;

    /**
     * @param  list<Blank>  $found  what else is to be filled in: where that stands behind the sign, it is for this
     * @return list<Blank>
     */
    public static function find(Ground $ground, array $found): array
    {
        $blanks = [];
        foreach ($ground->marks->lines as $line) {
            foreach ($line->words as $at => $word) {
                $before = $line->words[$at - 1] ?? $word;
                $sign = preg_match(self::MONEY, $word->text) === 1 ? $before : $word;
                $isAnswer = preg_match(self::ANSWER, $word->text === ':' ? "{$before->text}:" : $word->text) === 1;
                $isArrow = preg_match(self::ARROW, $word->text) === 1;
                $isSum = $isArrow || preg_match(self::SIGN, $sign->text) === 1;
                if (! $isAnswer && ! ($isSum && self::isEquation($ground, $sign))) {
                    continue;
                }
                $frame = self::behind($ground, $word, match (true) {
                    $isAnswer => self::WORDS,
                    $isArrow => self::WORD,
                    default => self::WIDEST,
                });
                if ($frame !== null && ! self::isGiven($frame, $found) && ! self::goesOn($ground, $sign)) {
                    $blanks[] = new Blank(BlankKind::Gap, $frame, 0.7);
                }
            }
        }

        return $blanks;
    }

    /** Whether a blank is what is left open at such an end, by what is asked at it. */
    public static function isOf(Blank $blank): bool
    {
        return $blank->kind === BlankKind::Gap &&
            (preg_match(self::SIGN, $blank->label) === 1 || preg_match(self::ANSWER, $blank->label) === 1);
    }

    /** Whether something stands before the sign, in one word with it or in the one before. */
    private static function isEquation(Ground $ground, Word $sign): bool
    {
        if (preg_match('/[\p{L}\p{N})\]²³%°]\s*=/u', $sign->text) === 1) {
            return true;
        }
        foreach ($ground->printed as $word) {
            $gap = $sign->frame->x - $word->frame->right();
            if (
                $word !== $sign &&
                $gap > -self::APART &&
                $gap <= self::BEFORE * $sign->frame->height &&
                self::areBeside($word->frame, $sign->frame)
            ) {
                return true;
            }
        }

        return false;
    }

    /** The room behind a word, up to the next thing on its row; null where that is too near. */
    private static function behind(Ground $ground, Word $word, float $widest): ?Frame
    {
        $from = $word->frame->right() + self::APART;
        $to = min($from + $widest, (1 - self::MARGIN) * $ground->marks->size->width);
        $things = [
            ...array_map(
                fn (Word $other): Frame => $other->frame,
                array_filter($ground->printed, fn (Word $other): bool => $other !== $word),
            ),
            ...$ground->marks->drawings,
            ...$ground->marks->rings,
            ...array_map(
                fn (Rule $rule): Frame => Frame::of($rule->at, $rule->from, 0.1, $rule->length()),
                array_filter($ground->marks->rules, fn (Rule $rule): bool => ! $rule->level),
            ),
        ];
        foreach ($things as $thing) {
            if ($thing->right() > $from && self::areBeside($thing, $word->frame)) {
                $to = min($to, $thing->x - self::APART);
            }
        }

        return $to - $from < self::NARROWEST
            ? null
            : Frame::of($from, $word->frame->y, $to - $from, $word->frame->height);
    }

    /** @param  list<Blank>  $found */
    private static function isGiven(Frame $frame, array $found): bool
    {
        foreach ($found as $blank) {
            if ($blank->frame->meets($frame)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the line below begins with the sign: it is worked out there. */
    private static function goesOn(Ground $ground, Word $sign): bool
    {
        foreach ($ground->marks->lines as $line) {
            $down = $line->frame->y - $sign->frame->y;
            if (
                $down > 0 &&
                $down < self::NEXT_LINE * $sign->frame->height &&
                $line->frame->x <= $sign->frame->right() &&
                $line->frame->right() > $sign->frame->x - self::BEFORE * $sign->frame->height &&
                preg_match('/^\W*?=/u', $line->text) === 1
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether two share some of their height. */
    private static function areBeside(Frame $a, Frame $b): bool
    {
        return min($a->bottom(), $b->bottom()) - max($a->y, $b->y) > 0.15 * min($a->height, $b->height);
    }
}
