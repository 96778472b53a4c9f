<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;
use App\Models\WorksheetPage;

final class WorksheetPagePolicy
{
    public function __construct(private WorksheetPolicy $worksheets)
    {
    }

    public function view(Teacher|Student $user, WorksheetPage $page): bool
    {
        return $this->worksheets->view($user, $page->worksheet);
    }

    public function look(Teacher|Student $user, WorksheetPage $page): bool
    {
        return $this->worksheets->look($user, $page->worksheet);
    }

    public function update(Teacher|Student $user, WorksheetPage $page): bool
    {
        return $this->worksheets->update($user, $page->worksheet);
    }
}
