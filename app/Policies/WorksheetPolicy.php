<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;

/** A worksheet is its teacher's alone; colleagues may look at it where it was shared with them. */
final class WorksheetPolicy
{
    public function view(Teacher|Student $user, Worksheet $worksheet): bool
    {
        return $user instanceof Teacher && $worksheet->teacher_id === $user->id;
    }

    public function look(Teacher|Student $user, Worksheet $worksheet): bool
    {
        return $this->view($user, $worksheet) ||
            ($user instanceof Teacher && Worksheet::query()->sharedWith($user)->whereKey($worksheet->id)->exists());
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
