<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Copy;
use App\Models\Student;
use App\Models\Teacher;
use OpenSlate\Handout\Mode;

/** A copy is worked on by its student, or by those who share it, and looked at by the teachers who may watch its handout. */
final class CopyPolicy
{
    public function work(Teacher|Student $user, Copy $copy): bool
    {
        return $user instanceof Student &&
            $copy->isOf($user) &&
            $copy->thrown_at === null &&
            $user->mayOpen($copy->item->handout_id) &&
            $copy->isGivenTo($user);
    }

    /** Only what was taken from the class shelf: what was set stays. */
    public function throwAway(Teacher|Student $user, Copy $copy): bool
    {
        return $copy->item->mode === Mode::OnRequest && $this->work($user, $copy);
    }

    public function putBack(Teacher|Student $user, Copy $copy): bool
    {
        return $user instanceof Student &&
            $copy->student_id === $user->id &&
            $copy->thrown_at !== null &&
            $user->mayOpen($copy->item->handout_id) &&
            $copy->isGivenTo($user);
    }

    public function try(Teacher|Student $user, Copy $copy): bool
    {
        return $copy->item->handout->trial && $this->watch($user, $copy);
    }

    public function watch(Teacher|Student $user, Copy $copy): bool
    {
        return $user instanceof Teacher && $copy->item->handout->isWatchedBy($user);
    }

    /** Times are given by whoever handed it out. */
    public function extend(Teacher|Student $user, Copy $copy): bool
    {
        return $user instanceof Teacher && $copy->item->handout->teacher_id === $user->id;
    }
}
