<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Unit;
use App\Models\Worksheet;
use Illuminate\Support\Collection;

/** A worksheet on the shelf, and under a master the sets that lie with it. */
final readonly class ShelfRow
{
    /** @param  list<Worksheet>  $sets  in the order of the master's pages */
    private function __construct(public Worksheet $worksheet, public array $sets)
    {
    }

    /**
     * Sets lie with their master as long as both are in one unit. What is in a unit that was thrown away is in none.
     *
     * @param  Collection<int, Worksheet>  $worksheets  in the order in which they are to stand
     * @param  Collection<int, Unit>  $units
     * @return array<int, list<self>> by unit; 0 is none
     */
    public static function byUnit(Collection $worksheets, Collection $units): array
    {
        $in = fn (Worksheet $one): int => $units->contains('id', $one->unit_id) ? (int) $one->unit_id : 0;
        $masters = $worksheets->filter(fn (Worksheet $one): bool => $one->isMaster())->keyBy('id');
        $withMaster = fn (Worksheet $set): bool => ! $set->isMaster() &&
            isset($masters[$set->master_id]) &&
            $in($masters[$set->master_id]) === $in($set);
        $sets = $worksheets->filter($withMaster)->groupBy('master_id');
        $rows = [];
        foreach ($worksheets->reject($withMaster) as $one) {
            $rows[$in($one)][] = new self($one, self::inOrder($sets[$one->id] ?? new Collection));
        }

        return $rows;
    }

    /**
     * Sets of one master, by the first page that each has of it.
     *
     * @param  Collection<int, Worksheet>  $sets
     * @return list<Worksheet>
     */
    public static function inOrder(Collection $sets): array
    {
        return array_values(
            $sets->sortBy(fn (Worksheet $set): array => [(int) $set->cut_from ?: PHP_INT_MAX, $set->id])->all(),
        );
    }
}
