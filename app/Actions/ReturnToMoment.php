<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use App\Models\Moment;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\MomentKind;

/** Makes a copy what it was at a moment. What it is now is kept as a moment, so that one can come back to it. */
final class ReturnToMoment
{
    public function __construct(private KeepMoment $keep)
    {
    }

    /**
     * As its student may: while it is open.
     *
     * @throws CopyRefused when it is handed in, the time for it is over, or it is handed back
     */
    public function byStudent(Moment $moment): void
    {
        $moment->copy->refuseAfterClosing();
        $moment->copy->standing()->written();
        $this($moment);
    }

    public function __invoke(Moment $moment): void
    {
        DB::transaction(function () use ($moment): void {
            $copy = Copy::query()->lockForUpdate()->findOrFail($moment->copy_id);
            ($this->keep)($copy, MomentKind::BeforeReturn);
            $work = $copy->written()->anew($moment->texts());
            $copy
                ->fill([
                    'work' => $work->toJson(),
                    'state' => $copy->state === CopyState::NotOpened ? CopyState::Working : $copy->state,
                    'filled' => $work->filled($copy->placesToFill()[0]),
                    'version' => $copy->version + 1,
                    'changed_at' => now(),
                ])
                ->save();
        });
        DiskSync::of(DB::connection())?->__invoke();
    }
}
