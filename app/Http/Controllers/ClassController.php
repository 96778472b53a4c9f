<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Account;
use App\Access\Guesses;
use App\Actions\EnrolStudent;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A teacher's classes, their codes and their students. */
final class ClassController
{
    /** Letters and digits that nobody confuses on a board: no I, L, O, 0 or 1. */
    private const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    private const CODE_LENGTH = 6;

    public function index(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('classes.index', ['classes' => $teacher->classes()->withCount('students')->orderBy('name')->get()]);
    }

    public function store(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:60']],
            ['name.*' => 'Give the class a name of at most 60 letters.'],
        );
        $class = $teacher
            ->classes()
            ->create(['name' => trim((string) $request->string('name')), 'code' => $this->newCode()]);

        return to_route('classes.show', $class);
    }

    public function show(SchoolClass $class): View
    {
        $class->load('students');
        $wrong = Guesses::many(
            array_values(
                $class->students->map(fn (Student $student): Account => Account::ofStudent($student->id))->all(),
            ),
        );

        return view('classes.show', [
            'class' => $class,
            'wrong' => $class->students
                ->mapWithKeys(
                    fn (Student $student): array => [
                        $student->id => $wrong[Account::ofStudent($student->id)->name] ?? 0,
                    ],
                )
                ->all(),
        ]);
    }

    public function enrol(Request $request, SchoolClass $class, EnrolStudent $enrol): RedirectResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80']],
            ['name.*' => 'Type the student’s name, at most 80 letters.'],
        );
        $pin = $this->newPin();
        $student = $enrol($class, trim((string) $request->string('name')), $pin);

        return to_route('classes.show', $class)->with('pin', ['name' => $student->name, 'pin' => $pin, 'new' => true]);
    }

    public function pin(SchoolClass $class, Student $student): RedirectResponse
    {
        $pin = $this->newPin();
        $student->update(['pin' => $pin]);

        return to_route('classes.show', $class)->with('pin', ['name' => $student->name, 'pin' => $pin, 'new' => false]);
    }

    /** Whoever waits because of wrong PINs need not any more. */
    public function letTry(SchoolClass $class, Student $student): RedirectResponse
    {
        Guesses::clear(Account::ofStudent($student->id));

        return to_route('classes.show', $class);
    }

    private function newPin(): string
    {
        return sprintf('%04d', random_int(0, 9999));
    }

    private function newCode(): string
    {
        do {
            $code = '';
            for ($n = 0; $n < self::CODE_LENGTH; $n++) {
                $code .= self::CODE_LETTERS[random_int(0, strlen(self::CODE_LETTERS) - 1)];
            }
        } while (SchoolClass::where('code', $code)->exists());

        return $code;
    }
}
