<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

/** Chooses among what may be numbers those that count on from each other. */
final class Sequence
{
    /** Numbers farther apart than this across the page stand in different columns, in points. */
    private const COLUMN = 40.0;

    /** Bare numbers, which may be anything, are so many at the least, and stand so straight below each other, in points. */
    private const FEWEST_BARE = 3;

    private const STRAIGHT = 6.0;

    /**
     * The longest runs, down the columns or along the rows, whichever is longer.
     *
     * @param  list<Marker>  $markers  of one style
     * @param  int  $fewest  how many make a run
     * @return list<non-empty-list<Marker>> each counting up by one
     */
    public static function runs(array $markers, int $fewest = 2): array
    {
        $runs = [];
        while ($markers !== []) {
            $down = self::longest(self::downColumns($markers));
            $along = self::longest(self::alongRows($markers));
            $run = count($along) > count($down) ? $along : $down;
            if ($run === [] || count($run) < $fewest || ! self::isPlain($run)) {
                break;
            }
            $runs[] = $run;
            $markers = array_values(array_filter($markers, fn (Marker $one): bool => ! in_array($one, $run, true)));
        }

        return $runs;
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
     * @param  list<Marker>  $markers
     * @return list<Marker>
     */
    private static function downColumns(array $markers): array
    {
        return array_merge([], ...self::columns($markers));
    }

    /**
     * @param  list<Marker>  $markers
     * @return list<Marker>
     */
    private static function alongRows(array $markers): array
    {
        usort(
            $markers,
            fn (Marker $a, Marker $b): int => $a->isOnRowOf($b)
                ? $a->frame->x <=> $b->frame->x
                : $a->frame->y <=> $b->frame->y,
        );

        return $markers;
    }

    /**
     * @param  list<Marker>  $markers  in the order in which they are read
     * @return list<Marker>
     */
    private static function longest(array $markers): array
    {
        $runs = [];
        $best = [];
        foreach ($markers as $at => $marker) {
            $runs[$at] = [$marker];
            for ($before = 0; $before < $at; $before++) {
                if (self::follows($marker, $markers[$before]) && count($runs[$before]) + 1 > count($runs[$at])) {
                    $runs[$at] = [...$runs[$before], $marker];
                }
            }
            $best = count($runs[$at]) > count($best) ? $runs[$at] : $best;
        }

        return $best;
    }

    private static function follows(Marker $marker, Marker $before): bool
    {
        // After "2c" comes "2d", or "3a".
        return $marker->value === $before->value + 1 ||
            ($marker->style === NumberStyle::Both && $marker->value === 100 * (intdiv($before->value, 100) + 1) + 1);
    }

    /** @param  list<Marker>  $run */
    private static function isPlain(array $run): bool
    {
        if (($run[0]->style ?? null) !== NumberStyle::Bare) {
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
