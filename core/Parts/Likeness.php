<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

/**
 * Which part of a student's model stands for which of the key's: parts of one name are interchangeable, and the best
 * assignment is the one under which most joins are the same. Where all of them are, the two are the same graph
 * (label-preserving isomorphism).
 */
final class Likeness
{
    /** After so many assignments looked at, the best so far is taken. */
    private const MOST_STEPS = 60000;

    /** Worth of a join of the right parts by the wrong joints, where one by the right ones is worth 2. */
    private const REVERSED = 1;

    private int $steps = 0;

    private int $best = -1;

    /** @var array<string, string|null> */
    private array $found = [];

    /** @var list<string> the key's parts, those with most joins first, each joined to those before where it can be */
    private array $order;

    /** @var array<string, int> how often there is an edge, by its name */
    private array $exact;

    /** @var array<string, int> */
    private array $loose;

    /**
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, string>  $names  of all parts, by key
     */
    private function __construct(private readonly array $key, private readonly array $done, private readonly array $names)
    {
        $this->order = self::connected($key);
        $this->exact = array_count_values(array_map(fn (Edge $edge): string => $edge->name(), $done));
        $this->loose = array_count_values(array_map(fn (Edge $edge): string => $edge->between(), $done));
    }

    /**
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, string>  $names
     * @return array<string, string|null> the student's part by the key's
     */
    public static function best(array $key, array $done, array $names): array
    {
        $likeness = new self($key, $done, $names);
        $free = [];
        foreach (self::connected($done) as $part) {
            $free[$names[$part] ?? ''][] = $part;
        }
        $likeness->assign(0, [], $free, 0, 2 * count($key));

        return $likeness->found;
    }

    /**
     * @param  array<string, string|null>  $to
     * @param  array<string, list<string>>  $free  parts not yet taken, by name
     * @param  int  $left  what can still be won at the most
     */
    private function assign(int $at, array $to, array $free, int $worth, int $left): void
    {
        if ($worth > $this->best && $at === count($this->order)) {
            [$this->best, $this->found] = [$worth, $to];
        }
        if ($at === count($this->order) || $worth + $left <= $this->best || ++$this->steps > self::MOST_STEPS) {
            return;
        }
        $part = $this->order[$at];
        $name = $this->names[$part] ?? '';
        $its = array_filter($this->key, fn (Edge $edge): bool => $edge->has($part) && (array_key_exists($edge->a === $part ? $edge->b : $edge->a, $to) || $edge->a === $edge->b));
        $tries = [];
        foreach ($free[$name] ?? [] as $candidate) {
            $tries[] = [$this->worth($its, [...$to, $part => $candidate]), $candidate];
        }
        usort($tries, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ([...$tries, [0, null]] as [$won, $candidate]) {
            $this->assign($at + 1, [...$to, $part => $candidate], $candidate === null ? $free : [...$free, $name => array_values(array_diff($free[$name], [$candidate]))], $worth + $won, $left - 2 * count($its));
        }
    }

    /**
     * @param  array<int, Edge>  $edges  of the key
     * @param  array<string, string|null>  $to
     */
    private function worth(array $edges, array $to): int
    {
        $worth = 0;
        $used = [];
        foreach ($edges as $edge) {
            $carried = $edge->carried($to);
            if ($carried === null) {
                continue;
            }
            [$exact, $loose] = [$carried->name(), $carried->between()];
            $used[$exact] = ($used[$exact] ?? 0) + 1;
            $worth += match (true) {
                $used[$exact] <= ($this->exact[$exact] ?? 0) => 2,
                isset($this->loose[$loose]) => self::REVERSED,
                default => 0,
            };
        }

        return $worth;
    }

    /**
     * @param  list<Edge>  $edges
     * @return list<string> the parts they join
     */
    private static function connected(array $edges): array
    {
        $joins = array_count_values(array_merge(...array_map(fn (Edge $edge): array => [$edge->a, $edge->b], $edges), ...[[]]));
        arsort($joins);
        $order = [];
        while ($joins !== []) {
            $next = null;
            foreach (array_keys($joins) as $part) {
                foreach ($edges as $edge) {
                    if ($edge->has((string) $part) && (in_array($edge->a, $order, true) || in_array($edge->b, $order, true))) {
                        $next = (string) $part;
                        break 2;
                    }
                }
            }
            $next ??= (string) array_key_first($joins);
            $order[] = $next;
            unset($joins[$next]);
        }

        return $order;
    }
}
