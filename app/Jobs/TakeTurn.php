<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\FileTurns;
use App\Actions\WorkOnFile;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** One turn for one of the files that were brought in; which of them is seen when it comes. */
final class TakeTurn implements ShouldQueue
{
    use Queueable;

    /** It is a turn, not a piece of work: however often it is taken up, it never fails. */
    public int $tries = 0;

    public function handle(FileTurns $turns, WorkOnFile $work): void
    {
        $worksheet = $turns->claim((string) (getenv('SLATE_WORKER') ?: getmypid()));
        if ($worksheet === null) {
            // All that is left belongs to teachers who have their turn already.
            FileTurns::isAnyLeft() && $this->job !== null && $this->release(1);

            return;
        }
        $ends = microtime(true) + (float) config('slate.files.seconds_of_a_turn');
        try {
            do {
                $worksheet->spent += $work($worksheet);
                $worksheet->tries = 0;
            } while ($worksheet->stage !== null && microtime(true) < $ends);
        } catch (Throwable $problem) {
            // A fault of ours: it is noted, and the file is tried some times more, after all others.
            report($problem);
            FileTurns::forget((string) (getenv('SLATE_WORKER') ?: getmypid()));
            self::dispatch()->delay(1);

            return;
        }
        $turns->release($worksheet);
        $worksheet->stage === null || self::dispatch();
    }
}
