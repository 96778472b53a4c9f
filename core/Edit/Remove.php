<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Page\Element;
use OpenSlate\Page\Page;

/** Takes elements off the page. */
final readonly class Remove implements Edit
{
    public function __construct(public Selection $selection)
    {
    }

    public function apply(Page $page): Page
    {
        $this->selection->on($page);

        return $page->withElements(array_values(array_filter(
            $page->elements(),
            fn (Element $element): bool => ! $this->selection->has($element),
        )));
    }
}
