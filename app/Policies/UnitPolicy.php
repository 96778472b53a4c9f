<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;
use App\Models\Unit;

/** A unit is its teacher's alone. */
final class UnitPolicy
{
    public function update(Teacher|Student $user, Unit $unit): bool
    {
        return $user instanceof Teacher && $unit->teacher_id === $user->id;
    }
}
