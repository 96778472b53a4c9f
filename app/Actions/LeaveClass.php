<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;

/**
 * A student leaves a class. What they have, they keep, and their work on it; what was only prepared for the class does
 * not reach them any more.
 */
final class LeaveClass
{
    public function __invoke(SchoolClass $class, Student $student): void
    {
        DB::transaction(function () use ($class, $student): void {
            DB::table('enrolments')
                ->where(['school_class_id' => $class->id, 'student_id' => $student->id])
                ->update(['left_at' => now()]);
            $handouts = $this->notOutYet($class, $student);
            DB::table('copies')
                ->where('student_id', $student->id)
                ->whereIn(
                    'handout_item_id',
                    DB::table('handout_items')->whereIn('handout_id', $handouts)->select('id'),
                )
                ->delete();
            DB::table('copy_students')
                ->where('student_id', $student->id)
                ->whereIn('copy_id', DB::table('copies')
                    ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
                    ->whereIn('handout_items.handout_id', $handouts)
                    ->select('copies.id'))
                ->delete();
            DB::table('recipients')
                ->where('student_id', $student->id)
                ->whereIn('handout_id', $handouts)
                ->delete();
        });
    }

    /** @return list<int> handouts that they have by this class alone, and have not seen */
    private function notOutYet(SchoolClass $class, Student $student): array
    {
        $others = DB::table('enrolments')
            ->where('student_id', $student->id)
            ->whereNull('left_at')
            ->select('school_class_id');
        $begun = DB::table('copies')
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->leftJoin('copy_students', 'copy_students.copy_id', '=', 'copies.id')
            ->whereRaw('coalesce(copy_students.student_id, copies.student_id) = ?', [$student->id])
            ->where('copies.state', '!=', CopyState::NotOpened->value)
            ->select('handout_items.handout_id');

        $ids = DB::table('recipients')
            ->where('student_id', $student->id)
            ->where(fn (Builder $time) => $time->whereNull('out_at')->orWhere('out_at', '>', now()))
            ->whereIn(
                'handout_id',
                DB::table('handout_classes')->where('school_class_id', $class->id)->select('handout_id'),
            )
            ->whereNotIn(
                'handout_id',
                DB::table('handout_classes')->whereIn('school_class_id', $others)->select('handout_id'),
            )
            ->whereNotIn('handout_id', $begun)
            ->pluck('handout_id');

        return array_values(array_map(intval(...), $ids->all()));
    }
}
