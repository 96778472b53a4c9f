<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Word;

/** Finds the rules that are there to be written on: alone, or in stacks of equal pitch. */
final class LineFinder
{
    private const SHORTEST = 24.0;

    /** With words, signs or brackets close beside, a shorter one is meant as well. */
    private const SHORTEST_IN_A_LINE = 9.5;

    private const IN_A_LINE = 10.0;

    /** Rules closer than this, one below the other, are a staff or a double rule; nothing is written between them. */
    private const TOO_CLOSE = 9.0;

    /** What is drawn may touch a line so far from one of its ends, where a pointer begins. */
    private const POINTER = 8.0;

    private const POINTED = 36.0;

    /** How far the edge of an outline may be from the room in it, in points. */
    private const EDGE = 12.0;

    /** How near the bar of a root begins to its sign, in points. */
    private const ROOT = 2.5;

    /** How high what is written on a single line may be. */
    private const TALLEST = 18.0;

    /** Room that writing needs: beside a prompt, and where nothing stands beside the line. */
    private const ROOM_BESIDE = 8.0;

    private const ROOM_ALONE = 13.5;

    private const CLOSEST = 10.0;

    private const WIDEST = 66.0;

    /** How far the ends of lines in a stack may lie apart, in points; in a picture, as a share of a line. */
    private const ENDS = 4.0;

    private const LOST = 0.04;

    /** How wide the marks of a question may be that stand at the end of its last line, in points. */
    private const MARKS = 60.0;

    /** In a picture their words are not known, and they must be shorter. */
    private const SHORT_MARKS = 24.0;

    /** How much pitches in a stack may differ. */
    private const PITCH = 0.1;

    /** A rule with words above this share of it underlines them. */
    private const UNDERLINED = 0.3;

    /**
     * @param  list<Rule>  $rules  all of the page, in the order in which the lattice knows them
     * @param  list<Rule>  $typed  made of underscores
     * @return list<Blank>
     */
    public static function find(Ground $ground, array $rules, Lattice $lattice, array $typed): array
    {
        $level = array_filter(array_diff_key($rules, $lattice->joined), fn (Rule $rule): bool => $rule->level);
        [$guides, $others] = HandwritingGuides::find($ground, array_values($level));
        [$cells, $others] = RuledTable::find($ground, $others);
        $blanks = [...$guides, ...$cells];
        $free = [];
        foreach ($others as $rule) {
            if (
                $rule->length() >= self::SHORTEST_IN_A_LINE &&
                ($rule->length() >= self::SHORTEST || self::isInALine($ground, $rule)) &&
                self::isClear($ground, $rule) &&
                ! self::isClose($rule, $rules) &&
                ! GivenLines::has($ground, $rule)
            ) {
                $free[] = $rule;
            }
        }
        $free = [...$free, ...$typed];
        usort($free, fn (Rule $a, Rule $b): int => [$a->at, $a->from] <=> [$b->at, $b->from]);
        $labelled = LineLabels::labelled($ground, $free);
        foreach (self::stacks($ground, $free, $labelled) as $stack) {
            $blank =
                count($stack) > 1
                    ? self::lines($ground, $stack)
                    : self::line($ground, $stack[0], $free, in_array($stack[0], $labelled, true));
            if ($blank !== null) {
                $blanks[] = $blank;
            }
        }

        return $blanks;
    }

    /** Not under words, not through them, not at the edge of the page, and not part of a drawing. */
    private static function isClear(Ground $ground, Rule $rule): bool
    {
        $size = $ground->marks->size;
        if ($rule->at < 0.04 * $size->height || $rule->at > 0.96 * $size->height || $rule->weight > 3.5) {
            return false;
        }
        if ($rule->dashed && $rule->length() > 0.85 * $size->width) {
            return false; // To cut along.
        }
        $under = 0.0;
        foreach ($ground->printed as $word) {
            $over = max(0.0, min($word->frame->right(), $rule->to) - max($word->frame->x, $rule->from));
            // Baselines stand a fifth above the foot of the words' frames, underlines just below them.
            $near =
                $rule->at > $word->frame->middle() - 0.2 * $word->frame->height &&
                $rule->at < $word->frame->bottom() + 0.35 * $word->frame->height;
            $under += $near ? $over : 0.0;
            if (self::isRoot($word, $rule)) {
                return false;
            }
        }
        if ($under > self::UNDERLINED * $rule->length()) {
            return false;
        }
        foreach ($ground->marks->drawings as $drawing) {
            if (
                $drawing->x < $rule->to + 2 &&
                $drawing->right() > $rule->from - 2 &&
                $drawing->y < $rule->at + 2 &&
                $drawing->bottom() > $rule->at - 2 &&
                ! self::isPointer($drawing, $rule)
            ) {
                return false;
            }
        }

        return ! $ground->marks->seen || ! self::isEdge($ground->marks->outlines, $rule);
    }

