<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Handout;
use App\Models\Student;
use App\Models\Teacher;

/** A handout is for the teacher who handed it out; colleagues who have all its classes, too, watch and mark it. */
final class HandoutPolicy
{
    public function watch(Teacher|Student $user, Handout $handout): bool
    {
        return $user instanceof Teacher && $handout->isWatchedBy($user);
    }

    /** What is on the shelf of a class is changed there. */
    public function change(Teacher|Student $user, Handout $handout): bool
    {
        return $handout->shelf_of === null && $this->keep($user, $handout);
    }

    /** What is said of the whole of it is for whoever handed it out. */
    public function keep(Teacher|Student $user, Handout $handout): bool
    {
        return $user instanceof Teacher && $handout->teacher_id === $user->id;
    }
}
