<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;

/** Puts worksheets into a unit, or into none; sets that lie with a master go along with it. */
final class PutInUnit
{
    /** @param  iterable<Worksheet>  $worksheets */
    public function __invoke(iterable $worksheets, ?int $unit): void
    {
        // Where they stand is not work on them: they do not become the latest by this.
        Worksheet::withoutTimestamps(
            fn () => DB::transaction(function () use ($worksheets, $unit): void {
                foreach ($worksheets as $worksheet) {
                    $worksheet->sets()->where('unit_id', $worksheet->unit_id)->update(['unit_id' => $unit]);
                    $worksheet->update(['unit_id' => $unit]);
                }
            }),
        );
    }
}
