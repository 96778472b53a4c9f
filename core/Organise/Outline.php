<?php

declare(strict_types=1);

namespace OpenSlate\Organise;

use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;

/** What is below what in a hierarchy, read from the top: each box is followed by all that is below it. */
final readonly class Outline
{
    /** Up to so many boxes are enough for two levels; more of them make a third. */
    private const TWO_LEVELS = 5;

    /**
     * @param  non-empty-list<int>  $levels  of each box; the first is at 0, no other is, and none is more than one
     *                                       below the box before it
     */
    private function __construct(public array $levels)
    {
    }

    public static function of(Organiser $organiser): self
    {
        return self::told(
            array_map(fn (int $at): ?int => $organiser->box($at)->level, range(0, $organiser->count() - 1)),
        );
    }

    /**
     * By the levels that boxes say. A box that says none is beside the one before it; where none says any, all are
     * shared out evenly.
     *
     * @param  non-empty-list<int|null>  $said
     */
    public static function told(array $said): self
    {
        if (array_filter($said, is_int(...)) === []) {
            return self::even(count($said));
        }
        $levels = [0];
        foreach (array_slice($said, 1) as $at => $level) {
            $levels[] = max(1, min($level ?? $levels[$at], $levels[$at] + 1, OrganiserBox::DEEPEST));
        }

        return new self($levels);
    }

    /** As many children for each as for the others, give or take one. */
    public static function even(int $count): self
    {
        $children = $count <= self::TWO_LEVELS ? $count - 1 : max(2, intdiv($count, 3));
        $rest = $count - 1 - $children;
        $levels = [0];
        for ($child = 0; $child < $children; $child++) {
            $below = intdiv(($child + 1) * $rest, $children) - intdiv($child * $rest, $children);
            $levels = [...$levels, 1, ...array_fill(0, $below, 2)];
        }

        return new self($levels);
    }

    public function depth(): int
    {
        return max($this->levels) + 1;
    }

    /** @return list<int|null> the box that each is below, from 0; the first is below none */
    public function parents(): array
    {
        $parents = $last = [];
        foreach ($this->levels as $at => $level) {
            $parents[] = $last[$level - 1] ?? null;
            $last[$level] = $at;
        }

        return $parents;
    }

    /**
     * @return non-empty-list<array{int, int}>  for each box the first and the last of the lowest boxes that stand below
     *                                          it; a box with none below stands for itself
     */
    public function spans(): array
    {
        $first = $last = [];
        $ends = 0;
        foreach ($this->levels as $at => $level) {
            $first[] = $last[] = $ends;
            $ends += ($this->levels[$at + 1] ?? 0) > $level ? 0 : 1;
        }
        foreach (array_reverse($this->parents(), true) as $at => $parent) {
            if ($parent !== null) {
                $last[$parent] = max($last[$parent], $last[$at]);
            }
        }

        return array_map(fn (int $from, int $to): array => [$from, $to], $first, $last);
    }
}
