<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\Size;

/** Starts a master from nothing: one page to lay things on. */
final class StartBlank
{
    public function __invoke(Teacher $teacher, string $name, Size $size, Theme $theme): Worksheet
    {
        return DB::transaction(function () use ($teacher, $name, $size, $theme): Worksheet {
            $worksheet = Worksheet::create([
                'teacher_id' => $teacher->id,
                'name' => $name,
                'state' => WorksheetState::Ready,
                'pages_total' => 1,
            ]);
            WorksheetPage::begin(
                $worksheet->id,
                $theme->page($size, fn (): string => Str::lower(Str::random(10)), $name),
                ['position' => 1, 'role' => Role::Student, 'role_reason' => 'you started with it'],
            );

            return $worksheet;
        });
    }
}
