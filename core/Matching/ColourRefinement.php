<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

/**
 * How far the surroundings of parts in two models are the same, in joins: by colour refinement (Weisfeiler and Leman,
 * 1968). In each round a part's colour takes in the colours of what it is joined to, and how.
 */
final class ColourRefinement
{
    private const ROUNDS = 6;

    /**
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, string>  $names  of all parts, by key
     * @return array<string, array<string, int>>  for each joined part of the one those of its name in the other, and
     *                                            for how
     *                                           many rounds they are alike; the most alike first
     */
    public static function alike(array $key, array $done, array $names): array
    {
        [$mine, $theirs] = [self::joined($key, $names), self::joined($done, $names)];
        $alike = [];
        foreach ($mine as $part => $name) {
            $alike[(string) $part] = array_map(
                fn (): int => 0,
                array_filter($theirs, fn (string $other): bool => $other === $name),
            );
        }
        for ($round = 1; $round <= self::ROUNDS; $round++) {
            [$mine, $theirs] = [self::refined($mine, $key), self::refined($theirs, $done)];
            foreach ($alike as $part => $others) {
                foreach ($others as $other => $rounds) {
                    if ($rounds === $round - 1 && $theirs[$other] === $mine[$part]) {
                        $alike[$part][$other] = $round;
                    }
                }
            }
        }
        foreach ($alike as $part => $others) {
            arsort($others);
            $alike[$part] = $others;
        }

        return $alike;
    }

    /**
     * @param  list<Edge>  $edges
     * @param  array<string, string>  $names
     * @return array<string, string> the names of those that are joined
     */
    private static function joined(array $edges, array $names): array
    {
        $joined = [];
        foreach ($edges as $edge) {
            [$joined[$edge->a], $joined[$edge->b]] = [$names[$edge->a] ?? '', $names[$edge->b] ?? ''];
        }

        return $joined;
    }

    /**
     * @param  array<string, string>  $colours  of parts
     * @param  list<Edge>  $edges
     * @return array<string, string>
     */
    private static function refined(array $colours, array $edges): array
    {
        $around = array_fill_keys(array_keys($colours), []);
        foreach ($edges as $edge) {
            $around[$edge->a][] = "{$edge->seenFrom($edge->a)}|{$colours[$edge->b]}";
            $around[$edge->b][] = "{$edge->seenFrom($edge->b)}|{$colours[$edge->a]}";
        }
        foreach ($around as $part => $others) {
            sort($others);
            $colours[$part] = md5($colours[$part].'('.implode(')(', $others).')');
        }

        return $colours;
    }
}
