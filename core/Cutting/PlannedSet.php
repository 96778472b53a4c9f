<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

/** A set that would be cut. */
final readonly class PlannedSet
{
    /** @param  non-empty-list<int>  $pages */
    public function __construct(public string $name, public array $pages)
    {
    }
}
