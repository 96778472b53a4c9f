<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use Closure;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Further;
use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Lays the same box over every further blank like the one that it is on: down the lines, or across the cells. */
final readonly class RepeatOver implements Edit
{
    /** What of a place must lie below a box for it to have one. */
    private const TAKEN = 0.4;

    /**
     * @param  list<Blank>  $blanks  those of the page's print, where the page shows it
     * @param  bool  $cells  over the empty cells of the table, else over the lines below
     * @param  Closure(): string  $newId
     */
    public function __construct(
        public Selection $selection,
        public array $blanks,
        public bool $cells,
        public Closure $newId,
    ) {
    }

    public function apply(Page $page): Page
    {
        [$box] = $this->selection->on($page);
        $further = $this->cells
            ? Further::cells($box->frame(), $this->blanks)
            : Further::lines($box->frame(), $this->blanks);
        $free = array_filter(
            $further,
            fn (Frame $frame): bool => Bounds::holds($page->frame(), $frame) && ! $this->isTaken($page, $frame),
        );
        if ($free === []) {
            throw $this->cells ? EditRefused::noFurtherCells() : EditRefused::noFurtherLines();
        }
        $copies = array_map(
            fn (Frame $frame): Element => $box->framed($frame)->identified(($this->newId)())->grouped(null),
            array_values($free),
        );

        return (new Place($copies))->apply($page);
    }

    private function isTaken(Page $page, Frame $frame): bool
    {
        foreach ($page->answerables() as $other) {
            if ($this->shared($other, $frame) >= self::TAKEN * $frame->width * $frame->height) {
                return true;
            }
        }

        return false;
    }

    private function shared(Answerable $other, Frame $frame): float
    {
        $mine = $other->frame();
        $across = min($mine->right(), $frame->right()) - max($mine->x, $frame->x);
        $down = min($mine->bottom(), $frame->bottom()) - max($mine->y, $frame->y);

        return max(0.0, $across) * max(0.0, $down);
    }
}
