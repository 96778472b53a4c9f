<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** How a class has a handout: the whole class, with whoever joins it, or some of it; and when, if not as the others. */
final readonly class ClassTerms
{
    public function __construct(public bool $whole, public ?Times $times = null)
    {
    }
}
