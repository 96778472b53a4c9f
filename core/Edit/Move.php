<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Element;
use OpenSlate\Page\Page;

/** Moves elements together, in points; at the paper's edge they stop, keeping their places to each other. */
final readonly class Move implements Edit
{
    public function __construct(public Selection $selection, public float $dx, public float $dy)
    {
    }

    public function apply(Page $page): Page
    {
        $around = Frame::around(array_map(fn (Element $element): Frame => $element->frame(), $this->selection->on($page)));
        [$dx, $dy] = Bounds::heldBack($around, $this->dx, $this->dy, $page);

        return $this->selection->change($page, fn (Element $element): Element => $element->framed($element->frame()->moved($dx, $dy)));
    }
}
