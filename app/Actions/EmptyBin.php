<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Unit;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;

/**
 * Throws away for good what has lain in the bin for thirty days. What was handed out, or has sets cut from it, stays in
 * the dark: editions and lineage never change.
 */
final class EmptyBin
{
    /** @return int how many worksheets were thrown away */
    public function __invoke(): int
    {
        $old = Worksheet::onlyTrashed()
            ->where('deleted_at', '<', now()->subDays(Worksheet::DAYS_IN_BIN))
            ->whereDoesntHave('editions')
            ->whereDoesntHave('sets', fn (Builder $sets) => $sets->withTrashed())
            ->get();
        $old->each(fn (Worksheet $worksheet): ?bool => $worksheet->forceDelete());

        Unit::onlyTrashed()->where('deleted_at', '<', now()->subDays(Worksheet::DAYS_IN_BIN))->forceDelete();

        return $old->count();
    }
}
