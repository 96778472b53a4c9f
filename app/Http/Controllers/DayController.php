<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Student;
use App\School;
use App\View\DayList;
use App\View\ItemNames;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** What is set for a student: by due time, what has none last. */
final class DayController
{
    public function __invoke(#[CurrentUser('student')] Student $student, School $school): View
    {
        $handouts = $student
            ->handouts()
            ->with([
                'items' => fn ($items) => $items->whereNull('withdrawn_at'),
                'items.edition:id,name,places_count,pages_count',
                'items.copies' => fn ($copies) => $copies->where('student_id', $student->id),
            ])
            ->as('recipient')
            ->whereIn('handouts.id', $student->given()->select('recipients.handout_id'))
            ->whereNull('handouts.shelf_of')
            ->whereHas('items', fn ($items) => $items->whereNull('withdrawn_at'))
            ->orderByRaw('recipients.due_at is null')
            ->orderBy('recipients.due_at')
            ->orderByDesc('handouts.id')
            ->get();

        return view('student.day', [
            'student' => $student,
            'handouts' => $handouts,
            'days' => DayList::of($handouts->toBase(), $school),
            'named' => ItemNames::of($handouts),
        ]);
    }
}
