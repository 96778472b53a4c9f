<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;

/** Sets the words of cells, whether they are to be filled in, and their right answers. */
final readonly class ChangeCells implements Edit
{
    /**
     * @param  list<int>  $cells  row by row, from 0
     * @param  array<string, mixed>  $set  text, fill or key, as the page format has them
     */
    public function __construct(public string $table, public array $cells, public array $set)
    {
    }

    public function apply(Page $page): Page
    {
        return Tables::changed($page, $this->table, function (Table $table): Table {
            if ($this->cells === [] || array_diff($this->cells, array_keys($table->cells)) !== []) {
                throw EditRefused::missing();
            }
            $cells = array_map(
                fn (TableCell $cell, int $at): array => $this->cell($cell, $at),
                $table->cells,
                array_keys($table->cells),
            );
            try {
                $after = ElementCodec::changed($table, ['cells' => $cells]);
            } catch (InvalidJson $problem) {
                throw EditRefused::invalid(ltrim($problem->path, '$.').' '.$problem->problem, $problem);
            }

            return $after instanceof Table ? $after : $table;
        });
    }

    /** @return array<string, mixed> */
    private function cell(TableCell $cell, int $at): array
    {
        $set = in_array($at, $this->cells, true)
            ? array_intersect_key($this->set, ['text' => 1, 'fill' => 1, 'key' => 1])
            : [];
        $changed = $set + ['text' => $cell->text, 'fill' => $cell->fill, 'key' => $cell->key];

        if ($changed['fill'] !== true && ($set['key'] ?? []) !== []) {
            throw EditRefused::invalid('only a cell that is filled in has right answers');
        }

        // A cell that is filled in no longer loses them.
        return $changed['fill'] === true ? $changed : ['key' => []] + $changed;
    }
}
