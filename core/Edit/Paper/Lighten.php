<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Paper;

use OpenSlate\Edit\Edit;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Picture;
use OpenSlate\Page\Page;

/** Shows lighter pictures in place of those of a page; all stays where it is. */
final readonly class Lighten implements Edit
{
    /**
     * @param  bool  $print  whether the print is shown lighter, too
     * @param  array<string, string>  $pictures  what stands for a picture, both by SHA-256
     */
    public function __construct(private bool $print, private array $pictures)
    {
    }

    public function apply(Page $page): Page
    {
        $lightened = $page->withElements(array_map($this->lightened(...), $page->elements()));

        return $this->print ? $lightened->withPrint($page->backdrop?->lighter()) : $lightened;
    }

    private function lightened(Element $element): Element
    {
        $other = fn (string $source): string => $this->pictures[$source] ?? $source;

        return match (true) {
            $element instanceof Picture => $element->showing($other($element->source)),
            $element instanceof Part => $element->showing($other($element->source), array_map($other, $element->set)),
            default => $element,
        };
    }
}
