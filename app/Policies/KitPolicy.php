<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Kit;
use App\Models\Student;
use App\Models\Teacher;

/** A kit is its teacher's alone. */
final class KitPolicy
{
    public function lay(Teacher|Student $user, Kit $kit): bool
    {
        return $user instanceof Teacher && $kit->teacher_id === $user->id;
    }

    public function delete(Teacher|Student $user, Kit $kit): bool
    {
        return $this->lay($user, $kit);
    }
}
