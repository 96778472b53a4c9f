<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;

/** A class is kept by its teachers, who are all alike. */
final class SchoolClassPolicy
{
    public function view(Teacher|Student $user, SchoolClass $class): bool
    {
        return $user instanceof Teacher && $class->teachers()->whereKey($user->id)->exists();
    }

    public function update(Teacher|Student $user, SchoolClass $class): bool
    {
        return $this->view($user, $class);
    }
}
