<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Student;
use App\View\ItemNames;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** What is set for a student: by due time, what has none last. */
final class DayController
{
    public function __invoke(#[CurrentUser('student')] Student $student): View
    {
        $handouts = $student
            ->handouts()
            ->with([
                'items.edition:id,name,places_count,pages_count',
                'items.copies' => fn ($copies) => $copies->where('student_id', $student->id),
            ])
            ->orderByRaw('due_at is null')
            ->orderBy('due_at')
            ->orderByDesc('handouts.id')
            ->get();

        return view('student.day', [
            'student' => $student,
            'handouts' => $handouts,
            'named' => ItemNames::of($handouts),
        ]);
    }
}
