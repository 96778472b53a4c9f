<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Link;
use OpenSlate\Page\Page;

/** Switches the links of a page on or off, all of them or one. */
final readonly class SwitchLinks implements Edit
{
    public function __construct(public bool $on, public ?string $id = null)
    {
    }

    public function apply(Page $page): Page
    {
        if ($this->id !== null && ! ($page->element($this->id) instanceof Link)) {
            throw EditRefused::missing();
        }

        return $page->withElements(
            array_map(
                fn (Element $element): Element => $element instanceof Link &&
                ($this->id === null || $this->id === $element->id)
                    ? $element->switched($this->on)
                    : $element,
                $page->elements(),
            ),
        );
    }
}
