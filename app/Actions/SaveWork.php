<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Saved;

/** Saves what a student typed, drew and moved. */
final class SaveWork
{
    public function __construct(private SettleParts $settle)
    {
    }

    /**
     * @param  int  $page  the page of the edition that the student is on
     *
     * @throws CopyRefused when the copy is handed in, or the time for it is over
     */
    public function __invoke(Copy $copy, Draft $draft, Places $places, int $page): Saved
    {
        $copy->refuseAfterClosing();
        [$draft, $wanted] = $this->settle->wanted($copy, $draft, $places);

        $saved = DB::transaction(function () use ($copy, $draft, $places, $page, $wanted): Saved {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $locked->refuseReturned();
            $before = $locked->written();
            $standing = $locked->standing()->written();
            [$settled, $said] = ($this->settle)($draft, $wanted, $before);
            $saved = $before->save($settled)->saying($said);
            if ($saved->work->revision !== $before->revision) {
                $locked
                    ->stands($standing)
                    ->fill([
                        'work' => $saved->work->toJson(),
                        'filled' => $saved->work->filled($places),
                        'page' => $page,
                        'version' => $locked->version + 1,
                        'changed_at' => now(),
                    ])
                    ->save();
            }

            return $saved;
        });
        // "Saved" is said when it is on the disk.
        DiskSync::of(DB::connection())?->__invoke();

        return $saved;
    }
}
