<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Student;
use App\School;

/** What a student has been given, as their list by day is drawn from it. */
final class DayPage
{
    /** @return array<string, mixed> what the view asks for */
    public static function of(Student $student, School $school): array
    {
        $handouts = $student
            ->handouts()
            ->with([
                'items' => fn ($items) => $items->for($student),
                'items.edition:id,name,places_count,pages_count',
                'items.copies' => fn ($copies) => $copies->ownedBy($student->id),
            ])
            ->as('recipient')
            ->whereIn('handouts.id', $student->given()->select('recipients.handout_id'))
            ->whereNull('handouts.shelf_of')
            ->whereHas('items', fn ($items) => $items->for($student))
            ->orderByRaw('recipients.due_at is null')
            ->orderBy('recipients.due_at')
            ->orderByDesc('handouts.id')
            ->get();

        return [
            'student' => $student,
            'handouts' => $handouts,
            'days' => DayList::of($handouts->toBase(), $school),
            'named' => ItemNames::of($handouts),
        ];
    }
}
