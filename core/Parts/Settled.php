<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\Model;

/** What came of moving parts. */
final readonly class Settled
{
    /** @param  list<string>  $said  why parts went back to where they came from, in words for a ten-year-old */
    public function __construct(public Model $model, public array $said = [])
    {
    }
}
