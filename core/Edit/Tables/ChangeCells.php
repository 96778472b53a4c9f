<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Table;
use OpenSlate\Page\Page;

/** Sets the words of cells, whether they are to be filled in, and their right answers. */
final readonly class ChangeCells implements Edit
{
    /** @param  list<int>  $cells  row by row, from 0 */
    public function __construct(public string $table, public array $cells, public CellChange $change)
    {
    }

    public function apply(Page $page): Page
    {
        return Tables::changed($page, $this->table, function (Table $table): Table {
            if ($this->cells === [] || array_diff($this->cells, array_keys($table->cells)) !== []) {
                throw EditRefused::missing();
            }
            $cells = $table->cells;
            try {
                foreach ($this->cells as $at) {
                    $cells[$at] = $this->change->of($cells[$at]);
                }
            } catch (AnswerRefused $refusal) {
                throw EditRefused::invalid('the key '.$refusal->getMessage(), $refusal);
            }

            return $table->remade($table->frame, $table->columns, $table->rows, array_values($cells));
        });
    }
}
