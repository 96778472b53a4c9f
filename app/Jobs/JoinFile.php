<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\JoinArrived;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use DateTimeInterface;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Puts the pages of an added file where they belong, once the worksheet and the files added before it are ready. */
final class JoinFile implements ShouldQueue
{
    use Queueable;

    /** It may wait for other files for long. */
    public int $tries = 0;

    private const SECONDS_BETWEEN = 1;

    private const MINUTES_AT_MOST = 60;

    public function __construct(public readonly int $worksheetId)
    {
    }

    public function handle(JoinArrived $join): void
    {
        $arrived = Worksheet::find($this->worksheetId);
        if (
            $arrived !== null &&
            $arrived->joins_id !== null &&
            $arrived->state === WorksheetState::Ready &&
            ! $join($arrived)
        ) {
            $this->release(self::SECONDS_BETWEEN);
        }
    }

    public function retryUntil(): DateTimeInterface
    {
        return now()->addMinutes(self::MINUTES_AT_MOST);
    }

    /** It then stands on the shelf by itself, with nothing lost. */
    public function failed(): void
    {
        Worksheet::whereKey($this->worksheetId)->update(['joins_id' => null, 'joins_before' => null]);
    }
}
