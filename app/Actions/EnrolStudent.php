<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** A student who is new at the school comes into a class. */
final class EnrolStudent
{
    public function __construct(private JoinClass $join)
    {
    }

    /** @param  string  $pin  four digits */
    public function __invoke(SchoolClass $class, string $name, string $pin): Student
    {
        return DB::transaction(function () use ($class, $name, $pin): Student {
            $student = Student::create(['name' => $name, 'pin' => $pin]);
            ($this->join)($class, $student);

            return $student;
        });
    }
}
