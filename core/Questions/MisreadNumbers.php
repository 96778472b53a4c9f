<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Numeral;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * Numbers that a reader of print has taken for others: what stands between 6 and 8, and is said to be 1, is 7; those
 * whose full stop was lost; and those that were read as something else.
 */
final class MisreadNumbers
{
    /** Those of one column begin at one place, within so many points. */
    private const ASIDE = 12.0;

    /** So many that count on from each other are numbered in one way. */
    private const RUN = 3;

    /** What a number was taken for that stands between two others begins right below them, in points, and is short. */
    private const BELOW = 4.0;

    private const LETTERS = 3;

    /**
     * @param  list<Marker>  $markers  in the order of reading
     * @param  list<TextLine>  $lines  in which they were found
     * @return list<Marker>
     */
    public static function mended(array $markers, array $lines = []): array
    {
        $words = array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $lines));
        foreach ([NumberStyle::Number, NumberStyle::Named, NumberStyle::Q, NumberStyle::UpperRoman] as $style) {
            $own = array_filter($markers, fn (Marker $one): bool => $one->leadsIn($style));
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
        foreach ([NumberStyle::Number, NumberStyle::Bare] as $style) {
            $own = array_filter($markers, fn (Marker $one): bool => $one->leadsIn($style));
            foreach (self::columns($own, true) as $column) {
                array_push($markers, ...self::lost($markers, $column, $words));
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

        return self::atEnds($markers, $order, $style);
    }

    /**
     * The first and the last of several: said to be one of their neighbours, they are the one before these or after.
     *
     * @param  array<int, Marker>  $markers
     * @param  list<int>  $order
     * @return array<int, Marker>
     */
    private static function atEnds(array $markers, array $order, NumberStyle $style): array
    {
        foreach ([[array_slice($order, 0, 3), -1], [array_reverse(array_slice($order, -3)), 1]] as [$three, $step]) {
            if (count($three) < self::RUN) {
                break;
            }
            [$end, $near, $far] = array_map(fn (int $key): int => $markers[$key]->value, $three);
            // "1" may begin anew.
            if ($near - $far === $step && in_array($end, [$near, $far], true) && $end > 1 && $near + $step > 0) {
                $markers[$three[0]] = self::marker($markers[$three[0]], $style, $near + $step);
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

    /**
     * What stands where a number is missing down a column, and was read as one with what is behind it, or as something
     * else that is as short.
     *
     * @param  array<int, Marker>  $markers
     * @param  list<int>  $column
     * @param  list<Word>  $words
     * @return list<Marker>
     */
    private static function lost(array $markers, array $column, array $words): array
    {
        $lost = [];
        for ($at = 1; $at < count($column); $at++) {
            [$above, $below] = [$markers[$column[$at - 1]], $markers[$column[$at]]];
            $number = (string) ($above->value + 1);
            if ($below->value !== $above->value + 2) {
                continue;
            }
            $between = array_values(
                array_filter(
                    $words,
                    fn (Word $word): bool => $word->frame->y >= $above->frame->bottom() &&
                        $word->frame->bottom() <= $below->frame->y &&
                        min(
                            abs($word->frame->x - $above->frame->x),
                            abs($word->frame->x - $below->frame->x),
                        ) <= self::BELOW &&
                        $above->isAsLargeAs($word->frame) &&
                        (mb_strlen($word->text) <= self::LETTERS ||
                            preg_match("/^{$number}(?!\d)/", $word->text) === 1),
                ),
            );
            if (count($between) === 1) {
                $frame = $between[0]->frame;
                $frame = Frame::of($frame->x, $frame->y, min($frame->width, $above->frame->width), $frame->height);
                $lost[] = new Marker($above->style, $above->value + 1, $number, $frame, true);
            }
        }

        return $lost;
    }

    private static function marker(Marker $read, NumberStyle $style, int $value): Marker
    {
        $number = $style === NumberStyle::UpperRoman ? Numeral::roman($value) : (string) $value;

        return new Marker($style, $value, $number, $read->frame, true);
    }

    /**
     * @param  array<int, Marker>  $markers
     * @param  bool  $bySize  whether those of another size stand in a column of their own
     * @return list<list<int>> their keys, down each column
     */
    private static function columns(array $markers, bool $bySize = false): array
    {
        $columns = [];
        foreach ($markers as $key => $marker) {
            foreach ($columns as $at => $column) {
                $first = $markers[$column[0]];
                if (
                    abs($first->frame->x - $marker->frame->x) <= self::ASIDE &&
                    (! $bySize || $first->isAsLargeAs($marker->frame))
                ) {
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
