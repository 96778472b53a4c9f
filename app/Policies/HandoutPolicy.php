<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Handout;
use App\Models\Student;
use App\Models\Teacher;

/** A handout is for the teacher who handed it out. */
final class HandoutPolicy
{
    public function watch(Teacher|Student $user, Handout $handout): bool
    {
        return $user instanceof Teacher && $handout->teacher_id === $user->id;
    }

    /** What is on the shelf of a class is changed there. */
    public function change(Teacher|Student $user, Handout $handout): bool
    {
        return $handout->shelf_of === null && $this->watch($user, $handout);
    }
}
