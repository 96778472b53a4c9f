<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** A student comes into a class, or comes back, and gets a copy of whatever the whole class has been given. */
final class JoinClass
{
    public function __construct(private GiveCopies $give)
    {
    }

    public function __invoke(SchoolClass $class, Student $student): void
    {
        DB::transaction(function () use ($class, $student): void {
            DB::table('enrolments')->upsert(
                [
                    'school_class_id' => $class->id,
                    'student_id' => $student->id,
                    'created_at' => now(),
                    'left_at' => null,
                ],
                ['school_class_id', 'student_id'],
                ['left_at'],
            );
            $class
                ->handouts()
                ->wherePivot('whole', true)
                ->whereNull('handouts.put_away_at')
                ->get()
                ->each(fn (Handout $handout) => ($this->give)($handout, [$student->id]));
        });
    }
}
