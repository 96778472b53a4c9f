<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Picture;
use OpenSlate\Page\Page;

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
        $part = new Part(
            id: $element->id(),
            frame: $element->frame(),
            form: PartForm::Picture,
            name: $name,
            weight: 0.0,
            source: $this->source,
            group: $element->group(),
            locked: $element->isLocked(),
        );

        return $page->withElements(
            array_map(fn (Element $one): Element => $one === $element ? $part : $one, $page->elements()),
        );
    }
}
