<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;

/** How much room there is on a page to write or draw in. */
final class Room
{
    /** Empty frames that take this share of a page are there to be drawn in, and are as good as several places. */
    private const LARGE = 0.15;

    private const SEVERAL = 3;

    /** In places: each printed line is one, as each gap and each cell is, and each row of cells to choose from. */
    public static function on(Marks $page): int
    {
        $places = 0;
        $empty = 0.0;
        foreach ([...BlankFinder::find($page), ...TableChoices::find($page)] as $blank) {
            $places += $blank->count;
            $isFrame = $blank->kind === BlankKind::Box || $blank->kind === BlankKind::Cell;
            $empty += $isFrame ? $blank->frame->width * $blank->frame->height : 0.0;
        }
        $isLarge = $empty >= self::LARGE * $page->size->width * $page->size->height;

        return $isLarge ? max(self::SEVERAL, $places) : $places;
    }
}
