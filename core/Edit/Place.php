<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Lays new elements on top of the page: drawn ones, and pasted ones. */
final readonly class Place implements Edit
{
    /** @param  list<Element>  $elements */
    public function __construct(public array $elements)
    {
    }

    public function apply(Page $page): Page
    {
        if ($this->elements === []) {
            throw EditRefused::nothingChosen();
        }
        foreach ($this->elements as $element) {
            Bounds::check($element->frame(), $page->reach($element));
        }
        $all = [...$page->elements(), ...$this->elements];
        if (count($all) > Page::MOST_ELEMENTS) {
            throw EditRefused::tooMany();
        }

        return $page->withElements($all);
    }
}
