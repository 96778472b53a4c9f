<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Account;
use App\Access\Guesses;
use App\Actions\EnrolStudents;
use App\Actions\MakeClass;
use App\Documents\ClassListFile;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenSlate\ClassLists\ListedStudent;
use OpenSlate\ClassLists\ListRefused;

/** A teacher's classes, their codes and their students. */
final class ClassController
{
    private const LONGEST_NAME = 80;

    private const MOST_AT_ONCE = 60;

    private const NAMES = 'Type or paste the students’ names, one a line: at most 60 at once, each of at most 80 '.
        'letters.';

    public function index(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        $classes = $teacher->allClasses()->withCount('students')->orderBy('name')->get();

        return view('classes.index', [
            'classes' => $classes->whereNull('put_away_at'),
            'away' => $classes->whereNotNull('put_away_at'),
        ]);
    }

    public function store(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        MakeClass $make,
    ): RedirectResponse {
        $request->validate(
            ['name' => ['required', 'string', 'max:60']],
            ['name.*' => 'Give the class a name of at most 60 letters.'],
        );
        $class = $make($teacher, trim((string) $request->string('name')));

        return to_route('classes.show', $class);
    }

    public function show(#[CurrentUser('teacher')] Teacher $teacher, SchoolClass $class): View
    {
        $class->load(['students', 'leavers', 'teachers']);
        $wrong = Guesses::many(
            array_values(
                $class->students->map(fn (Student $student): Account => Account::ofStudent($student->id))->all(),
            ),
        );

        return view('classes.show', [
            'class' => $class,
            'others' => $teacher->classes()->whereKeyNot($class->id)->orderBy('name')->get(),
            'colleagues' => Teacher::query()
                ->here()
                ->whereKeyNot($class->teachers->modelKeys())
                ->orderBy('name')
                ->get(),
            'wrong' => $class->students
                ->mapWithKeys(
                    fn (Student $student): array => [
                        $student->id => $wrong[Account::ofStudent($student->id)->name] ?? 0,
                    ],
                )
                ->all(),
        ]);
    }

    public function enrol(Request $request, SchoolClass $class, EnrolStudents $enrol): RedirectResponse
    {
        $request->validate(['names' => ['required', 'string', 'max:8000']], ['names.*' => self::NAMES]);
        try {
            $listed = ClassListFile::text((string) $request->string('names'))->students;
        } catch (ListRefused) {
            throw ValidationException::withMessages(['names' => self::NAMES]);
        }
        $names = array_map(fn (ListedStudent $student): string => $student->name(), $listed);
        $tooLong = array_filter($names, fn (string $name): bool => mb_strlen($name) > self::LONGEST_NAME);
        if ($names === [] || $tooLong !== [] || count($names) > self::MOST_AT_ONCE) {
            throw ValidationException::withMessages(['names' => self::NAMES]);
        }

        return to_route('classes.show', $class)->with('pins', $enrol($class, $names))->with('new', true);
    }

    public function rename(Request $request, SchoolClass $class): RedirectResponse
    {
        $request->validate(
            ['called' => ['required', 'string', 'max:60']],
            ['called.*' => 'Give the class a name of at most 60 letters.'],
        );
        $class->update(['name' => trim((string) $request->string('called'))]);

        return to_route('classes.show', $class)->with('done', "It is called {$class->name} now.");
    }

    /** At the year's end: its code opens no door, nothing new is given to it, and all work is kept. */
    public function putAway(Request $request, SchoolClass $class): RedirectResponse
    {
        $class->update(['put_away_at' => $request->boolean('away') ? now() : null]);

        return to_route('classes.show', $class);
    }
}
