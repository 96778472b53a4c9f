<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;

/** Who shares a copy, changed once it is out: a student goes to another team, or works alone. */
final class ChangeSharers
{
    /** @throws CopyRefused where the student has begun a copy alone: nothing of it may be lost */
    public function join(Copy $copy, Student $student): void
    {
        DB::transaction(function () use ($copy, $student): void {
            $others = Copy::query()->ownedBy($student->id)->where('handout_item_id', $copy->handout_item_id);
            $alone = (clone $others)->whereNotNull('student_id')->first();
            if ($alone !== null && ($alone->work !== null || $alone->attempt > 1)) {
                throw CopyRefused::hasBegun($student->name);
            }
            $alone?->delete();
            DB::table('copy_students')
                ->where('student_id', $student->id)
                ->whereIn('copy_id', (clone $others)->whereNull('student_id')->select('id'))
                ->delete();
            $copy->students()->attach($student->id);
            $copy->increment('version');
        });
    }

    /**
     * They get a copy of their own, with nothing in it.
     *
     * @throws CopyRefused where nobody would be left
     */
    public function leave(Copy $copy, Student $student): void
    {
        DB::transaction(function () use ($copy, $student): void {
            if ($copy->students()->count() < 2) {
                throw CopyRefused::nobodyLeft();
            }
            $copy->students()->detach($student->id);
            $copy->increment('version');
            Copy::create([
                'handout_item_id' => $copy->handout_item_id,
                'student_id' => $student->id,
                'state' => CopyState::NotOpened,
            ]);
        });
    }
}
