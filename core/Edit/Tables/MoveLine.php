<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Axis;
use OpenSlate\Page\Page;

/** Moves the line between two rows or columns of a table: one gets what the other loses. Or makes all of them equal. */
final readonly class MoveLine implements Edit
{
    /**
     * @param  int|null  $after  the line behind which row or column, from 0; null makes all equal
     * @param  float  $by  in points, down or to the right
     */
    public function __construct(public string $table, public Axis $axis, public ?int $after, public float $by = 0.0)
    {
    }

    public function apply(Page $page): Page
    {
        return Tables::changed($page, $this->table, function (Table $table): Table {
            $down = $this->axis === Axis::Down;
            $shares = $down ? $table->rows : $table->columns;
            if ($this->after === null) {
                $shares = array_map(fn (): float => round(1 / count($shares), 6), $shares);
            } else {
                if (! isset($shares[$this->after], $shares[$this->after + 1])) {
                    throw EditRefused::missing();
                }
                $side = max(0.001, $down ? $table->frame->height : $table->frame->width);
                $both = $shares[$this->after] + $shares[$this->after + 1];
                $least = min($both / 2, max(Table::SMALLEST_SHARE, Bounds::SMALLEST_SIDE / $side));
                $first = round(max($least, min($both - $least, $shares[$this->after] + $this->by / $side)), 6);
                array_splice($shares, $this->after, 2, [$first, round($both - $first, 6)]);
            }

            return $table->remade(
                $table->frame,
                $down ? $table->columns : $shares,
                $down ? $shares : $table->rows,
                $table->cells,
            );
        });
    }
}
