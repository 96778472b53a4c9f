<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;

/**
 * Sets properties (words, text size, cover …) on all selected elements that have them.
 *
 * The new values pass through the element codec, so that an edit can make nothing that a stored page could not hold.
 */
final readonly class Change implements Edit
{
    /** What has edits of its own. */
    private const NOT_PROPERTIES = [
        'id' => 1,
        'kind' => 1,
        'x' => 1,
        'y' => 1,
        'width' => 1,
        'height' => 1,
        'group' => 1,
        'locked' => 1,
    ];

    /** @param  array<string, mixed>  $properties  by name in the page format */
    public function __construct(public Selection $selection, public array $properties)
    {
    }

    public function apply(Page $page): Page
    {
        $selected = $this->selection->on($page);
        if ($this->properties === []) {
            throw EditRefused::nothingChosen();
        }
        $changed = array_map($this->changed(...), $selected);
        foreach (array_keys($this->properties) as $name) {
            $having = array_filter(
                $changed,
                fn (Element $element): bool => array_key_exists($name, ElementCodec::properties($element)),
            );
            if ($having === []) {
                throw EditRefused::noSuchProperty($name);
            }
        }

        return $this->selection->change($page, $this->changed(...));
    }

    private function changed(Element $element): Element
    {
        try {
            return ElementCodec::changed($element, array_diff_key($this->properties, self::NOT_PROPERTIES));
        } catch (InvalidJson $problem) {
            throw EditRefused::invalid(ltrim($problem->path, '$.').' '.$problem->problem, $problem);
        }
    }
}
