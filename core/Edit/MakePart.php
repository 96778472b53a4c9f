<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Page\Clip;
use OpenSlate\Page\Element;
use OpenSlate\Page\Page;
use OpenSlate\Page\Part;
use OpenSlate\Page\PartForm;
use OpenSlate\Page\Picture;

/** Turns a picture or a clip into a part that shows it, where it lies. */
final readonly class MakePart implements Edit
{
    /** @param  string  $source  SHA-256 of the picture; of a clip, cut out of its page */
    public function __construct(public string $id, public string $source)
    {
    }

    public function apply(Page $page): Page
    {
        $element = $page->element($this->id);
        if (! $element instanceof Picture && ! $element instanceof Clip) {
            throw EditRefused::noPicture();
        }
        $name = $element instanceof Picture ? mb_substr($element->words, 0, Part::LONGEST_NAME) : '';
        $part = new Part($element->id(), $element->frame(), PartForm::Picture, name: $name, weight: 0.0, source: $this->source, group: $element->group(), locked: $element->isLocked());

        return $page->withElements(array_map(fn (Element $one): Element => $one === $element ? $part : $one, $page->elements()));
    }
}
