<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Takes elements off the page; what is locked stays. */
final readonly class Remove implements Edit
{
    public function __construct(public Selection $selection)
    {
    }

    public function apply(Page $page): Page
    {
        $free = $this->selection->unlocked($page);

        return $page->withElements(
            array_values(array_filter($page->elements(), fn (Element $element): bool => ! $free->has($element))),
        );
    }
}
