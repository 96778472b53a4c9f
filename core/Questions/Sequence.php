<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

/** Chooses among what may be numbers those that count on from each other. */
final class Sequence
{
    /** Numbers farther apart than this across the page stand in different columns, in points. */
    private const COLUMN = 40.0;

    /** What a number more is worth against turning aside. */
    private const ONE = 1000;

    /** Bare numbers and letters, which may be anything, are so many at the least, and stand so straight below each other, in points. */
    private const FEWEST_BARE = 3;

    private const STRAIGHT = 6.0;

    /**
     * The longest runs. Each number stands below the one before it, or in a column to its right.
     *
     * @param  list<Marker>  $markers  of one style
     * @param  int  $fewest  how many make a run
     * @return list<non-empty-list<Marker>> each counting up by one
     */
    public static function runs(array $markers, int $fewest = 2): array
    {
        $runs = [];
        while ($markers !== []) {
            $run = self::longest($markers);
            if (count($run) < $fewest || ! self::isPlain($run)) {
                break;
            }
            $runs[] = $run;
            $markers = array_values(array_filter($markers, fn (Marker $one): bool => ! in_array($one, $run, true)));
        }

        return $runs;
    }

    /** Whether one counts on from another below it, in its column, however each is written. */
    public static function goesOn(Marker $from, Marker $to): bool
    {
        return $to->value === $from->value + 1 && self::aside($from, $to) === 0;
    }

    /**
     * The columns that numbers stand in.
     *
     * @param  list<Marker>  $markers
     * @return list<non-empty-list<Marker>> from the left, each from the top
     */
    public static function columns(array $markers): array
    {
        usort($markers, fn (Marker $a, Marker $b): int => $a->frame->x <=> $b->frame->x);
        $columns = [];
        foreach ($markers as $marker) {
            $last = array_key_last($columns);
            if ($last !== null && $marker->frame->x - $columns[$last][0]->frame->x < self::COLUMN) {
                $columns[$last][] = $marker;
            } else {
                $columns[] = [$marker];
            }
        }
        foreach ($columns as &$column) {
            usort($column, fn (Marker $a, Marker $b): int => $a->frame->y <=> $b->frame->y);
        }

        return $columns;
    }

    /**
     * The run with most numbers; of several such, the one that turns aside the least.
     *
     * @param  non-empty-list<Marker>  $markers
     * @return non-empty-list<Marker>
     */
    private static function longest(array $markers): array
    {
        usort($markers, fn (Marker $a, Marker $b): int => [$a->value, $a->frame->y] <=> [$b->value, $b->frame->y]);
        $best = $before = [];
        foreach ($markers as $at => $marker) {
            [$best[$at], $before[$at]] = [self::ONE, null];
            for ($other = 0; $other < $at; $other++) {
                $aside = self::follows($marker, $markers[$other]) ? self::aside($markers[$other], $marker) : null;
                if ($aside !== null && $best[$at] < $best[$other] + self::ONE - $aside) {
                    [$best[$at], $before[$at]] = [$best[$other] + self::ONE - $aside, $other];
                }
            }
        }
        $run = [];
        for ($at = array_search(max($best), $best, true); $at !== null; $at = $before[$at]) {
            array_unshift($run, $markers[$at]);
        }

        return $run;
    }

    /** How far the reading turns aside from one number to the next: down a column, along a row, elsewhere; or null. */
    private static function aside(Marker $from, Marker $to): ?int
    {
        $across = $to->frame->x - $from->frame->x;
        $isBelow = $to->frame->y > $from->frame->middle();

        return match (true) {
            abs($across) < self::COLUMN => $isBelow ? 0 : null,
            $across > 0 => $to->isOnRowOf($from) ? 1 : 2,
            default => $isBelow ? 2 : null,
        };
    }

    private static function follows(Marker $marker, Marker $before): bool
    {
        return $marker->value === $before->value + 1 ||
            ($marker->style->isOfTwo() && $marker->value === 100 * (intdiv($before->value, 100) + 1) + 1);
    }

    /** @param  list<Marker>  $run */
    private static function isPlain(array $run): bool
    {
        if (($run[0]->style ?? null)?->isBare() !== true) {
            return true;
        }
        foreach (self::columns($run) as $column) {
            $starts = array_map(fn (Marker $marker): float => $marker->frame->x, $column);
            $ends = array_map(fn (Marker $marker): float => $marker->frame->right(), $column);
            if (min(max($starts) - min($starts), max($ends) - min($ends)) > self::STRAIGHT) {
                return false;
            }
        }

        return count($run) >= self::FEWEST_BARE;
    }
}
