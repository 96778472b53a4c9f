<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Locks elements where they are, or unlocks them. */
final readonly class Lock implements Edit
{
    public function __construct(public Selection $selection, public bool $locked)
    {
    }

    public function apply(Page $page): Page
    {
        return $this->selection->change($page, fn (Element $element): Element => $element->locked($this->locked));
    }
}
