<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;

/** What rules enclose where they meet: frames and the cells of tables. */
final readonly class Lattice
{
    /** How far rules may miss each other and still meet, in points. */
    private const SLACK = 2.2;

    private const SMALLEST = 4.0;

    /** A page with more corners is a drawing; nobody writes in it. */
    private const MOST_CORNERS = 6000;

    /**
     * @param  list<Cell>  $cells
     * @param  array<int, bool>  $joined  whether a rule, by its place in the list, meets an upright or a level one
     * @param  array<int, bool>  $closed  whether it is a side of a cell
     */
    private function __construct(public array $cells, public array $joined, public array $closed)
    {
    }

    /** @param  list<Rule>  $rules */
    public static function of(array $rules): self
    {
        $level = array_filter($rules, fn (Rule $rule): bool => $rule->level);
        $upright = array_filter($rules, fn (Rule $rule): bool => ! $rule->level);
        uasort($level, fn (Rule $a, Rule $b): int => $a->at <=> $b->at);
        uasort($upright, fn (Rule $a, Rule $b): int => $a->at <=> $b->at);
        $group = array_combine(array_keys($rules), array_keys($rules));
        $meets = [];
        $crosses = [];
        $corners = 0;
        foreach ($level as $h => $across) {
            foreach ($upright as $v => $down) {
                if ($across->reaches($down->at, self::SLACK) && $down->reaches($across->at, self::SLACK)) {
                    $meets[$h][] = $v;
                    $crosses[$v][] = $h;
                    self::join($group, $h, $v);
                    $corners++;
                }
            }
        }
        $joined = array_fill_keys([...array_keys($meets), ...array_keys($crosses)], true);
        if ($corners > self::MOST_CORNERS) {
            return new self([], $joined, $joined);
        }
        $cells = [];
        $closed = [];
        foreach ($meets as $top => $verticals) {
            foreach ($verticals as $left) {
                $sides = self::smallest($rules, $meets, $crosses, $top, $left);
                if ($sides !== null) {
                    [$right, $bottom] = $sides;
                    $closed[$top] = $closed[$left] = $closed[$right] = $closed[$bottom] = true;
                    $cells[] = new Cell(
                        self::between($rules[$left], $rules[$right], $rules[$top], $rules[$bottom]),
                        self::root($group, $top),
                    );
                }
            }
        }

        return new self(
            array_values(
                array_filter(
                    $cells,
                    fn (Cell $cell): bool => min($cell->frame->width, $cell->frame->height) >= self::SMALLEST,
                ),
            ),
            $joined,
            $closed,
        );
    }

    /**
     * The right and the lower side of the smallest cell with this upper and left side.
     *
     * @param  list<Rule>  $rules
     * @param  array<int, list<int>>  $meets  upright rules by level rule, from the left
     * @param  array<int, list<int>>  $crosses  level rules by upright rule, from the top
     * @return array{int, int}|null
     */
    private static function smallest(array $rules, array $meets, array $crosses, int $top, int $left): ?array
    {
        $y = $rules[$top]->at;
        $x = $rules[$left]->at;
        if ($rules[$left]->to < $y + self::SMALLEST || $rules[$top]->to < $x + self::SMALLEST) {
            return null;
        }
        foreach ($meets[$top] as $right) {
            if ($rules[$right]->at < $x + self::SMALLEST || $rules[$right]->to < $y + self::SMALLEST) {
                continue;
            }
            foreach ($crosses[$left] as $bottom) {
                $low = $rules[$bottom]->at;
                if (
                    $low >= $y + self::SMALLEST &&
                    $rules[$bottom]->spans($x, $rules[$right]->at, self::SLACK) &&
                    $rules[$right]->spans($y, $low, self::SLACK) &&
                    $rules[$left]->spans($y, $low, self::SLACK)
                ) {
                    return [$right, $bottom];
                }
            }
        }

        return null;
    }

    private static function between(Rule $left, Rule $right, Rule $top, Rule $bottom): Frame
    {
        $x = $left->at + $left->weight / 2;
        $y = $top->at + $top->weight / 2;

        return Frame::of(
            $x,
            $y,
            max(0, $right->at - $right->weight / 2 - $x),
            max(0, $bottom->at - $bottom->weight / 2 - $y),
        );
    }

    /** @param  array<int, int>  $group */
    private static function join(array &$group, int $a, int $b): void
    {
        $group[self::root($group, $a)] = self::root($group, $b);
    }

    /** @param  array<int, int>  $group */
    private static function root(array &$group, int $of): int
    {
        while ($group[$of] !== $of) {
            $group[$of] = $group[$group[$of]];
            $of = $group[$of];
        }

        return $of;
    }
}
