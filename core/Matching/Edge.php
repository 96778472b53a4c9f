<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

/**
 * Two parts that hold together: joint to joint, or by a connector between two joints. Neither comes first, but along an
 * arrow.
 */
final readonly class Edge
{
    /**
     * @param  string  $by  the connector's name; nothing where joint holds to joint
     * @param  string  $a  the key of one part, "lamp.2"
     * @param  string  $atA  its joint
     * @param  string  $b  the key of the other
     * @param  string  $atB  its joint
     * @param  bool  $oneWay  whether it runs from a to b
     */
    public function __construct(
        public string $by,
        public string $a,
        public string $atA,
        public string $b,
        public string $atB,
        public bool $oneWay = false,
    ) {
    }

    public function has(string $key): bool
    {
        return $this->a === $key || $this->b === $key;
    }

    /**
     * The same between other parts.
     *
     * @param  array<string, string|null>  $to  keys by key
     */
    public function carried(array $to): ?self
    {
        [$a, $b] = [$to[$this->a] ?? null, $to[$this->b] ?? null];

        return $a === null || $b === null ? null : new self($this->by, $a, $this->atA, $b, $this->atB, $this->oneWay);
    }

    /** The same at no joints in particular. */
    public function anywhere(): self
    {
        return new self($this->by, $this->a, '', $this->b, '', $this->oneWay);
    }

    /** How it is joined, from the part at one end: by what, at which joint, which way, to which joint. */
    public function seenFrom(string $key): string
    {
        return $key === $this->a
            ? "{$this->by}|{$this->atA}>{$this->atB}"
            : "{$this->by}|{$this->atB}".($this->oneWay ? '<' : '>').$this->atA;
    }

    /** One text for one edge: whichever end comes first, unless it runs one way. */
    public function name(): string
    {
        $ends = ["{$this->a}@{$this->atA}", "{$this->b}@{$this->atB}"];
        if (! $this->oneWay) {
            sort($ends);
        }

        return "{$this->by}|{$ends[0]}|{$ends[1]}";
    }

    /** One text for all edges by the same between two parts, at whichever joints and whichever way. */
    public function between(): string
    {
        $ends = [$this->a, $this->b];
        sort($ends);

        return "{$this->by}|{$ends[0]}|{$ends[1]}";
    }
}
