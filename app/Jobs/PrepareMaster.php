<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\DropMaster;
use App\Actions\PreparePages;
use App\Documents\FileRefused;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Draws the pages of a new master. Run again after a crash, it goes on where it was. */
final class PrepareMaster implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 800;

    public function __construct(public readonly int $worksheetId)
    {
    }

    public function handle(PreparePages $prepare, DropMaster $drop): void
    {
        $master = Worksheet::withTrashed()->find($this->worksheetId);
        if ($master === null || $master->state !== WorksheetState::Preparing) {
            return;
        }
        try {
            $prepare($master);
        } catch (FileRefused $refusal) {
            $drop($master, $refusal->getMessage());

            return;
        }
        if ($master->joins_id !== null) {
            JoinFile::dispatch($master->id);
        }
        if ($master->original_id !== null) {
            LookForBlanks::dispatch($master->original_id);
        }
    }

    public function failed(?Throwable $cause): void
    {
        $master = Worksheet::withTrashed()->find($this->worksheetId);
        if ($master !== null && $master->state === WorksheetState::Preparing) {
            app(DropMaster::class)($master, 'The pages could not be prepared. Bring the file in again; if that fails too, print it to a new PDF first.');
        }
    }
}
