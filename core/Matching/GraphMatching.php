<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

/**
 * Which part of a student's model stands for which of the key's: parts of one name are interchangeable, and the best
 * assignment is the one under which most joins are the same. Where all of them are, the two are the same graph
 * (label-preserving isomorphism).
 *
 * It is grown from pairs whose surroundings are alike the farthest (Surroundings, Growth), bettered by branch and bound
 * along the joins of the key, and where that has to leave off, by letting two parts change places.
 */
final class GraphMatching
{
    /** Once there is an assignment, so many more single ones are tried to better it. */
    private const MOST_TRIES = 15000;

    /** And so many changes of places. */
    private const MOST_SWAPS = 40000;

    /** From so many pairs an assignment is grown. */
    private const SEEDS = 24;

    /** Of them with each part, the most alike. */
    private const SEEDS_EACH = 4;

    /** Of the parts that would be joined to nothing that is assigned, so many are tried, the most alike first. */
    private const MOST_APART = 12;

    private const RIGHT = 2;

    /** Worth of a join of the right parts by the wrong joints, or the wrong way round. */
    private const REVERSED = 1;

    private int $tries = 0;

    private int $best = -1;

    /** @var array<string, string|null> the best assignment so far */
    private array $found = [];

    /** @var array<string, string|null> the one that is tried */
    private array $to = [];

    /** @var array<string, true> the student's parts that it has assigned */
    private array $taken = [];

    /** @var list<string> the key's parts, each joined to those before where it can be */
    private array $order;

    /** @var list<list<Edge>> the joins of each with itself and those before */
    private array $back = [];

    /** @var array<string, array<int, Edge>> the joins of each, by their number */
    private array $touching = [];

    /** @var list<int> what can still be won from each on, at the most */
    private array $left;

    /** @var array<string, int> how often there is a join in the student's model, by its name */
    private array $exact;

    /** @var array<string, int> the same, by the parts alone */
    private array $loose;

    /** @var array<string, array<string, true>> what each of the student's parts is joined to */
    private array $beside;

    /**
     * @var array<string, array<string, int>>  for each of the key's parts the student's of its name, and how far they
     *                                         are alike; the most alike first
     */
    private array $alike = [];

    private int $ceiling;

    /**
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, string>  $names  of all parts, by key
     */
    private function __construct(array $key, array $done, array $names)
    {
        $this->alike = ColourRefinement::alike($key, $done, $names);
        $this->order = $this->along($key);
        $at = array_flip($this->order);
        $this->back = array_fill(0, count($this->order), []);
        foreach ($key as $number => $edge) {
            $this->back[max($at[$edge->a], $at[$edge->b])][] = $edge;
            $this->touching[$edge->a][$number] = $this->touching[$edge->b][$number] = $edge;
        }
        $this->left = [0];
        foreach (array_reverse($this->back) as $edges) {
            array_unshift($this->left, $this->left[0] + self::RIGHT * count($edges));
        }
        $this->exact = array_count_values(array_map(fn (Edge $edge): string => $edge->name(), $done));
        $this->loose = array_count_values(array_map(fn (Edge $edge): string => $edge->between(), $done));
        $this->beside = self::neighbours($done);
        $this->ceiling = self::ceiling($key, $done, $names);
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
        $likeness->grow(new Growth($key, $done, $likeness->alike));
        $likeness->assign(0, 0);
        $likeness->improve();

        return $likeness->found;
    }

