<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** A straight printed line, level or upright, in points. */
final readonly class Rule
{
    /**
     * @param  bool  $level  whether it goes across; else it goes down
     * @param  float  $at  its middle: the height of a level rule, the distance from the left of an upright one
     * @param  float  $from  where it begins, from the left or from the top
     * @param  float  $weight  how thick it is
     * @param  bool  $dashed  made of dashes or dots
     * @param  bool  $typed  made of underscores
     */
    public function __construct(
        public bool $level,
        public float $at,
        public float $from,
        public float $to,
        public float $weight = 1.0,
        public bool $dashed = false,
        public bool $typed = false,
    ) {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }

    /** Whether it reaches from one place to another, but for a little. */
    public function spans(float $from, float $to, float $slack): bool
    {
        return $this->from <= $from + $slack && $this->to >= $to - $slack;
    }

    public function reaches(float $place, float $slack): bool
    {
        return $this->from <= $place + $slack && $this->to >= $place - $slack;
    }
}
