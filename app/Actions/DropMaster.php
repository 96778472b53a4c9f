<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;

/** Ends the preparing of a master that cannot be finished: no half-made page is left, only the reason. */
final class DropMaster
{
    public function __invoke(Worksheet $master, string $problem): void
    {
        DB::transaction(function () use ($master, $problem): void {
            $master->pages()->delete();
            $master->update(['state' => WorksheetState::Failed, 'problem' => $problem]);
        });
    }
}
