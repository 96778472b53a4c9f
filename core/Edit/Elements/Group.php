<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Makes elements one group, or takes groups apart. */
final readonly class Group implements Edit
{
    /** @param  string|null  $group  the group's id; null takes them apart */
    public function __construct(public Selection $selection, public ?string $group)
    {
    }

    public function apply(Page $page): Page
    {
        if ($this->group !== null && count($this->selection->on($page)) < 2) {
            throw EditRefused::fewToGroup();
        }

        return $this->selection->change($page, fn (Element $element): Element => $element->grouped($this->group));
    }
}
