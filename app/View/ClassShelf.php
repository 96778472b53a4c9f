<?php

declare(strict_types=1);

namespace App\View;

use App\Models\HandoutItem;
use Illuminate\Support\Collection;

/** Items of a class shelf in the order in which they are shown. */
final class ClassShelf
{
    /**
     * @param  Collection<int, HandoutItem>  $items
     * @return array<string, list<HandoutItem>> by the name of the unit, what is in none last; by name within it
     */
    public static function byUnit(Collection $items): array
    {
        $units = [];
        foreach ($items->sortBy('edition.name', SORT_NATURAL | SORT_FLAG_CASE) as $item) {
            $units[$item->edition->worksheet->unit->name ?? ''][] = $item;
        }
        uksort(
            $units,
            fn (string $one, string $other): int => [$one === '', mb_strtolower($one)] <=> [
                $other === '',
                mb_strtolower($other),
            ],
        );

        return $units;
    }
}
