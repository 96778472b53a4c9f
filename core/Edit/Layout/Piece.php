<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Elements that move as one. */
final readonly class Piece
{
    public Frame $frame;

    /** @param  non-empty-list<Element>  $elements */
    public function __construct(public array $elements)
    {
        $this->frame = Frame::around(array_map(fn (Element $element): Frame => $element->frame(), $elements));
    }

    /** Where all of it may lie. */
    public function reach(Page $page): Frame
    {
        foreach ($this->elements as $element) {
            if (! $element instanceof Part) {
                return $page->frame();
            }
        }

        return $page->whole();
    }

    public function isLocked(): bool
    {
        foreach ($this->elements as $element) {
            if ($element->isLocked()) {
                return true;
            }
        }

        return false;
    }
}
