<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

/**
 * Which of a page's old revisions stay. Of the last days all do, so that every step can be undone. Of each day before
 * that the last one does; and, however old, the first, the one in force, and those that something else names: an
 * edition, a set that was cut, an arrangement.
 */
final class Thinning
{
    public const DAYS = 7;

    /**
     * @param  array<int, string>  $days  the day of each revision by its number, as "2026-11-26", in the order of the
     *                                    numbers
     * @param  list<int>  $named  numbers of those that something else names
     * @param  string  $since  the day from which on all stay
     * @return list<int> numbers of those that go
     */
    public static function surplus(array $days, array $named, string $since): array
    {
        $numbers = array_keys($days);
        $stay = array_flip([...$named, ...array_slice($numbers, 0, 1), ...array_slice($numbers, -1)]);
        foreach ($days as $number => $day) {
            $lastOfDay[$day] = $number;
        }
        $stay += array_flip($lastOfDay ?? []);

        return array_values(
            array_filter($numbers, fn (int $number): bool => $days[$number] < $since && ! isset($stay[$number])),
        );
    }

    /**
     * Where undo leads to once some are gone: along the way that it went before, to the first that is there.
     *
     * @param  array<int, int|null>  $undoTo  by number, of all revisions
     * @param  array<int, true>  $gone  by number
     */
    public static function undoTo(int $number, array $undoTo, array $gone): ?int
    {
        $to = $undoTo[$number] ?? null;
        while ($to !== null && isset($gone[$to])) {
            $to = $undoTo[$to] ?? null;
        }

        return $to;
    }
}
