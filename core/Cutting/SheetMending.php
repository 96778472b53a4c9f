<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/**
 * What a page with chosen questions was made of, as it was and as it is now, both laid out as that page has it: so that
 * what was mended there can be merged into it.
 */
final class SheetMending
{
    /**
     * @param  Page  $sheet  the page with chosen questions now
     * @param  list<array{Piece, Page, Page}>  $pieces  each with its page when the two were last the same, and now
     * @return array{Page, Page} the base and the master of a merge
     */
    public static function sides(Page $sheet, array $pieces): array
    {
        [$base, $now] = [[], []];
        foreach ($pieces as [$piece, $was, $is]) {
            // Turned, or on other paper, a page has its questions elsewhere.
            $isOther = $was->backdrop != $is->backdrop || $was->size != $is->size;
            array_push($base, ...$piece->laid($was));
            array_push($now, ...$piece->laid($isOther ? $was : $is));
        }
        $base = $sheet->withElements($base);

        return [
            $base,
            $sheet->withElements(
                array_values(array_filter($now, fn (Element $one): bool => ! self::isThere($one, $sheet, $base))),
            ),
        ];
    }

    /**
     * Whether a new place stands where the sheet has one of its own already: boxes were laid on it for the blanks that
     * had none.
     */
    private static function isThere(Element $new, Page $sheet, Page $base): bool
    {
        if (! $new instanceof Answerable || $base->element($new->id()) !== null) {
            return false;
        }
        foreach ($sheet->elements() as $own) {
            $isOwn = $own instanceof Answerable && $own->id() !== $new->id() && $base->element($own->id()) === null;
            if ($isOwn && $own->frame()->holds($new->frame()->centre())) {
                return true;
            }
        }

        return false;
    }
}
