<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Layout;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Geometry\Axis;
use OpenSlate\Page\Page;

/** Makes the gaps between pieces equal; the first and the last stay where they are. */
final readonly class SpaceOut implements Edit
{
    private const FEWEST = 3;

    public function __construct(public Selection $selection, public Axis $axis)
    {
    }

    public function apply(Page $page): Page
    {
        $pieces = Pieces::of($this->selection, $page);
        if (count($pieces->all) < self::FEWEST) {
            throw EditRefused::fewToSpace();
        }
        $across = $this->axis === Axis::Across;
        $start = fn (Piece $piece): float => $across ? $piece->frame->x : $piece->frame->y;
        $side = fn (Piece $piece): float => $across ? $piece->frame->width : $piece->frame->height;
        $ordered = $pieces->all;
        usort($ordered, fn (Piece $a, Piece $b): int => $start($a) + $side($a) / 2 <=> $start($b) + $side($b) / 2);
        [$first, $last] = [$ordered[0], $ordered[count($ordered) - 1]];
        $gap =
            ($start($last) + $side($last) - $start($first) - array_sum(array_map($side, $ordered))) /
            (count($ordered) - 1);
        $steps = [];
        $at = $start($first);
        foreach ($ordered as $piece) {
            $steps[spl_object_id($piece)] = $at - $start($piece);
            $at += $side($piece) + $gap;
        }

        return $pieces->moved(
            $page,
            fn (Piece $piece): array => $across
                ? [$steps[spl_object_id($piece)], 0.0]
                : [0.0, $steps[spl_object_id($piece)]],
        );
    }
}
