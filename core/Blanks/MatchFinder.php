<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * Finds two columns of words that are to be joined by lines, where no dots are printed at them: the page asks for it,
 * and nothing stands between.
 */
final class MatchFinder
{
    /** Fewer rows are no columns. */
    private const FEWEST = 3;

    /** What stands on one row belongs together up to this gap, in points; the columns are farther apart. */
    private const GAP = 30.0;

    private const APART = 60.0;

    /** The words of a column begin, end or are centred so straight below each other, in points. */
    private const ASIDE = 4.0;

    /** How far below what asks for it the first row is, and each from the one before, in points. */
    private const NEAR = 110.0;

    /** The next line of one entry is so near, in heights. */
    private const WRAPPED = 1.7;

    private const MOST_WORDS = 16;

    private const BULLET = '/^[•●○◦·∙⦁◯⚪⚫▪■□–—*-]$/u';

    /** A line holds to a place so far from the words that the ring round it leaves them free, of this size, in points. */
    private const BESIDE = 10.0;

    private const DOT = 5.0;

    private const CONFIDENCE = 0.7;

    /**
     * @param  list<Blank>  $found  what else is to be filled in: where it is on a row, that is answered by it
     * @return list<Blank>
     */
    public static function find(Ground $ground, array $found): array
    {
        $blanks = [];
        $below = 0.0;
        foreach ($ground->marks->seen ? [] : $ground->marks->lines as $line) {
            if ($line->frame->y < $below || ! RoleSigns::asksToJoin($line->text)) {
                continue;
            }
            [$left, $right] = self::columns($ground, $line);
            if ($left === [] || $right === [] || ! self::areFree($ground, $left, $right, $found)) {
                continue;
            }
            $ends = self::ends($left, $right);
            $dots = array_map(fn (JoinEnd $end): Frame => $end->dot, $ends);
            $blanks[] = new Blank(BlankKind::Join, Frame::around($dots), self::CONFIDENCE, ends: $ends);
            $below = $left[count($left) - 1][0]->bottom();
        }

        return $blanks;
    }

    /**
     * The entries of both columns, with their words; none where there are no two columns.
     *
     * @return array{list<array{Frame, string}>, list<array{Frame, string}>}
     */
    private static function columns(Ground $ground, TextLine $asking): array
    {
        /** @var array<int, list<Frame>> $frames by side */
        $frames = [[], []];
        /** @var array<int, array<int, string>> $said by side and row */
        $said = [[], []];
        $last = $asking->frame;
        foreach (self::rows($ground, $asking->frame) as $row) {
            $own = array_map(self::around(...), $row);
            $whole = Frame::around($own);
            if ($whole->y - $last->bottom() > self::NEAR) {
                break;
            }
            if (count($row) === 2) {
                foreach ([0, 1] as $side) {
                    $frames[$side][] = $own[$side];
                    $said[$side][] = Word::said($row[$side]);
                }
            } elseif ($frames[0] !== []) {
                $side = count($row) === 1 ? self::goesOn($own[0], $frames, $last) : null;
                if ($side === null) {
                    break;
                }
                $said[$side][count($said[$side]) - 1] .= ' '.Word::said($row[0]);
            }
            $last = $whole;
        }
        if (! self::isColumn($frames[0], $said[0]) || ! self::isColumn($frames[1], $said[1])) {
            return [[], []];
        }
        $entries = fn (int $side): array => array_map(
            fn (Frame $frame, int $row): array => [$frame, $said[$side][$row]],
            $frames[$side],
            array_keys($frames[$side]),
        );

        return [$entries(0), $entries(1)];
    }

    /**
     * @param  list<Frame>  $frames
     * @param  array<int, string>  $said  as many
     */
    private static function isColumn(array $frames, array $said): bool
    {
        $long = array_filter($said, fn (string $one): bool => count(explode(' ', $one)) > self::MOST_WORDS);

        return count($said) >= self::FEWEST &&
            count(array_unique($said)) === count($said) &&
            $long === [] &&
            self::areAligned($frames);
    }

