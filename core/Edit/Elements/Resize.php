<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Gives elements new frames. */
final readonly class Resize implements Edit
{
    /** @param  array<string, Frame>  $frames  by element id */
    public function __construct(public array $frames)
    {
    }

    public function apply(Page $page): Page
    {
        // PHP turns array keys of digits into integers; ids are text.
        $selection = Selection::of(array_map(strval(...), array_keys($this->frames)));

        foreach ($selection->on($page) as $element) {
            if ($element->isLocked()) {
                throw EditRefused::locked();
            }
        }

        return $selection->change(
            $page,
            fn (Element $element): Element => $element->framed(
                Bounds::check($this->frames[$element->id()], $page->reach($element)),
            ),
        );
    }
}
