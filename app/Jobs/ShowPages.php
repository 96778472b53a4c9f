<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ShowPicture;
use App\Models\Edition;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Makes the pictures of an edition's pages as students see them, so that the first to open it need not wait. */
final class ShowPages implements ShouldQueue
{
    use Queueable;

    /** What a dead worker did not come to is made when the first student asks for it. */
    public int $tries = 5;

    public function __construct(public readonly int $editionId)
    {
    }

    public function handle(ShowPicture $show): void
    {
        Edition::find($this->editionId)?->revisions()->each(fn ($revision) => $show->all($revision));
    }
}
