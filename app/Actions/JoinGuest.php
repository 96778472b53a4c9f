<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\Handout;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;

/** A guest turns out to be a student: the copies become the student's, in place of copies with nothing on them. */
final class JoinGuest
{
    public function __construct(private GiveCopies $give)
    {
    }

    /** @throws GuestRefused where the student has work of their own */
    public function __invoke(Handout $handout, Student $guest, Student $student): void
    {
        DB::transaction(function () use ($handout, $guest, $student): void {
            ($this->give)($handout, [$student->id]);
            $items = $handout->items()->pluck('id');
            $theirs = Copy::whereIn('handout_item_id', $items)->where('student_id', $student->id);
            $begun = (clone $theirs)->where(
                fn (Builder $copy) => $copy->where('filled', '>', 0)->orWhere('state', CopyState::HandedIn->value),
            );
            if ($begun->exists()) {
                throw GuestRefused::hasBegun($student);
            }
            $theirs->delete();
            // Who came as a guest wrote alone, and goes on alone.
            DB::table('copy_students')
                ->where('student_id', $student->id)
                ->whereIn('copy_id', Copy::whereIn('handout_item_id', $items)->select('id'))
                ->delete();
            Copy::whereIn('handout_item_id', $items)
                ->where('student_id', $guest->id)
                ->update(['student_id' => $student->id]);
            DB::table('recipients')
                ->where(['handout_id' => $handout->id, 'student_id' => $guest->id])
                ->delete();
            $guest->delete();
        });
    }
}
