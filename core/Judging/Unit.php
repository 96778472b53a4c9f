<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Brick\Math\BigRational;

/** A unit of measure: of what it is one, and how to come from it to the first unit of that. */
final readonly class Unit
{
    /**
     * @param  string  $of  what is measured: "length", "time" …
     * @param  BigRational  $factor  how many of the first unit one is
     * @param  BigRational|null  $zero  where its zero lies in the first unit; null where all zeros are one
     */
    public function __construct(public string $of, private BigRational $factor, private ?BigRational $zero = null)
    {
    }

    public function inFirst(BigRational $value): BigRational
    {
        $scaled = $value->multipliedBy($this->factor);

        return $this->zero === null ? $scaled : $scaled->plus($this->zero);
    }

    /** A difference in it, in the first unit: zeros do not matter. */
    public function span(BigRational $value): BigRational
    {
        return $value->multipliedBy($this->factor);
    }
}
