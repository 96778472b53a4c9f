<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/**
 * Pages that repeat another with more on it: the other's words are all there, and some besides. A page of another
 * section that happens to be built the same way is not one.
 */
final class RepeatedPages
{
    /** A page of fewer words has too little on it to be recognised on another. */
    private const FEWEST_WORDS = 12;

    /** So many words more there are at the least, and where they were read from a picture so many that are no dust. */
    private const LEAST = 3;

    /** One with most of them, some ticked, is. */
    private const MOST_WORDS = 0.9;

    /**
     * @param  list<PageText>  $pages
     * @param  array<int, list<SectionLabel>>  $labels  by page
     * @return array<int, int> the page repeated, by page
     */
    public static function of(array $pages, array $labels): array
    {
        $likeness = new TextSimilarity($pages);
        $ticks = [];
        foreach ($pages as $page) {
            $ticks[$page->number] = RoleSigns::ticks($page->text());
        }
        $label = array_map(fn (array $some): ?SectionLabel => $some[0] ?? null, $labels);
        $repeats = $best = [];
        foreach ($pages as $plain) {
            $size = $likeness->size($plain->number);
            if ($size < self::FEWEST_WORDS) {
                continue;
            }
            // Numbers with nothing behind them are on every list.
            $isList = $size - RoleSigns::items($plain->text()) < self::FEWEST_WORDS;
            $mostMissing = $isList ? 0 : max(2, 0.04 * $size);
            foreach ($pages as $fuller) {
                $more = $likeness->size($fuller->number) - $size;
                $isTicked = $ticks[$fuller->number] > $ticks[$plain->number];
                if (
                    $isTicked &&
                    ($repeats[$fuller->number] ?? null) === null &&
                    $likeness->shared($plain->number, $fuller->number) >= self::MOST_WORDS * $size
                ) {
                    $repeats[$fuller->number] = $plain->number;
                }
                $least = max(self::LEAST, 0.03 * $size);
                if ($fuller->number === $plain->number || $more < $least || $more > 2 * $size) {
                    continue;
                }
                if ($fuller->seen && $likeness->added($plain->number, $fuller->number) < self::LEAST) {
                    continue;
                }
                $missing = $size - $likeness->shared($plain->number, $fuller->number);
                $other =
                    $label[$plain->number] !== null &&
                    $label[$fuller->number] !== null &&
                    $label[$plain->number]->words() !== $label[$fuller->number]->words();
                // Of several it repeats the one of which the least is missing, and of those the nearest.
                $is = [$missing, abs($plain->number - $fuller->number)];
                if (! $other && $missing <= $mostMissing && $is < ($best[$fuller->number] ?? [INF, INF])) {
                    [$repeats[$fuller->number], $best[$fuller->number]] = [$plain->number, $is];
                }
            }
        }

        return $repeats;
    }
}
