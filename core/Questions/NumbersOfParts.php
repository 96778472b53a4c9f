<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

/**
 * Finds the numbers of questions whose letters alone seemed to number them: "1" and "2", with nothing behind it, before
 * "(a)" and "(b)" each time, where so few bare numbers could be anything.
 */
final class NumbersOfParts
{
    /** What letters number are parts of so far to its left, in points. */
    private const NEAREST = 4.0;

    private const FARTHEST = 60.0;

    /**
     * @param  list<non-empty-list<Marker>>  $runs  of letters
     * @param  list<Marker>  $markers  all
     * @return list<Marker> empty where not each "a" has one of its own, that counts on
     */
    public static function of(array $runs, array $markers): array
    {
        foreach ([NumberStyle::Named, NumberStyle::Q, NumberStyle::Number, NumberStyle::Bare] as $style) {
            $own = array_filter($markers, fn (Marker $one): bool => $one->leadsIn($style));
            $numbers = self::before($runs, $own);
            if ($numbers !== []) {
                return $numbers;
            }
        }

        return [];
    }

    /**
     * @param  list<non-empty-list<Marker>>  $runs
     * @param  array<Marker>  $own  of one style
     * @return list<Marker>
     */
    private static function before(array $runs, array $own): array
    {
        $numbers = [];
        foreach ($runs as [$first]) {
            // Where letters go on, their question began on the page before.
            $number = $first->value === 1 ? self::above($first, $own) : null;
            if ($number === null) {
                return [];
            }
            $numbers[] = $number;
        }
        usort($numbers, fn (Marker $a, Marker $b): int => $a->value <=> $b->value);
        foreach ($numbers as $at => $number) {
            if ($number->value !== $numbers[0]->value + $at) {
                return [];
            }
        }

        return $numbers;
    }

    /**
     * The number nearest above the first part, or before it on its row.
     *
     * @param  array<Marker>  $own
     */
    private static function above(Marker $part, array $own): ?Marker
    {
        $nearest = null;
        foreach ($own as $one) {
            $room = $part->frame->x - $one->frame->x;
            if (
                $one->frame->y <= $part->frame->middle() &&
                $room >= self::NEAREST &&
                $room <= self::FARTHEST &&
                ($nearest === null || $one->frame->y > $nearest->frame->y)
            ) {
                $nearest = $one;
            }
        }

        return $nearest;
    }
}
