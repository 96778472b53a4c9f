<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\FindBlanks;
use App\Documents\FileRefused;
use App\Models\Backdrop;
use App\Models\Original;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use OpenSlate\Blanks\Proposals;

/** Looks for blanks on the pages of a file that was brought in. Run again after a crash, it goes on where it was. */
final class LookForBlanks implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 800;

    public function __construct(public readonly int $originalId)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->originalId;
    }

    public function handle(FindBlanks $find): void
    {
        $original = Original::find($this->originalId);
        if ($original === null) {
            return;
        }
        try {
            $find($original);
        } catch (FileRefused) {
            // Nothing is proposed on what takes too much to look at; boxes can be drawn by hand.
            Backdrop::where('source', $original->sha256)->whereNull('blanks')->update(['blanks' => Proposals::encode([])]);
        }
    }
}