    /**
     * What is printed below, by rows, each in what stands together on it.
     *
     * @return list<non-empty-list<non-empty-list<Word>>>
     */
    private static function rows(Ground $ground, Frame $above): array
    {
        $words = array_filter(
            $ground->printed,
            fn (Word $word): bool => $word->frame->y >= $above->bottom() - 1 &&
                preg_match(self::BULLET, $word->text) !== 1,
        );
        usort($words, fn (Word $a, Word $b): int => $a->frame->middle() <=> $b->frame->middle());
        $rows = [];
        foreach ($words as $word) {
            $at = array_key_last($rows);
            $isSame =
                $at !== null &&
                $word->frame->middle() - $rows[$at][0]->frame->middle() <= 0.5 * $word->frame->height;
            $isSame ? ($rows[$at][] = $word) : ($rows[] = [$word]);
        }

        return array_map(function (array $row): array {
            usort($row, fn (Word $a, Word $b): int => $a->frame->x <=> $b->frame->x);
            $entries = [[$row[0]]];
            foreach (array_slice($row, 1) as $word) {
                $at = count($entries) - 1;
                $gap = $word->frame->x - $entries[$at][count($entries[$at]) - 1]->frame->right();
                $gap > self::GAP ? ($entries[] = [$word]) : ($entries[$at][] = $word);
            }

            return $entries;
        }, $rows);
    }

    /**
     * The column in which a row by itself goes on with the entry above it.
     *
     * @param  array<int, list<Frame>>  $frames  by side
     */
    private static function goesOn(Frame $row, array $frames, Frame $last): ?int
    {
        if ($row->middle() - $last->middle() > self::WRAPPED * $row->height) {
            return null;
        }
        foreach ($frames as $side => $own) {
            if ($own !== [] && self::areAligned([$own[count($own) - 1], $row])) {
                return $side;
            }
        }

        return null;
    }

    /** @param  list<Frame>  $frames  of one column */
    private static function areAligned(array $frames): bool
    {
        $edges = [
            fn (Frame $frame): float => $frame->x,
            fn (Frame $frame): float => $frame->right(),
            fn (Frame $frame): float => $frame->centre()->x,
        ];
        foreach ($edges as $edge) {
            $all = array_map($edge, $frames);
            if ($all !== [] && max($all) - min($all) <= self::ASIDE) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether nothing is drawn, printed or to be filled in among them, and there is room for lines between.
     *
     * @param  non-empty-list<array{Frame, string}>  $left
     * @param  non-empty-list<array{Frame, string}>  $right
     * @param  list<Blank>  $found
     */
    private static function areFree(Ground $ground, array $left, array $right, array $found): bool
    {
        $marks = $ground->marks;
        $from = max(array_map(fn (array $entry): float => $entry[0]->right(), $left));
        $to = min(array_map(fn (array $entry): float => $entry[0]->x, $right));
        $whole = Frame::around(array_map(fn (array $entry): Frame => $entry[0], [...$left, ...$right]));
        $between = Frame::of($from, $whole->y, max(0.0, $to - $from), $whole->height);
        $rules = array_map(
            fn (Rule $rule): Frame => $rule->level
                ? Frame::of($rule->from, $rule->at, $rule->length(), 0.1)
                : Frame::of($rule->at, $rule->from, 0.1, $rule->length()),
            $marks->rules,
        );
        $meets = fn (Frame $frame): bool => $frame->meets($between);

        return $to - $from >= self::APART &&
            array_filter([...$marks->drawings, ...$marks->rings, ...$marks->dots, ...$rules], $meets) === [] &&
            array_filter($found, fn (Blank $blank): bool => $blank->frame->meets($whole)) === [];
    }

    /**
     * @param  non-empty-list<array{Frame, string}>  $left
     * @param  non-empty-list<array{Frame, string}>  $right
     * @return non-empty-list<JoinEnd>
     */
    private static function ends(array $left, array $right): array
    {
        $end = fn (float $x, Frame $frame, string $words, bool $isLeft): JoinEnd => new JoinEnd(
            Frame::of($x, $frame->middle() - self::DOT / 2, self::DOT, self::DOT),
            $words,
            $isLeft,
        );

        return [
            ...array_map(
                fn (array $entry): JoinEnd => $end($entry[0]->right() + self::BESIDE, $entry[0], $entry[1], true),
                $left,
            ),
            ...array_map(
                fn (array $entry): JoinEnd => $end(
                    $entry[0]->x - self::BESIDE - self::DOT,
                    $entry[0],
                    $entry[1],
                    false,
                ),
                $right,
            ),
        ];
    }

    /** @param  non-empty-list<Word>  $words */
    private static function around(array $words): Frame
    {
        return Frame::around(array_map(fn (Word $word): Frame => $word->frame, $words));
    }
}
