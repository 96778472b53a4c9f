<?php

declare(strict_types=1);

namespace OpenSlate\Boards;

use OpenSlate\Elements\LinkTarget;
use OpenSlate\Page\Backdrop;
use OpenSlate\Paper\Size;

/** An option as it is drawn on the board: where it leads, and the printed page that stands for it. */
final readonly class BoardTile
{
    /** @param  Size  $shown  of the picture, from which only its proportions are taken */
    public function __construct(
        public ChoiceOption $option,
        public LinkTarget $target,
        public ?Backdrop $picture,
        public Size $shown,
    ) {
    }
}