    /**
     * Whether it is the flat part of an outline: what bends away from it was seen by itself.
     *
     * @param  list<Frame>  $outlines  the room in them
     */
    private static function isEdge(array $outlines, Rule $rule): bool
    {
        foreach ($outlines as $room) {
            $away = max($room->y - $rule->at, $rule->at - $room->bottom());
            if (
                $away >= 0 &&
                $away <= self::EDGE &&
                $rule->length() < $room->width &&
                $rule->from >= $room->x - self::EDGE &&
                $rule->to <= $room->right() + self::EDGE
            ) {
                return true;
            }
        }

        return false;
    }

    /** The bar of a root: it begins where the sign ends, which may go on under it with what it is the root of. */
    private static function isRoot(Word $word, Rule $rule): bool
    {
        $frame = $word->frame;

        return match (true) {
            preg_match('/[√∛∜]/u', $word->text) !== 1 => false,
            mb_strlen($word->text) === 1 => abs($rule->from - $frame->right()) <= self::ROOT &&
                $rule->at >= $frame->y - self::ROOT &&
                $rule->at <= $frame->bottom() + self::ROOT,
            default => $rule->from >= $frame->x &&
                $rule->from <= $frame->right() &&
                $rule->at >= $frame->y - self::ROOT &&
                $rule->at <= $frame->middle(),
        };
    }

    /** A pointer goes on from one end of what is to be written on, to a drawing. */
    private static function isPointer(Frame $drawing, Rule $rule): bool
    {
        return $rule->length() >= self::POINTED &&
            ($drawing->x >= $rule->to - self::POINTER || $drawing->right() <= $rule->from + self::POINTER);
    }

