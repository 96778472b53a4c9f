<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;

/** The office looks after who the teachers are. */
final class TeacherPolicy
{
    public function lookAfter(Teacher|Student $user, Teacher $teacher): bool
    {
        return $user instanceof Teacher && $user->office;
    }
}
