<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Selection;
use OpenSlate\Page\Page;

/** Lines pieces up on a side or a middle of the frame around them; one piece alone on the page's. */
final readonly class Align implements Edit
{
    public function __construct(public Selection $selection, public AlignTo $to)
    {
    }

    public function apply(Page $page): Page
    {
        $pieces = Pieces::of($this->selection, $page);
        $frame = count($pieces->all) === 1 ? $page->frame() : $pieces->around();

        return $pieces->moved(
            $page,
            fn (Piece $piece): array => match ($this->to) {
                AlignTo::Left => [$frame->x - $piece->frame->x, 0.0],
                AlignTo::Centre => [$frame->x + $frame->width / 2 - $piece->frame->x - $piece->frame->width / 2, 0.0],
                AlignTo::Right => [$frame->right() - $piece->frame->right(), 0.0],
                AlignTo::Top => [0.0, $frame->y - $piece->frame->y],
                AlignTo::Middle => [0.0, $frame->middle() - $piece->frame->middle()],
                AlignTo::Bottom => [0.0, $frame->bottom() - $piece->frame->bottom()],
            },
        );
    }
}
