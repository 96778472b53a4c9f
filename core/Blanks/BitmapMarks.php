<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Scan\GreyPicture;
use OpenSlate\Scan\Skew;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** What can be seen on a page that is nothing but a picture, set upright where the page lies a little askew. */
final class BitmapMarks
{
    /** Stands for a word that can be seen but not read. */
    public const UNREAD = 'x';

    /** Seen where a line of words is known, this much of it, it is one of those words. */
    private const KNOWN = 0.4;

    /** Where no line is long, so many that are so long, in points, and slope alike say how a page lies. */
    private const SEVERAL = 4;

    private const SAYING = 30.0;

    private const ALIKE = 0.02;

    /** So many degrees a page lies askew at the most: what is more is no page, but something drawn on one. */
    private const MOST_ASKEW = 5.0;

    /** So high print is at the least, in points. */
    private const PRINT = 6.0;

    /** How far it may seem to go beyond the end of a line, in points. */
    private const OVER = 2.5;

    /** Shorter lines are strokes of letters, unless they enclose something, in points. */
    private const STROKE = 20.0;

    private const SLACK = 3.5;

    /** Steeper than the page by this, and so long, in points, a line is not level. */
    private const ASLANT = 0.035;

    private const ASLANT_FROM = 28.0;

    /**
     * One with so much room above and below is none, and so many pixels beside it; from so much on, and while it is so
     * thin, in points. So many pixels are dust.
     */
    private const CLEAR = 2.4;

    private const BESIDE = 1;

    private const SHORTEST = 9.0;

    private const THIN = 2.2;

    private const DUST = 2;

    /** How much of a faint line may be lost, and how far its pieces may seem to lie apart across it, in points. */
    private const LOST = 16.0;

    private const LEAST_LOST = 6.0;

    /** Thinner than this a line is faint, in points: what a scanner sees of a plain one is thicker. */
    private const FAINT = 0.9;

    private const ASIDE = 1.2;

    /**
     * @param  list<Blank>  $fields
     * @param  list<TextLine>  $lines  what is known to be said on it: somebody has read the picture already
     */
    public static function of(Bitmap $bitmap, Size $size, array $fields, array $lines = []): Marks
    {
        [$bitmap, $shades] = BitmapSolids::hollowed($bitmap);
        $squares = BitmapSquares::find($bitmap);
        [$rings, $written] = BitmapRings::find($bitmap);
        $rings = array_filter(
            $rings,
            fn (Frame $ring): bool => array_filter($squares, $ring->meets(...)) === [],
        );
        $isPaper = fn (Frame $tick): bool => array_filter(
            $shades,
            fn (Shade $shade): bool => Ground::has($shade->frame, $tick),
        ) === [];
        $ticks = array_values(array_filter([...$squares, ...array_values($rings)], $isPaper));
        $seen = array_values(
            array_filter(
                array_map(
                    fn (SeenRule $seen): SeenRule => WordFeet::cut($bitmap, $seen),
                    BitmapGuides::with($bitmap, BitmapFaint::with($bitmap, BitmapRules::find($bitmap))),
                ),
                fn (SeenRule $seen): bool => ! self::isSideOf($seen->rule, $ticks),
            ),
        );
        $tilt = self::tilt($bitmap, $seen);
        // What goes off at an angle is a pointer, or a line of something drawn; what bends away is part of a round.
        $seen = array_values(
            array_filter(
                $seen,
                fn (SeenRule $rule): bool => (! $rule->rule->level ||
                    $rule->rule->length() < self::ASLANT_FROM ||
                    abs($rule->slope - tan($tilt)) <= self::ASLANT) &&
                    ! BitmapArcs::isOne($bitmap, $rule),
            ),
        );
        $middle = [($bitmap->width * $bitmap->scale) / 2, ($bitmap->height() * $bitmap->scale) / 2];
        $kept = self::withoutStrokes(
            array_map(fn (SeenRule $rule): Rule => $rule->upright($tilt, ...$middle), $seen),
            array_map(fn (SeenRule $rule): bool => self::isAlone($bitmap, $rule->rule), $seen),
        );
        $gone = array_values(array_intersect_key($seen, $kept));
        [$words, $drawings, $specks] = BitmapInk::find($bitmap, $gone, $ticks);
        $set = fn (Frame $frame): Frame => Tilt::turned($frame, -$tilt, $middle);

        $words = array_map($set, $words);
        [$rules, $corners] = RoundCorners::squared(
            self::mended(array_values($kept), [...$words, ...array_map($set, $specks)]),
            fn (float $x, float $y): bool => $bitmap->isInked(...Tilt::point($x, $y, $tilt, $middle)),
        );
        $words = self::parted($words, $rules);
        $lines = Tilt::upright($lines, $tilt, $middle);
        // What is left of a round corner is no word.
        $words = array_filter(
            $words,
            fn (Frame $word): bool => array_filter(
                $corners,
                fn (Frame $corner): bool => $corner->contains($word),
            ) === [],
        );

        return new Marks(
            size: $size,
            rules: $rules,
            shades: self::shades($shades, BitmapTints::find($bitmap, $tilt, $middle), $set),
            rings: array_map($set, [...$ticks, ...$written]),
            drawings: array_map($set, $drawings),
            lines: [...$lines, ...self::unread($words, $lines)],
            fields: $fields,
            readable: $lines !== [],
            seen: true,
            tilt: $tilt,
            outlines: array_map($set, BitmapOutlines::find($bitmap)),
        );
    }

