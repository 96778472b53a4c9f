<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Page\Page;

/** Puts pieces over one another, on one centre. */
final readonly class Stack implements Edit
{
    public function __construct(public Selection $selection)
    {
    }

    public function apply(Page $page): Page
    {
        $pieces = Pieces::of($this->selection, $page);
        $around = $pieces->around();

        return $pieces->moved(
            $page,
            fn (Piece $piece): array => [
                $around->x + $around->width / 2 - $piece->frame->x - $piece->frame->width / 2,
                $around->middle() - $piece->frame->middle(),
            ],
        );
    }
}
