<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ComeAsGuest;
use App\Actions\GuestRefused;
use App\Http\Middleware\ThroughPass;
use App\Http\PinCheck;
use App\Models\Copy;
use App\Models\Door;
use App\Models\Pass;
use App\Models\PassKind;
use App\Models\Student;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenSlate\Handout\Mode;

/** The door of a pass. Looking at it opens nothing: what looks ahead at links for somebody stays outside. */
final class PassDoorController
{
    public function show(string $code): Response
    {
        $pass = Pass::opened($code);

        return match (true) {
            $pass === null => $this->over(),
            $pass->kind === PassKind::OfClass => response()->view('student.names', [
                'title' => $pass->handout->title,
                'class' => $pass->class,
                'enter' => route('pass.enter', $pass->code),
                'students' => $this->students($pass),
                'chosen' => '',
            ]),
            default => response()->view('student.pass', ['pass' => $pass]),
        };
    }

    public function over(): Response
    {
        return response()->view('student.pass-over', status: 410);
    }

    public function enter(Request $request, string $code, PinCheck $check, ComeAsGuest $come): RedirectResponse
    {
        $pass = Pass::opened($code);
        if ($pass === null) {
            return to_route('pass.over');
        }
        $student = match ($pass->kind) {
            PassKind::Personal => $pass->student,
            PassKind::OfClass => $this->chosen($request, $pass, $check),
            PassKind::Open => $this->named($request, $pass, $check, $come),
        };
        if ($student === null) {
            return to_route('pass.over');
        }
        // Who is signed in already keeps all that they have.
        if (! Auth::guard('student')->user()?->is($student) || $request->session()->has(ThroughPass::IN_SESSION)) {
            Auth::guard('teacher')->logout();
            Auth::guard('student')->logout();
            $request->session()->put(ThroughPass::IN_SESSION, $pass->id);
            Auth::guard('student')->login($student);
            $request->session()->regenerate();
        }
        $own = Copy::query()
            ->ownedBy($student->id)
            ->whereHas('item', fn ($item) => $item
                ->where('handout_id', $pass->handout_id)
                ->where('mode', '!=', Mode::OnRequest)
                ->whereNull('withdrawn_at'))
            ->get();
        $isOut = $student->given()->where('recipients.handout_id', $pass->handout_id)->exists();

        return $own->count() === 1 && $isOut ? to_route('copies.show', $own->sole()) : to_route('day');
    }

    private function chosen(Request $request, Pass $pass, PinCheck $check): Student
    {
        $needsPin = $pass->class?->door !== Door::Open;
        $request->validate(
            [
                'student' => ['required', 'integer'],
                'pin' => [Rule::requiredIf($needsPin), 'nullable', 'string', 'max:20'],
            ],
            ['student.*' => 'Choose your name first.', 'pin.*' => 'Type your PIN.'],
        );
        $student = $this->students($pass)->find($request->integer('student'));
        if (! $student instanceof Student) {
            throw ValidationException::withMessages(['student' => 'Choose your name first.']);
        }
        $needsPin && $check($request, $student);

        return $student;
    }

    private function named(Request $request, Pass $pass, PinCheck $check, ComeAsGuest $come): Student
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'pin' => ['nullable', 'string', 'max:20']],
            ['name.*' => 'Type your name first.', 'pin.*' => 'Type the number that you were given.'],
        );
        $name = trim((string) $request->string('name'));
        $number = (string) $request->string('pin');
        if ($number === '') {
            try {
                return $come($pass, $name, mb_substr((string) $request->string('once'), 0, 64));
            } catch (GuestRefused $full) {
                throw ValidationException::withMessages(['name' => $full->getMessage()]);
            }
        }
        $before = $pass->handout
            ->guests()
            ->get()
            ->filter(fn (Student $guest): bool => mb_strtolower($guest->name) === mb_strtolower($name));
        $guest = $before->first(fn (Student $guest): bool => $guest->isPin($number)) ?? $before->first();
        if ($guest === null) {
            throw ValidationException::withMessages(['name' => 'Nobody of this name was here before.']);
        }
        $check($request, $guest);

        return $guest;
    }

    /** @return Collection<int, Student> of the class, who were given the handout */
    private function students(Pass $pass): Collection
    {
        return $pass->handout
            ->recipients()
            ->wherePivotNull('withdrawn_at')
            ->whereHas('classes', fn ($class) => $class->whereKey($pass->school_class_id))
            ->orderBy('students.name')
            ->get();
    }
}
