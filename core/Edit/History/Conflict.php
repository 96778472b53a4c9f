<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

use OpenSlate\Elements\Element;

/** An element that the set and its master both changed since they were the same, each in its own way. Null: removed. */
final readonly class Conflict
{
    public function __construct(public string $id, public ?Element $set, public ?Element $master)
    {
    }
}
