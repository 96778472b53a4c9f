<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Handout;
use App\Models\HandoutItem;
use Illuminate\Support\Collection;

/** What the things that are set are called, so that two that start two things have two names. */
final readonly class ItemNames
{
    /** @param  array<string, int>  $count  how often by name */
    private function __construct(private array $count)
    {
    }

    /** @param  Collection<int, Handout>  $handouts  all that stand on a page, with their items and editions */
    public static function of(Collection $handouts): self
    {
        $names = $handouts->flatMap(
            fn (Handout $handout) => $handout->items->map(fn (HandoutItem $item): string => $item->edition->name),
        );

        return new self(array_count_values($names->all()));
    }

    public function isTwice(HandoutItem $item): bool
    {
        return $this->count[$item->edition->name] > 1;
    }
}