    /**
     * @param  list<Shade>  $solids  as they lie
     * @param  list<Shade>  $tints  upright
     * @param  callable(Frame): Frame  $set
     * @return list<Shade> what is filled with ink, and what is tinted and not filled
     */
    private static function shades(array $solids, array $tints, callable $set): array
    {
        $solids = array_map(fn (Shade $solid): Shade => new Shade($set($solid->frame), $solid->lightness), $solids);
        $isTint = fn (Shade $tint): bool => array_filter(
            $solids,
            fn (Shade $solid): bool => $solid->frame->meets($tint->frame),
        ) === [];

        return [...$solids, ...array_values(array_filter($tints, $isTint))];
    }

    /**
     * How it lies askew, by its lines: the long ones, or several short ones that say the same; or else by its rows of
     * print.
     *
     * @param  array<SeenRule>  $seen
     * @return float clockwise in radians
     */
    private static function tilt(Bitmap $bitmap, array $seen): float
    {
        $long = $short = [];
        foreach ($seen as $rule) {
            if ($rule->rule->level && $rule->rule->length() >= self::SAYING) {
                $rule->rule->length() >= Tilt::TELLING
                    ? ($long[] = [$rule->rule->length(), $rule->slope])
                    : ($short[] = $rule->slope);
            }
        }
        if ($long !== []) {
            return Tilt::of($long);
        }
        if (count($short) >= self::SEVERAL && max($short) - min($short) <= self::ALIKE) {
            return atan(array_sum($short) / count($short));
        }
        $grey = new GreyPicture(
            strtr(implode('', $bitmap->rows), ['0' => "\xFF", '1' => "\0"]),
            $bitmap->width,
            $bitmap->height(),
        );
        $degrees = Skew::of($grey);

        return abs($degrees) <= self::MOST_ASKEW ? deg2rad($degrees) : 0.0;
    }

    /**
     * What a line goes through from side to side is print above it and print below, as in the rows of a narrow table.
     *
     * @param  list<Frame>  $words
     * @param  list<Rule>  $rules
     * @return list<Frame>
     */
    private static function parted(array $words, array $rules): array
    {
        foreach ([true, false] as $level) {
            $parted = [];
            foreach ($words as $word) {
                array_push($parted, ...self::pieces($word, $rules, $level));
            }
            $words = $parted;
        }

        return $words;
    }

