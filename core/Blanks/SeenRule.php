<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/** A rule as it is seen in a picture, which may lie a little askew. */
final readonly class SeenRule
{
    /**
     * @param  float  $slope  how far it goes down for each point across; for an upright one, to the right for each
     *                        point down
     */
    public function __construct(public Rule $rule, public float $slope)
    {
    }

    /** How far it lies aside of another, both where the shorter of them has its middle, in points. */
    public function aside(self $other): float
    {
        $shorter = $this->rule->length() < $other->rule->length() ? $this : $other;
        $middle = ($shorter->rule->from + $shorter->rule->to) / 2;

        return abs($this->at($middle) - $other->at($middle));
    }

    /** A part of it, which lies as it does. */
    public function between(float $from, float $to): self
    {
        $rule = $this->rule;
        $at = $this->at(($from + $to) / 2);

        return new self(new Rule($rule->level, $at, $from, $to, $rule->weight, $rule->dashed), $this->slope);
    }

    /** Where it lies across, at a place along it. */
    public function at(float $along): float
    {
        return $this->rule->at + $this->slope * ($along - ($this->rule->from + $this->rule->to) / 2);
    }

    /** The rule on the page set upright, which was turned by so much, in radians, about its middle. */
    public function upright(float $tilt, float $middleX, float $middleY): Rule
    {
        $along = ($this->rule->from + $this->rule->to) / 2;
        [$x, $y] = $this->rule->level ? [$along, $this->rule->at] : [$this->rule->at, $along];
        [$x, $y] = [$x - $middleX, $y - $middleY];
        $newX = $middleX + $x * cos($tilt) + $y * sin($tilt);
        $newY = $middleY - $x * sin($tilt) + $y * cos($tilt);
        $half = $this->rule->length() / 2;
        $place = $this->rule->level ? $newX : $newY;

        return new Rule(
            $this->rule->level,
            $this->rule->level ? $newY : $newX,
            $place - $half,
            $place + $half,
            $this->rule->weight,
            $this->rule->dashed,
        );
    }
}
