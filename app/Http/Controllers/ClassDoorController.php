<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Code;
use App\Http\Middleware\ThroughPass;
use App\Http\PinCheck;
use App\Models\Door;
use App\Models\Pass;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Students come in with a class code, their name and a PIN. */
final class ClassDoorController
{
    public function code(): View
    {
        return view('student.code');
    }

    public function find(Request $request): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:40']], ['code.*' => 'Type the code first.']);
        $code = Code::read((string) $request->string('code'));
        $pass = Pass::opened($code);
        if ($pass !== null) {
            return to_route('pass', $pass->code);
        }
        $class = SchoolClass::query()->current()->where('code', $code)->first();
        if ($class === null) {
            throw ValidationException::withMessages([
                'code' => 'No class has this code. Look at the board and type it again.',
            ]);
        }

        return to_route('class.names', $class);
    }

    public function names(Request $request, SchoolClass $class): View
    {
        abort_if($class->put_away_at !== null, 404);

        return view('student.names', [
            'class' => $class,
            'students' => $class->students()->get(),
            // As the code on a slip says.
            'chosen' => (string) $request->string('name'),
        ]);
    }

    public function enter(Request $request, SchoolClass $class, PinCheck $check): RedirectResponse
    {
        abort_if($class->put_away_at !== null, 404);
        $request->validate(
            [
                'student' => ['required', 'integer'],
                'pin' => [Rule::requiredIf($class->door !== Door::Open), 'nullable', 'string', 'max:20'],
            ],
            ['student.*' => 'Choose your name first.', 'pin.*' => 'Type your PIN.'],
        );
        $student = $class->students()->find($request->integer('student'));
        if (! $student instanceof Student) {
            throw PinCheck::wrong();
        }
        $class->door === Door::Open || $check($request, $student);
        Auth::guard('teacher')->logout();
        $request->session()->forget(ThroughPass::IN_SESSION);
        Auth::guard('student')->login($student);
        $request->session()->regenerate();

        return redirect()->intended(route('day'));
    }
}