    /**
     * @param  list<Rule>  $rules
     * @param  bool  $level  which of them cut it
     * @return list<Frame>
     */
    private static function pieces(Frame $word, array $rules, bool $level): array
    {
        [$from, $to] = $level ? [$word->x, $word->right()] : [$word->y, $word->bottom()];
        [$begin, $end] = $level ? [$word->y, $word->bottom()] : [$word->x, $word->right()];
        $cuts = [];
        foreach ($rules as $rule) {
            if (
                $rule->level === $level &&
                $rule->from <= $from + self::OVER &&
                $rule->to >= $to - self::OVER &&
                $rule->at >= $begin + self::PRINT &&
                $rule->at <= $end - self::PRINT
            ) {
                $cuts[] = $rule->at;
            }
        }
        if ($cuts === []) {
            return [$word];
        }
        sort($cuts);
        $pieces = [];
        foreach ([...$cuts, $end] as $cut) {
            if ($cut - $begin >= self::PRINT) {
                $pieces[] = $level
                    ? Frame::of($word->x, $begin, $word->width, $cut - $begin)
                    : Frame::of($begin, $word->y, $cut - $begin, $word->height);
            }
            $begin = $cut;
        }

        return $pieces;
    }

    /**
     * Words that can be seen and stand where none are known to be.
     *
     * @param  array<Frame>  $words
     * @param  list<TextLine>  $lines
     * @return list<TextLine>
     */
    private static function unread(array $words, array $lines): array
    {
        $isKnown = function (Frame $word) use ($lines): bool {
            foreach ($lines as $line) {
                if (Ground::shared($word, $line->frame) > self::KNOWN * $word->width * $word->height) {
                    return true;
                }
            }

            return false;
        };

        return array_values(
            array_map(
                fn (Frame $frame): TextLine => new TextLine(self::UNREAD, $frame, [new Word(self::UNREAD, $frame)]),
                array_filter($words, fn (Frame $word): bool => ! $isKnown($word)),
            ),
        );
    }

