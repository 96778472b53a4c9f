<?php

declare(strict_types=1);

namespace App\View;

/** What came of making room on a page for the pages after it. */
final class RoomWords
{
    /** @param  int  $pages  that carry it on */
    public static function of(int $pages): string
    {
        return $pages === 0
            ? 'All of it is on this page again.'
            : 'What crossed the foot is on '.
                    Count::of($pages, 'page').
                    ' right after this one. To undo it, use Undo at the Pages station.';
    }
}
