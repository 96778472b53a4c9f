<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use Closure;
use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Part;
use OpenSlate\Page\Page;

/** Takes the copies of a stock apart and lays them beside each other, in as many rows as it takes. */
final readonly class LayOutStock implements Edit
{
    /** Between parts, in points. */
    private const GAP = 6.0;

    /** @param  Closure(): string  $newId */
    public function __construct(public string $id, public Closure $newId)
    {
    }

    public function apply(Page $page): Page
    {
        $part = $page->element($this->id);
        if (! $part instanceof Part || $part->stock < 2) {
            throw EditRefused::noStock();
        }
        $within =
            $page->isBeside($part->frame) && $page->tray !== null ? $page->tray->frame($page->size) : $page->frame();
        $frame = $part->frame;
        $columns = max(
            1,
            min($part->stock, 1 + (int) floor(($within->right() - $frame->right()) / ($frame->width + self::GAP))),
        );
        $single = $part->ofStock(1);
        $laid = [];
        for ($n = 0; $n < $part->stock; $n++) {
            $moved = $frame->moved(
                ($n % $columns) * ($frame->width + self::GAP),
                intdiv($n, $columns) * ($frame->height + self::GAP),
            );
            if (! Bounds::holds($within, $moved)) {
                throw EditRefused::noRoomToLayOut();
            }
            $one = $single->framed($moved);
            $laid[] = $n === 0 ? $one : $one->identified(($this->newId)());
        }
        $elements = [];
        foreach ($page->elements() as $element) {
            array_push($elements, ...($element === $part ? $laid : [$element]));
        }

        return count($elements) > Page::MOST_ELEMENTS ? throw EditRefused::tooMany() : $page->withElements($elements);
    }
}
