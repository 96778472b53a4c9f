<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** Adds a student to a class, with a copy of whatever the whole class has been given. */
final class EnrolStudent
{
    public function __construct(private GiveCopies $give)
    {
    }

    /** @param  string  $pin  four digits */
    public function __invoke(SchoolClass $class, string $name, string $pin): Student
    {
        return DB::transaction(function () use ($class, $name, $pin): Student {
            $student = Student::create(['name' => $name, 'pin' => $pin]);
            $class->students()->attach($student->id, ['created_at' => now()]);
            $class
                ->handouts()
                ->wherePivot('whole', true)
                ->whereNull('handouts.put_away_at')
                ->get()
                ->each(fn (Handout $handout) => ($this->give)($handout, [$student->id]));

            return $student;
        });
    }
}
