<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/**
 * Moves elements together, in points; at the paper's edge they stop, keeping their places to each other. What is locked
 * stays.
 */
final readonly class Move implements Edit
{
    public function __construct(public Selection $selection, public float $dx, public float $dy)
    {
    }

    public function apply(Page $page): Page
    {
        $free = $this->selection->unlocked($page);
        [$dx, $dy] = [$this->dx, $this->dy];
        foreach ($free->on($page) as $element) {
            [$dx, $dy] = $element->frame()->moveWithin($dx, $dy, $page->reach($element));
        }

        return $free->change(
            $page,
            fn (Element $element): Element => $element->framed($element->frame()->moved($dx, $dy)),
        );
    }
}
