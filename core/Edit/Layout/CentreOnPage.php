<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Page\Page;

/** Puts the middle of each piece on the middle of the page: rings so placed are concentric. */
final readonly class CentreOnPage implements Edit
{
    public function __construct(public Selection $selection)
    {
    }

    public function apply(Page $page): Page
    {
        $frame = $page->frame();

        return Pieces::of($this->selection, $page)->moved(
            $page,
            fn (Piece $piece): array => [
                $frame->width / 2 - $piece->frame->x - $piece->frame->width / 2,
                $frame->height / 2 - $piece->frame->middle(),
            ],
        );
    }
}
