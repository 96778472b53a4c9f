<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use Brick\Math\BigRational;

/** A number as it was written, and its unit. */
final readonly class Quantity
{
    /**
     * @param  string  $unit  as written; empty where there is none
     * @param  int  $decimals  how many places after the point were written
     */
    public function __construct(public BigRational $value, public string $unit, public int $decimals)
    {
    }
}
