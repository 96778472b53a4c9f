<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Export;
use App\Models\ExportKind;
use App\Models\Student;
use App\Models\Teacher;

/** What was made to leave is for whoever asked for it, as long as they may see what it was made of. */
final class ExportPolicy
{
    public function take(Teacher|Student $user, Export $export): bool
    {
        return $user instanceof Teacher &&
            $export->teacher_id === $user->id &&
            ($export->worksheet === null || $user->can('view', $export->worksheet)) &&
            ($export->item === null || $user->can('watch', $export->item)) &&
            ($export->kind === ExportKind::Package || ($export->worksheet ?? $export->item) !== null);
    }
}