    /** @param  list<Frame>  $ticks */
    private static function isSideOf(Rule $rule, array $ticks): bool
    {
        [$along, $across] = [Frame::of($rule->from, $rule->at, max(0.1, $rule->length()), 0.1), self::SLACK];
        $rule->level || ($along = Frame::of($rule->at, $rule->from, 0.1, max(0.1, $rule->length())));
        foreach ($ticks as $tick) {
            $round = Frame::of(
                $tick->x - $across,
                $tick->y - $across,
                $tick->width + 2 * $across,
                $tick->height + 2 * $across,
            );
            if ($round->contains($along)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Faint lines are seen in pieces: pieces on one line with nothing between them are one.
     *
     * @param  list<Rule>  $rules
     * @param  list<Frame>  $words
     * @return list<Rule>
     */
    private static function mended(array $rules, array $words): array
    {
        usort($rules, fn (Rule $a, Rule $b): int => $a->from <=> $b->from);
        $mended = [];
        foreach ($rules as $rule) {
            foreach ($mended as $index => $other) {
                if (self::isEdgeOf($rule, $other)) {
                    continue 2;
                }
                $gap = $rule->from - $other->to;
                if (
                    $other->level &&
                    $rule->level &&
                    abs($rule->at - $other->at) <= self::ASIDE &&
                    abs($gap) <= (self::isFaint($rule) || self::isFaint($other) ? self::LOST : self::LEAST_LOST) &&
                    max($rule->length(), $other->length()) >= self::STROKE &&
                    ! self::anyBetween($words, $other, $rule) &&
                    ! self::isCorner($rules, $other)
                ) {
                    $mended[$index] = new Rule(
                        true,
                        $other->at,
                        $other->from,
                        max($other->to, $rule->to),
                        max($other->weight, $rule->weight),
                        $other->dashed,
                    );

                    continue 2;
                }
            }
            $mended[] = $rule;
        }

        return array_values($mended);
    }

    private static function isFaint(Rule $rule): bool
    {
        return $rule->dashed || $rule->weight < self::FAINT;
    }

    /**
     * Whether a line ends at an upright one: at the side of a box, beside which another box begins.
     *
     * @param  list<Rule>  $rules
     */
    private static function isCorner(array $rules, Rule $rule): bool
    {
        foreach ($rules as $other) {
            if (
                ! $other->level &&
                abs($other->at - $rule->to) <= self::SLACK &&
                $other->reaches($rule->at, self::SLACK) &&
                min(abs($other->from - $rule->at), abs($other->to - $rule->at)) <= self::SLACK
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether a line is but the edge of a thicker one, seen by itself. */
    private static function isEdgeOf(Rule $rule, Rule $other): bool
    {
        return $rule->level === $other->level &&
            $rule->from >= $other->from - 1 &&
            $rule->to <= $other->to + 1 &&
            abs($rule->at - $other->at) <= self::ASIDE + $other->weight / 2;
    }

    /** @param  list<Frame>  $words */
    private static function anyBetween(array $words, Rule $left, Rule $right): bool
    {
        foreach ($words as $word) {
            if (
                $word->x < $right->from + 2 &&
                $word->right() > $left->to - 2 &&
                $word->y < $left->at + 2 &&
                $word->bottom() > $left->at - 9
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Rule>  $rules
     * @param  list<bool>  $alone  whether nothing else is near each
     * @return array<int, Rule> by their places in the list
     */
    private static function withoutStrokes(array $rules, array $alone): array
    {
        $meets = fn (Rule $rule, float $end): bool => self::anyMeets($rules, $rule, $end);

        return array_filter(
            $rules,
            fn (Rule $rule, int $at): bool => $rule->length() >= self::STROKE ||
                ($rule->level && $rule->length() >= self::SHORTEST && $alone[$at]) ||
                ($meets($rule, $rule->from) && $meets($rule, $rule->to)),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** Whether a short level line has nothing above, below and beside it that it could be a stroke of. */
    private static function isAlone(Bitmap $bitmap, Rule $rule): bool
    {
        if (! $rule->level || $rule->length() >= self::STROKE || $rule->weight > self::THIN) {
            return false;
        }
        $clear = self::CLEAR / $bitmap->scale;
        $from = max(0, (int) floor($rule->from / $bitmap->scale) - self::BESIDE);
        $length = (int) ceil($rule->length() / $bitmap->scale) + 2 * self::BESIDE;
        $half = $rule->weight / 2 / $bitmap->scale;
        $at = $rule->at / $bitmap->scale;
        $ink = 0;
        for ($y = (int) floor($at - $half - $clear); $y <= $at + $half + $clear; $y++) {
            if (abs($y + 0.5 - $at) > $half + 1) {
                $ink += substr_count(substr($bitmap->rows[$y] ?? '', $from + 2, $length - 4), '1');
            } else {
                $ink += substr_count(substr($bitmap->rows[$y] ?? '', $from, 1), '1');
                $ink += substr_count(substr($bitmap->rows[$y] ?? '', $from + $length - 1, 1), '1');
            }
        }

        return $ink <= self::DUST;
    }

    /** @param  list<Rule>  $rules */
    private static function anyMeets(array $rules, Rule $rule, float $end): bool
    {
        foreach ($rules as $other) {
            if (
                $other->level !== $rule->level &&
                abs($other->at - $end) <= self::SLACK &&
                $other->reaches($rule->at, self::SLACK) &&
                (abs($other->from - $rule->at) <= self::SLACK ||
                    abs($other->to - $rule->at) <= self::SLACK ||
                    $other->length() >= self::STROKE)
            ) {
                return true;
            }
        }

        return false;
    }
}
