<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use Closure;
use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;

/** Lays copies of elements at equal steps, in points; copies that would leave the page are left out. */
final readonly class Repeat implements Edit
{
    public const MOST_TIMES = 100;

    /** @param  Closure(): string  $newId */
    public function __construct(
        public Selection $selection,
        public float $dx,
        public float $dy,
        public int $times,
        public Closure $newId,
    ) {
    }

    public function apply(Page $page): Page
    {
        $originals = $this->selection->on($page);
        $copies = [];
        for ($n = 1; $n <= $this->times; $n++) {
            $step = array_map(
                fn (Element $element): Element => $element->framed(
                    $element->frame()->moved($n * $this->dx, $n * $this->dy),
                ),
                $originals,
            );
            foreach ($step as $element) {
                if (! Bounds::holds($page->reach($element), $element->frame())) {
                    break 2;
                }
            }
            foreach ($step as $element) {
                $copies[] = $element->identified(($this->newId)());
            }
        }
        if ($copies === []) {
            throw EditRefused::offThePage();
        }

        return (new Place($copies))->apply($page);
    }
}