    /**
     * Whether another of its kind lies right above or below it.
     *
     * @param  list<Rule>  $rules
     */
    private static function isClose(Rule $rule, array $rules): bool
    {
        foreach ($rules as $other) {
            $apart = abs($other->at - $rule->at);
            if (
                $other->level &&
                $other !== $rule &&
                $apart > 0.9 &&
                $apart < self::TOO_CLOSE &&
                abs($other->from - $rule->from) <= 4 &&
                abs($other->to - $rule->to) <= 4
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether something is printed close beside it that it stands on one line with. */
    private static function isInALine(Ground $ground, Rule $rule): bool
    {
        foreach ($ground->printed as $word) {
            $frame = $word->frame;
            $isNear =
                ($frame->right() <= $rule->from + 2 && $rule->from - $frame->right() <= self::IN_A_LINE) ||
                ($frame->x >= $rule->to - 2 && $frame->x - $rule->to <= self::IN_A_LINE);
            // Where the words stand, and not at half their height: that is a dash, or the bar of a fraction.
            if ($isNear && $rule->at >= $frame->middle() + 0.15 * $frame->height && $rule->at <= $frame->bottom() + 3) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Rule>  $rules  from the top
     * @param  list<Rule>  $labelled  those that have a label each
     * @return list<non-empty-list<Rule>>
     */
    private static function stacks(Ground $ground, array $rules, array $labelled): array
    {
        $stacks = [];
        foreach ($rules as $rule) {
            $into = null;
            foreach ($stacks as $index => $stack) {
                $last = $stack[count($stack) - 1];
                $pitch = $rule->at - $last->at;
                $before = count($stack) > 1 ? $last->at - $stack[count($stack) - 2]->at : null;
                $apart = $ground->marks->seen ? max(self::ENDS, self::LOST * $rule->length()) : self::ENDS;
                $hasMarks = self::hasMarks($ground, $rule, $last->to);
                $alike =
                    abs($last->from - $rule->from) <= $apart && ($hasMarks || abs($last->to - $rule->to) <= $apart);
                if (
                    $alike &&
                    $pitch >= self::CLOSEST &&
                    $pitch <= self::WIDEST &&
                    ($before === null || abs($pitch - $before) <= self::PITCH * $before) &&
                    self::isFree($ground, $last, $rule) &&
                    ! in_array($rule, $labelled, true) &&
                    ($hasMarks || ! self::hasWordsBeside($ground, $rule))
                ) {
                    $into = $index;
                }
            }
            if ($into === null) {
                $stacks[] = [$rule];
            } else {
                $stacks[$into][] = $rule;
            }
        }

        return $stacks;
    }

    /** Whether a line ends before the one above it because the marks of the question, such as "[2]", stand there. */
    private static function hasMarks(Ground $ground, Rule $rule, float $end): bool
    {
        if ($rule->to >= $end - self::ENDS || $rule->to < $end - self::MARKS) {
            return false;
        }
        $words = array_values(
            array_filter(
                $ground->printed,
                fn (Word $word): bool => $word->frame->x >= $rule->to - 2 &&
                    $word->frame->right() <= $end + self::MARKS &&
                    $rule->at >= $word->frame->y &&
                    $rule->at <= $word->frame->bottom() + self::ENDS,
            ),
        );
        if ($ground->marks->seen && ! $ground->marks->readable) {
            return count($words) === 1 && $words[0]->frame->width <= self::SHORT_MARKS;
        }

        $said = implode('', array_column($words, 'text'));

        return preg_match('/^[\[(]\d{1,2}(?:\p{L}{1,6})?[\])]$/u', $said) === 1;
    }

    /** Whether nothing is printed between one line and the next. */
    private static function isFree(Ground $ground, Rule $above, Rule $below): bool
    {
        $width = min($above->to, $below->to) - $above->from;
        $between = Frame::of($above->from, $above->at, max(0, $width), $below->at - $above->at);

        return $ground->printedIn($between) === [] && ! $ground->hasDrawing($between);
    }

    /** @param  non-empty-list<Rule>  $stack */
    private static function lines(Ground $ground, array $stack): ?Blank
    {
        $pitch = ($stack[count($stack) - 1]->at - $stack[0]->at) / (count($stack) - 1);
        $first = $stack[0];
        $room = $ground->roomAbove($first->from, $first->to, $first->at, $pitch);
        // The first line of two may be a rule under a heading: then there is no room above it.
        if ($room < 0.45 * $pitch) {
            $rest = array_slice($stack, 1);

            return count($rest) > 1
                ? self::frame($rest, $pitch, $pitch)
                : ($rest === []
                    ? null
                    : self::line($ground, $rest[0], $stack));
        }

        return self::frame($stack, $pitch, $room);
    }

    /** @param  non-empty-list<Rule>  $stack */
    private static function frame(array $stack, float $pitch, float $room): Blank
    {
        $last = $stack[count($stack) - 1];
        $from = min(array_map(fn (Rule $rule): float => $rule->from, $stack));
        $to = max(array_map(fn (Rule $rule): float => $rule->to, $stack));

        return new Blank(
            BlankKind::Lines,
            Frame::of($from, $stack[0]->at - $room, max(0, $to - $from), $last->at - $stack[0]->at + $room),
            0.92,
            round($pitch, 2),
            count($stack),
        );
    }

    /** @param  list<Rule>  $free  all that might be written on */
    private static function line(Ground $ground, Rule $rule, array $free, bool $isLabelled = false): ?Blank
    {
        $beside = $isLabelled || self::hasWordsBeside($ground, $rule);
        $room = $ground->roomAbove($rule->from, $rule->to, $rule->at, self::TALLEST);
        if ($room < ($beside ? self::ROOM_BESIDE : self::ROOM_ALONE)) {
            return null;
        }
        $isDecoration = Divider::is($ground, $rule, $free) || Divider::isOrnament($ground, $rule, $free);
        if (! $beside && ! $rule->typed && $isDecoration) {
            return null;
        }

        return new Blank(
            BlankKind::Line,
            Frame::of($rule->from, $rule->at - $room, $rule->length(), $room),
            $beside ? 0.92 : 0.7,
        );
    }

    /** Words on the height of the line, to its left or right. */
    private static function hasWordsBeside(Ground $ground, Rule $rule): bool
    {
        foreach ($ground->printed as $word) {
            $level = $rule->at >= $word->frame->middle() && $rule->at <= $word->frame->bottom() + 4;
            $near =
                ($word->frame->right() <= $rule->from + 3 && $rule->from - $word->frame->right() < 40) ||
                ($word->frame->x >= $rule->to - 3 && $word->frame->x - $rule->to < 20);
            if ($level && $near) {
                return true;
            }
        }

        return false;
    }
}
