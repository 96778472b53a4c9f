<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Handout;
use App\Models\Student;
use App\Models\Teacher;

/** The desks of a handout are for the teacher who handed it out. */
final class HandoutPolicy
{
    public function watch(Teacher|Student $user, Handout $handout): bool
    {
        return $user instanceof Teacher && $handout->teacher_id === $user->id;
    }
}
