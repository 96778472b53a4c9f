<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/**
 * Takes a row or a column out of a table; the others keep their sizes. The last one stays: a table has at least one
 * cell.
 */
final readonly class RemoveLine implements Edit
{
    /** @param  int  $at  which one, from 0 */
    public function __construct(public string $table, public Axis $axis, public int $at)
    {
    }

    public function apply(Page $page): Page
    {
        return Tables::changed($page, $this->table, function (Table $table): Table {
            $down = $this->axis === Axis::Down;
            $shares = $down ? $table->rows : $table->columns;
            if (! isset($shares[$this->at])) {
                throw EditRefused::missing();
            }
            if (count($shares) === 1) {
                throw EditRefused::lastLine();
            }
            $left = 1 - $shares[$this->at];
            unset($shares[$this->at]);
            $shares = array_map(fn (float $share): float => round($share / $left, 6), array_values($shares));
            $cells = [];
            foreach ($table->cells as $place => $cell) {
                if (($down ? intdiv($place, count($table->columns)) : $place % count($table->columns)) !== $this->at) {
                    $cells[] = $cell;
                }
            }
            $frame = $table->frame;

            return $table->remade(
                Frame::of(
                    $frame->x,
                    $frame->y,
                    $frame->width * ($down ? 1 : $left),
                    $frame->height * ($down ? $left : 1),
                ),
                $down ? $table->columns : $shares,
                $down ? $shares : $table->rows,
                $cells,
            );
        });
    }
}
