<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Text\Numeral;

/**
 * Numbers that a reader of print has taken for others: what stands between 6 and 8, and is said to be 1, is 7;
 * and those whose full stop was lost.
 */
final class MisreadNumbers
{
    /** Those of one column begin at one place, within so many points. */
    private const ASIDE = 12.0;

    /** So many that count on from each other are numbered in one way. */
    private const RUN = 3;

    /**
     * @param  list<Marker>  $markers  in the order of reading
     * @return list<Marker>
     */
    public static function mended(array $markers): array
    {
        foreach ([NumberStyle::Number, NumberStyle::Named, NumberStyle::Q, NumberStyle::UpperRoman] as $style) {
            $own = array_filter($markers, fn (Marker $one): bool => $one->style === $style && $one->leads);
            // The full stop behind a number is easily lost.
            $likely = array_filter(
                $markers,
                fn (Marker $one): bool => $one->leads &&
                    ($one->style === $style || ($style === NumberStyle::Number && $one->style === NumberStyle::Bare)),
            );
            foreach ([array_keys($own), ...self::columns($likely)] as $order) {
                $markers = self::between($markers, $order, $style);
            }
            foreach (self::columns($likely) as $column) {
                $markers = self::ofOneStyle($markers, $column, $style);
            }
        }

        return array_values($markers);
    }

    /**
     * @param  array<int, Marker>  $markers
     * @param  list<int>  $order  keys of some, in one of the ways they may be read
     * @return array<int, Marker>
     */
    private static function between(array $markers, array $order, NumberStyle $style): array
    {
        for ($at = 1; $at < count($order) - 1; $at++) {
            [$before, $one, $after] = [$order[$at - 1], $order[$at], $order[$at + 1]];
            $value = $markers[$before]->value + 1;
            if ($markers[$after]->value === $value + 1 && $markers[$one]->value !== $value) {
                $markers[$one] = self::marker($markers[$one], $style, $value);
            }
        }

        return $markers;
    }

    /**
     * Those that count on from each other down a column, some with a full stop and some without, all have one.
     *
     * @param  array<int, Marker>  $markers
     * @param  list<int>  $column
     * @return array<int, Marker>
     */
    private static function ofOneStyle(array $markers, array $column, NumberStyle $style): array
    {
        $run = [];
        foreach ([...$column, null] as $key) {
            $last = $run === [] ? null : $markers[$run[count($run) - 1]];
            if ($key !== null && ($last === null || $markers[$key]->value === $last->value + 1)) {
                $run[] = $key;

                continue;
            }
            $isMixed = array_filter($run, fn (int $one): bool => $markers[$one]->style === $style) !== [];
            foreach (count($run) >= self::RUN && $isMixed ? $run : [] as $one) {
                $markers[$one] = self::marker($markers[$one], $style, $markers[$one]->value);
            }
            $run = $key === null ? [] : [$key];
        }

        return $markers;
    }

    private static function marker(Marker $read, NumberStyle $style, int $value): Marker
    {
        $number = $style === NumberStyle::UpperRoman ? Numeral::roman($value) : (string) $value;

        return new Marker($style, $value, $number, $read->frame, true);
    }

    /**
     * @param  array<int, Marker>  $markers
     * @return list<list<int>> their keys, down each column
     */
    private static function columns(array $markers): array
    {
        $columns = [];
        foreach ($markers as $key => $marker) {
            foreach ($columns as $at => $column) {
                if (abs($markers[$column[0]]->frame->x - $marker->frame->x) <= self::ASIDE) {
                    $columns[$at][] = $key;

                    continue 2;
                }
            }
            $columns[] = [$key];
        }
        $isHigher = fn (int $a, int $b): int => $markers[$a]->frame->y <=> $markers[$b]->frame->y;
        foreach ($columns as &$column) {
            usort($column, $isHigher);
        }

        return array_values($columns);
    }
}
