<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use OpenSlate\Cutting\PlannedSet;

/** Cuts many sets at once: all of them, or none. */
final class CutManySets
{
    public function __construct(private CutPageSet $cut)
    {
    }

    /** @param  list<PlannedSet>  $plan */
    public function __invoke(Worksheet $from, array $plan): void
    {
        DB::transaction(function () use ($from, $plan): void {
            foreach ($plan as $set) {
                ($this->cut)($from, $set->pages, $set->name);
            }
        });
    }
}
