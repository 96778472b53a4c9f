<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** The tags of a page's elements: a letter for the kind, a number in reading order ("A3"). */
final class Tags
{
    /** @return array<string, string> tag by element id, in reading order */
    public static function of(Page $page): array
    {
        $counts = [];
        $tags = [];
        foreach (ReadingOrder::of($page->elements()) as $element) {
            $letter = $element->kind()->letter();
            $counts[$letter] = ($counts[$letter] ?? 0) + 1;
            $tags[$element->id()] = $letter.$counts[$letter];
        }

        return $tags;
    }
}
