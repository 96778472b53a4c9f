<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SchoolRequest;
use App\Models\SchoolSettings;
use App\Models\Teacher;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The office: what the school is called, and who its teachers are. */
final class SchoolController
{
    public function show(): View
    {
        $teachers = Teacher::query()->withCount('classes')->withMax('links', 'ends_at')->orderBy('name')->get();

        return view('school.show', [
            'here' => $teachers->filter(fn (Teacher $teacher): bool => $teacher->isHere()),
            'invited' => $teachers->whereNull('joined_at')->whereNull('left_at'),
            'left' => $teachers->whereNotNull('left_at'),
        ]);
    }

    public function update(SchoolRequest $request): RedirectResponse
    {
        DB::transaction(
            fn () => (SchoolSettings::query()->first() ?? new SchoolSettings)->fill($request->settings())->save(),
        );

        return to_route('school')->with('done', 'The school’s settings are kept.');
    }
}