    /** Something good to begin with: what is not worth more need not be looked at. */
    private function grow(Growth $growth): void
    {
        $seeds = [];
        foreach ($this->alike as $part => $others) {
            foreach (array_slice($others, 0, self::SEEDS_EACH, true) as $other => $rounds) {
                $seeds[] = [$rounds, (string) $part, (string) $other];
            }
        }
        usort($seeds, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach (array_slice($seeds, 0, self::SEEDS) as [, $part, $other]) {
            $this->to = $growth->from($part, $other);
            $worth = $this->worth(array_merge(...$this->back));
            if ($worth > $this->best) {
                [$this->best, $this->found] = [$worth, $this->to];
            }
            if ($worth >= $this->ceiling) {
                break;
            }
        }
        $this->to = [];
    }

    /** Where the search had to leave off, two parts change places as long as that is worth more. */
    private function improve(): void
    {
        $this->to = $this->found;
        $holder = array_flip(array_filter($this->to, is_string(...)));
        $swaps = 0;
        do {
            $before = $this->best;
            foreach ($this->order as $part) {
                foreach (array_keys($this->alike[$part]) as $candidate) {
                    $candidate = (string) $candidate;
                    $now = $this->to[$part] ?? null;
                    if ($this->best >= $this->ceiling || ++$swaps > self::MOST_SWAPS) {
                        break 3;
                    }
                    if ($now === $candidate) {
                        continue;
                    }
                    $other = isset($holder[$candidate]) ? (string) $holder[$candidate] : null;
                    $edges = $this->touching[$part] + ($other === null ? [] : $this->touching[$other]);
                    $was = $this->worth($edges);
                    $this->to[$part] = $candidate;
                    if ($other !== null) {
                        $this->to[$other] = $now;
                    }
                    $won = $this->worth($edges) - $was;
                    if ($won > 0) {
                        $this->best += $won;
                        $holder = array_flip(array_filter($this->to, is_string(...)));
                    } else {
                        $this->to[$part] = $now;
                        if ($other !== null) {
                            $this->to[$other] = $candidate;
                        }
                    }
                }
            }
        } while ($this->best > $before);
        $this->found = $this->to;
    }

    private function assign(int $at, int $worth): void
    {
        if ($at === count($this->order)) {
            if ($worth > $this->best) {
                [$this->best, $this->found] = [$worth, $this->to];
            }

            return;
        }
        if ($worth + $this->left[$at] <= $this->best) {
            return;
        }
        $part = $this->order[$at];
        $tries = [];
        foreach ($this->candidates($part, $at) as $candidate => $alike) {
            $this->tries++;
            $this->to[$part] = (string) $candidate;
            $tries[] = [$this->worth($this->back[$at]), $alike, (string) $candidate];
        }
        usort($tries, fn (array $a, array $b): int => [$b[0], $b[1]] <=> [$a[0], $a[1]]);
        foreach ([...$tries, [0, 0, null]] as [$won, , $candidate]) {
            if ($this->best >= $this->ceiling || ($this->best >= 0 && $this->tries > self::MOST_TRIES)) {
                break;
            }
            $this->to[$part] = $candidate;
            if ($candidate !== null) {
                $this->taken[$candidate] = true;
            }
            $this->assign($at + 1, $worth + $won);
            unset($this->taken[(string) $candidate]);
        }
        unset($this->to[$part]);
    }

    /**
     * @return array<string, int> the student's parts that may stand for one of the key's, and how far they are alike
     */
    private function candidates(string $part, int $at): array
    {
        $joined = [];
        foreach ($this->back[$at] as $edge) {
            $image = $this->to[$edge->a === $part ? $edge->b : $edge->a] ?? null;
            $joined += $image === null ? [] : $this->beside[$image];
        }
        $candidates = [];
        $apart = 0;
        foreach ($this->alike[$part] as $candidate => $alike) {
            if (! isset($this->taken[$candidate]) && (isset($joined[$candidate]) || $apart++ < self::MOST_APART)) {
                $candidates[$candidate] = $alike;
            }
        }

        return $candidates;
    }

    /** @param  array<int, Edge>  $edges  of the key */
    private function worth(array $edges): int
    {
        $worth = 0;
        $used = [];
        foreach ($edges as $edge) {
            $carried = $edge->carried($this->to);
            if ($carried === null) {
                continue;
            }
            [$exact, $loose] = [$carried->name(), $carried->between()];
            $used[$exact] = ($used[$exact] ?? 0) + 1;
            $worth += match (true) {
                $used[$exact] <= ($this->exact[$exact] ?? 0) => self::RIGHT,
                isset($this->loose[$loose]) => self::REVERSED,
                default => 0,
            };
        }

        return $worth;
    }

    /**
     * What an assignment can be worth at the most, by how many joins of each kind there are.
     *
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, string>  $names
     */
    private static function ceiling(array $key, array $done, array $names): int
    {
        $kind = fn (Edge $edge): Edge => $edge->carried($names) ?? $edge;
        [$wanted, $there] = [array_map($kind, $key), array_map($kind, $done)];
        $right = self::common(
            array_map(fn (Edge $edge): string => $edge->name(), $wanted),
            array_map(fn (Edge $edge): string => $edge->name(), $there),
        );
        $loose = self::common(
            array_map(fn (Edge $edge): string => $edge->between(), $wanted),
            array_map(fn (Edge $edge): string => $edge->between(), $there),
        );

        return self::RIGHT * $right + self::REVERSED * max(0, $loose - $right);
    }

    /**
     * How many of the one are also among the other.
     *
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private static function common(array $one, array $other): int
    {
        $counts = array_count_values($other);
        $common = 0;
        foreach (array_count_values($one) as $name => $count) {
            $common += min($count, $counts[$name] ?? 0);
        }

        return $common;
    }

    /**
     * @param  list<Edge>  $edges
     * @return array<string, array<string, true>>
     */
    private static function neighbours(array $edges): array
    {
        $beside = [];
        foreach ($edges as $edge) {
            $beside[$edge->a][$edge->b] = $beside[$edge->b][$edge->a] = true;
        }

        return $beside;
    }

    /**
     * The key's parts along its joins: always next what is joined to most of those before, and begun with what is
     * surest.
     *
     * @param  list<Edge>  $key
     * @return list<string>
     */
    private function along(array $key): array
    {
        $beside = self::neighbours($key);
        $open = array_map(fn (): int => 0, $beside);
        // The farther one is alike, and the fewer are, the surer it is which stands for it.
        $sure = array_map(
            fn (array $others): array => [
                -($most = max([0, ...array_values($others)])),
                count(array_keys($others, $most, true)),
            ],
            $this->alike,
        );
        $order = [];
        while ($open !== []) {
            $next = array_key_first($open);
            foreach ($open as $part => $ties) {
                if (
                    [-$ties, ...$sure[$part], -count($beside[$part])] < [
                        -$open[$next],
                        ...$sure[$next],
                        -count($beside[$next]),
                    ]
                ) {
                    $next = $part;
                }
            }
            $order[] = (string) $next;
            unset($open[$next]);
            foreach (array_keys($beside[$next]) as $other) {
                if (isset($open[$other])) {
                    $open[$other]++;
                }
            }
        }

        return $order;
    }
}
