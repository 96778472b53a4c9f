<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use App\School;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Saved;

/** Saves what a student typed, drew and moved. */
final class SaveWork
{
    public function __construct(private SettleParts $settle, private KeepMoment $keep, private School $school)
    {
    }

    /**
     * @param  int  $page  the page of the edition that the student is on
     *
     * @throws CopyRefused when the copy is handed in, the time for it is over, or another one is in its place
     */
    public function __invoke(Copy $copy, Draft $draft, Places $places, int $page): Saved
    {
        $copy->refuseAfterClosing();
        [$draft, $wanted] = $this->settle->wanted($copy, $draft, $places);

        $saved = DB::transaction(function () use ($copy, $draft, $places, $page, $wanted): Saved|bool {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $locked->refuseReturned();
            $before = $locked->written();
            if ($draft->base < $before->since) {
                return $this->keep->late($locked, $draft->answers);
            }
            $standing = $locked->standing()->written();
            [$settled, $said] = ($this->settle)($draft, $wanted, $before);
            $saved = ($locked->isShared() ? $before->merge($settled, $places) : $before->save($settled))->saying($said);
            if ($saved->work->revision === $before->revision && $saved->work !== $before) {
                // Nothing in it is new, but that this draft was heard.
                $locked->update(['work' => $saved->work->toJson()]);
            } elseif ($saved->work !== $before) {
                if ($this->isOfAnEarlierDay($locked)) {
                    ($this->keep)($locked, MomentKind::DayEnd);
                }
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

        return $saved instanceof Saved ? $saved : throw CopyRefused::anotherCopy($saved);
    }

    /** Whether it was last changed on a day that is over by the school's clock. */
    private function isOfAnEarlierDay(Copy $copy): bool
    {
        return $copy->changed_at !== null &&
            $this->school->local($copy->changed_at)->format('Y-m-d') < $this->school->local(now())->format('Y-m-d');
    }
}
