<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Export;
use App\Models\ExportKind;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Database\Eloquent\Builder;

/** What was made to leave is for whoever asked for it, as long as they may see what it was made of. */
final class ExportPolicy
{
    public function take(Teacher|Student $user, Export $export): bool
    {
        return $user instanceof Teacher &&
            $export->teacher_id === $user->id &&
            ($export->worksheet === null || $user->can('view', $export->worksheet)) &&
            ($export->item === null || $user->can('watch', $export->item)) &&
            ($export->kind !== ExportKind::Student || $this->teaches($user, $export)) &&
            (in_array($export->kind, [ExportKind::Package, ExportKind::Student], true) ||
                ($export->worksheet ?? $export->item) !== null);
    }

    /** A student whom they teach no more is no longer theirs to take along. */
    private function teaches(Teacher $teacher, Export $export): bool
    {
        return SchoolClass::whereKey($export->choices['class'] ?? 0)
            ->whereHas('teachers', fn (Builder $teachers) => $teachers->whereKey($teacher->id))
            ->exists();
    }
}
