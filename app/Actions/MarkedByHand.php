<?php

declare(strict_types=1);

namespace App\Actions;

/** What came of marking by hand. */
final readonly class MarkedByHand
{
    /**
     * @param  int  $marking  the item's marking now
     * @param  list<int>  $theirs  copies that a colleague had marked meanwhile; they keep what the colleague gave
     */
    public function __construct(public int $marking, public array $theirs)
    {
    }
}
