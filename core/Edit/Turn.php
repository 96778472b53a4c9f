<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Clip;
use OpenSlate\Page\Element;
use OpenSlate\Page\Page;

/** Turns a page clockwise by quarters, with the print and all that lies on it. Words in boxes and labels stay upright. */
final readonly class Turn implements Edit
{
    public function __construct(public Rotation $by)
    {
    }

    public function apply(Page $page): Page
    {
        [$width, $height] = [$page->size->width, $page->size->height];

        return $page->onPaper(
            $page->size->turned($this->by),
            $page->backdrop?->turned($this->by, $page->backdrop->frame?->turned($this->by, $width, $height)),
            array_map(function (Element $element) use ($width, $height): Element {
                $laid = $element->framed($element->frame()->turned($this->by, $width, $height));

                return $laid instanceof Clip ? $laid->turned($this->by) : $laid;
            }, $page->elements()),
        );
    }
}
