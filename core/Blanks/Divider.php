<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Text\Word;

/** Tells rules that part what is above from what is below, or only adorn a page, from those that are written on. */
final class Divider
{
    /** How much of what is printed it spans, at the least. */
    private const SPAN = 0.85;

    private const HEAVY = 1.4;

    /** What is seen of a line in a picture may be thicker than it is. */
    private const HEAVY_SEEN = 2.0;

    /** Nearer to the edges of the page it parts off a head or a foot: shares of its height. */
    private const HEAD = 0.1;

    private const FOOT = 0.92;

    /** How far aside of the middle of the page an ornament may lie, as a share of its width. */
    private const CENTRED = 0.05;

    /** What a line belongs to stands at most so far above it, in points. */
    private const NEAR = 72.0;

    /** Lines to write on are mostly farther apart than a line that ends them is from the last, in points. */
    private const WRITTEN = 20.0;

    /** The second line of an answer is at most so far below the first, and ends with it but for so much, in points. */
    private const GOES_ON = 40.0;

    private const SAME = 4.0;

    /**
     * A rule across all of the text that nothing asks for, or a heavy one: it parts what is above from what is below.
     *
     * @param  list<Rule>  $free
     */
    public static function is(Ground $ground, Rule $rule, array $free): bool
    {
        if ($ground->words === []) {
            return false;
        }
        $extent = Frame::around([
            ...array_map(fn (Word $word): Frame => $word->frame, $ground->words),
            ...$ground->marks->drawings,
        ]);
        if ($rule->length() < self::SPAN * $extent->width) {
            return false;
        }
        $height = $ground->marks->size->height;
        if (
            $rule->weight >= ($ground->marks->seen ? self::HEAVY_SEEN : self::HEAVY) ||
            $rule->at < self::HEAD * $height ||
            $rule->at > self::FOOT * $height
        ) {
            return true;
        }

        // What is asked cannot be read on a scan; but what parts a page stands there once.
        return $ground->marks->readable ? ! self::isAsked($ground, $rule, $free) : self::alike($rule, $free) < 2;
    }

    /**
     * A rule in the middle of the page with nothing above it that it could belong to: it closes a page or a part.
     *
     * @param  list<Rule>  $free
     */
    public static function isOrnament(Ground $ground, Rule $rule, array $free): bool
    {
        $size = $ground->marks->size;
        if (
            abs(($rule->from + $rule->to) / 2 - $size->width / 2) > self::CENTRED * $size->width ||
            $ground->words === []
        ) {
            return false;
        }
        $above = [
            ...array_map(fn (Word $word): Frame => $word->frame, $ground->words),
            ...$ground->marks->drawings,
            ...array_map(fn (Rule $one): Frame => Frame::of($one->from, $one->at, $one->length(), 0), $free),
        ];
        foreach ($above as $frame) {
            if ($frame->middle() < $rule->at - 1 && $rule->at - $frame->bottom() < self::NEAR) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether the words above ask for something and no line ends right above; where more follows right below, they must
     * plainly ask.
     *
     * @param  list<Rule>  $free
     */
    private static function isAsked(Ground $ground, Rule $rule, array $free): bool
    {
        $below = INF;
        foreach ($ground->words as $word) {
            if ($word->frame->y > $rule->at - 2) {
                $below = min($below, $word->frame->y - $rule->at);
            }
        }
        $above = null;
        foreach ($ground->marks->lines as $line) {
            if (
                $line->frame->middle() < $rule->at &&
                $line->frame->x < $rule->to &&
                $line->frame->right() > $rule->from &&
                ($above === null || $line->frame->middle() > $above->frame->middle())
            ) {
                $above = $line;
            }
        }

        if ($above === null || $above->wordCount() < 2) {
            return false;
        }
        foreach ($free as $other) {
            if (
                $other->at > max($above->frame->middle(), $rule->at - self::WRITTEN) &&
                $other->at < $rule->at - 2 &&
                $other->from < $rule->to &&
                $other->to > $rule->from
            ) {
                return false;
            }
        }

        return self::goesOn($rule, $free, $above->frame) ||
            preg_match('/[?؟？]\W*$/u', $above->text) === 1 ||
            RoleSigns::tasks($above->text) > 0 ||
            ($below >= 16 && preg_match('/:\W*$/u', $above->text) === 1);
    }

    /**
     * Whether what is written behind the words above goes on here: their own line ends where this one does.
     *
     * @param  list<Rule>  $free
     */
    private static function goesOn(Rule $rule, array $free, Frame $above): bool
    {
        foreach ($free as $other) {
            $apart = $rule->at - $other->at;
            if (
                $other->at >= $above->middle() &&
                $other->at <= $above->bottom() + self::SAME &&
                $apart >= self::WRITTEN &&
                $apart <= self::GOES_ON &&
                $other->from >= $above->right() - self::SAME &&
                abs($other->to - $rule->to) <= self::SAME
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * How many others are as long and as far from the left.
     *
     * @param  list<Rule>  $free
     */
    private static function alike(Rule $rule, array $free): int
    {
        return count(
            array_filter(
                $free,
                fn (Rule $other): bool => $other !== $rule &&
                    abs($other->from - $rule->from) <= 6 &&
                    abs($other->to - $rule->to) <= 6,
            ),
        );
    }
}
