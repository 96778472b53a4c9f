<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Axis;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** Puts a row or a column into a table; the others keep their sizes, as far as the page has room. */
final readonly class InsertLine implements Edit
{
    /**
     * @param  Axis  $axis  down: a row; across: a column
     * @param  int  $at  before which one, from 0; their number is at the end
     */
    public function __construct(public string $table, public Axis $axis, public int $at)
    {
    }

    public function apply(Page $page): Page
    {
        return Tables::changed($page, $this->table, function (Table $table) use ($page): Table {
            $down = $this->axis === Axis::Down;
            [$rows, $columns] = [count($table->rows), count($table->columns)];
            $count = $down ? $rows : $columns;
            if ($this->at < 0 || $this->at > $count) {
                throw EditRefused::missing();
            }
            if ($count >= ($down ? Table::MOST_ROWS : Table::MOST_COLUMNS)) {
                throw EditRefused::tableFull();
            }
            $frame = $table->frame;
            $sizes = array_map(
                fn (float $share): float => $share * ($down ? $frame->height : $frame->width),
                $down ? $table->rows : $table->columns,
            );
            array_splice($sizes, $this->at, 0, [$sizes[min($this->at, $count - 1)]]);
            $room = $down ? $page->size->height - $frame->y : $page->size->width - $frame->x;
            $side = min($room, array_sum($sizes));
            $shares = array_map(fn (float $size): float => round($size / array_sum($sizes), 6), $sizes);
            $cells = [];
            for ($row = 0; $row < $rows + (int) $down; $row++) {
                for ($column = 0; $column < $columns + (int) ! $down; $column++) {
                    $from = [
                        $down && $row > $this->at ? $row - 1 : $row,
                        ! $down && $column > $this->at ? $column - 1 : $column,
                    ];
                    $cells[] =
                        ($down && $row === $this->at) || (! $down && $column === $this->at)
                            ? $this->like($table, min($from[0], $rows - 1), min($from[1], $columns - 1))
                            : $table->cell(...$from);
                }
            }

            return $table->remade(
                $down
                    ? Frame::of($frame->x, $frame->y, $frame->width, $side)
                    : Frame::of($frame->x, $frame->y, $side, $frame->height),
                $down ? $table->columns : $shares,
                $down ? $shares : $table->rows,
                $cells,
            );
        });
    }

    /** A new cell is filled in where its neighbour is. */
    private function like(Table $table, int $row, int $column): TableCell
    {
        return new TableCell('', $table->cell($row, $column)->fill);
    }
}
