<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PasswordLink;
use App\Models\SchoolSettings;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** The first visit: the school, and its first teacher, who is of the office. Once. */
final class OpenSchool
{
    /**
     * @param  array{name: string, timezone: string, language: string}  $school
     * @param  array{name: string, email: string, password: string}  $teacher
     * @return Teacher|null nothing where somebody else was first
     */
    public function __invoke(array $school, array $teacher): ?Teacher
    {
        return DB::transaction(function () use ($school, $teacher): ?Teacher {
            if (Teacher::query()->exists()) {
                return null;
            }
            PasswordLink::query()->delete();
            SchoolSettings::query()->delete();
            SchoolSettings::create($school);

            return Teacher::create([...$teacher, 'office' => true, 'joined_at' => now()]);
        });
    }
}
