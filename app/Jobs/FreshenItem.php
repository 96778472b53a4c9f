<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\FreshenDaily;
use App\Models\HandoutItem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Gives the fresh copies of a daily sheet when their time has come, and waits for the next day. */
final class FreshenItem implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(private readonly int $item)
    {
    }

    public function handle(FreshenDaily $freshen): void
    {
        $item = HandoutItem::query()->find($this->item);
        if ($item === null) {
            return;
        }
        $freshen($item);
        $next = $freshen->next($item->refresh());
        if ($next !== null) {
            self::dispatch($this->item)->delay($next);
        }
    }
}
