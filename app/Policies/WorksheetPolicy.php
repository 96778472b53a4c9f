<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;

/** A worksheet is its teacher's alone. */
final class WorksheetPolicy
{
    public function view(Teacher|Student $user, Worksheet $worksheet): bool
    {
        return $user instanceof Teacher && $worksheet->teacher_id === $user->id;
    }

    public function putBack(Teacher|Student $user, Worksheet $worksheet): bool
    {
        return $this->view($user, $worksheet) && $worksheet->canBePutBack();
    }

    public function update(Teacher|Student $user, Worksheet $worksheet): bool
    {
        return $this->view($user, $worksheet);
    }
}
