<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Elements\Answerable;

/** How much there is on a page: places to fill in, parts, and how many places have a key, of how many that could. */
final readonly class Tally
{
    public function __construct(public int $boxes, public int $parts, public int $keyed, public int $keyable)
    {
    }

    /** All parts that can be moved are one answer, with one key. */
    public static function of(Page $page): self
    {
        $boxes = $keyed = $keyable = 0;
        foreach ($page->elements() as $element) {
            if ($element instanceof Answerable) {
                $keyed += count($element->keys());
                foreach ($element->places() as $form) {
                    $boxes++;
                    $keyable += (int) $form->kind()->canBeKeyed();
                }
            }
        }

        return new self(
            $boxes,
            count($page->parts()),
            $keyed + (int) ($page->key !== null),
            $keyable + (int) $page->hasMoves(),
        );
    }
}
