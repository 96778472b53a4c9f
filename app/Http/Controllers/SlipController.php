<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Models\Door;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** How the students of a class come in: by what, and the slips of paper that say so to each. */
final class SlipController
{
    public function show(SchoolClass $class): View
    {
        $students = $class->students()->get();

        return view('classes.slips', [
            'class' => $class,
            'students' => $students,
            'codes' => $students
                ->mapWithKeys(fn (Student $student): array => [
                    $student->id => QrCode::svg(
                        route('class.names', ['class' => $class, 'name' => $student->id]),
                        "Way to the door of {$class->name}",
                    ),
                ])
                ->all(),
        ]);
    }

    public function door(Request $request, SchoolClass $class): RedirectResponse
    {
        $lengths = [SchoolClass::SHORTEST_PIN, SchoolClass::LONGEST_PIN];
        $said = $request->validate(
            [
                'door' => ['required', Rule::enum(Door::class)],
                'length' => ['required', 'integer', 'between:'.implode(',', $lengths)],
            ],
            ['door.*' => 'Choose how students come in.', 'length.*' => 'A PIN has from four to eight digits.'],
        );
        $class->update(['door' => $said['door'], 'pin_length' => (int) $said['length']]);

        return to_route('classes.show', $class)
            ->withFragment('door')
            ->with('done', 'The door is set. Print the slips anew where they do not fit it any more.');
    }

    /** A new PIN for everybody in the class; the old ones open nothing from then on. */
    public function renew(SchoolClass $class): RedirectResponse
    {
        DB::transaction(
            fn () => $class->students()->get()->each(
                fn (Student $student): bool => $student->update(['pin' => $class->newPin()]),
            ),
        );

        return to_route('classes.slips', $class)->with('done', 'Everybody in the class has a new PIN.');
    }
}
