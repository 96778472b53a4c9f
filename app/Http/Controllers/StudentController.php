<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Account;
use App\Access\Guesses;
use App\Actions\JoinClass;
use App\Actions\LeaveClass;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A student of a class: their name, their PIN, and where they are. */
final class StudentController
{
    public function rename(Request $request, SchoolClass $class, Student $student): RedirectResponse
    {
        $request->validate(
            ["name-{$student->id}" => ['required', 'string', 'max:80']],
            ["name-{$student->id}.*" => 'A name has at least one letter, and at most 80.'],
        );
        $student->update(['name' => trim((string) $request->string("name-{$student->id}"))]);

        return to_route('classes.show', $class)->with('done', "{$student->name} is called so from now on.");
    }

    public function pin(SchoolClass $class, Student $student): RedirectResponse
    {
        $pin = $class->newPin();
        $student->update(['pin' => $pin]);

        return to_route('classes.show', $class)->with('pins', [['name' => $student->name, 'pin' => $pin]]);
    }

    /** Whoever waits because of wrong PINs need not any more. */
    public function letTry(SchoolClass $class, Student $student): RedirectResponse
    {
        Guesses::clear(Account::ofStudent($student->id));

        return to_route('classes.show', $class);
    }

    public function leave(SchoolClass $class, Student $student, LeaveClass $leave): RedirectResponse
    {
        $leave($class, $student);

        return to_route('classes.show', $class)->with(
            'done',
            "{$student->name} is not in {$class->name} any more. Their work is kept.",
        );
    }

    public function comeBack(SchoolClass $class, Student $leaver, JoinClass $join): RedirectResponse
    {
        $join($class, [$leaver->id]);

        return to_route('classes.show', $class)->with('done', "{$leaver->name} is in {$class->name} again.");
    }

    public function move(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        SchoolClass $class,
        Student $student,
        LeaveClass $leave,
        JoinClass $join,
    ): RedirectResponse {
        $to = $teacher->classes()->whereKeyNot($class->id)->find($request->integer('to'));
        if ($to === null) {
            throw ValidationException::withMessages(["to-{$student->id}" => 'Choose the class first.']);
        }
        DB::transaction(function () use ($class, $to, $student, $leave, $join): void {
            $leave($class, $student);
            $join($to, [$student->id]);
        });

        return to_route('classes.show', $class)->with(
            'done',
            "{$student->name} is in {$to->name} now, with a copy of all that the whole class was given. Their work ".
                "from {$class->name} is kept.",
        );
    }
}
