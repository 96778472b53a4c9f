<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** A point on a part that holds to joints of other parts. */
final readonly class Joint
{
    public const MOST = 12;

    /**
     * @param  string  $id  of one part's joints, each has its own
     * @param  float  $x  share of the part's width, from its left
     * @param  float  $y  share of its height, from its top
     */
    public function __construct(public string $id, public float $x, public float $y)
    {
    }
}
