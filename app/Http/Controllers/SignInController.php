<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Account;
use App\Access\Guesses;
use App\Http\Middleware\ThroughPass;
use App\Models\Teacher;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/**
 * Teachers sign in by e-mail and password, and by a code of their phone where they want that; everyone signs out here.
 */
final class SignInController
{
    /** In the session: who has proved their password and not yet their phone, and until when that counts. */
    private const HALF_IN = 'second.awaited';

    private const SECONDS_HALF_IN = 600;

    public function create(): View
    {
        return view('sign-in');
    }

    public function store(Request $request, Guesses $guess): RedirectResponse
    {
        $credentials = $request->validate(
            ['email' => ['required', 'email'], 'password' => ['required', 'string', 'max:200']],
            ['email.*' => 'Type your e-mail address.', 'password.*' => 'Type your password.'],
        );
        $wait = $guess(
            Account::ofTeacher($credentials['email']),
            $request,
            fn (): bool => $this->guard()->validate([
                ...$credentials,
                fn (Builder $teacher) => $teacher->whereNull('left_at'),
            ]),
        );
        $this->refuseTooMany($wait, 'email');
        if ($wait < 0) {
            throw ValidationException::withMessages([
                'email' => 'No teacher has this e-mail address and password. Check both and try again.',
            ]);
        }
        $teacher = $this->guard()->getLastAttempted();
        if ($teacher instanceof Teacher && $teacher->second_secret === null) {
            return $this->comeIn($request, $teacher);
        }
        $request->session()->put(self::HALF_IN, [
            $teacher->getAuthIdentifier(),
            $teacher->getAuthPassword(),
            now()->getTimestamp() + self::SECONDS_HALF_IN,
        ]);

        return to_route('sign-in.code');
    }

    public function code(Request $request): View|RedirectResponse
    {
        return $this->halfIn($request) === null ? to_route('sign-in') : view('sign-in-code');
    }

    public function enter(Request $request, Guesses $guess): RedirectResponse
    {
        $teacher = $this->halfIn($request);
        if ($teacher === null) {
            return to_route('sign-in');
        }
        $request->validate(['shown' => ['required', 'string', 'max:40']], ['shown.*' => 'Type the code first.']);
        $wait = $guess(
            Account::ofSecondFactor($teacher->id),
            $request,
            fn (): bool => $teacher->takeCode((string) $request->string('shown')),
        );
        $this->refuseTooMany($wait, 'shown');
        if ($wait < 0) {
            throw ValidationException::withMessages([
                'shown' => 'That is not the code that the phone shows now, and none of your codes on paper. Try again.',
            ]);
        }

        return $this->comeIn($request, $teacher);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('teacher')->logout();
        Auth::guard('student')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return to_route('home');
    }

    /** One browser, one person: a student who sat here before is signed out. */
    private function comeIn(Request $request, Teacher $teacher): RedirectResponse
    {
        $request->session()->forget([self::HALF_IN, ThroughPass::IN_SESSION]);
        Auth::guard('student')->logout();
        $this->guard()->login($teacher);
        $request->session()->regenerate();

        return redirect()->intended(route('shelf'));
    }

    /** Whose password was proved in this session a moment ago, and is still theirs. */
    private function halfIn(Request $request): ?Teacher
    {
        [$id, $password, $until] = $request->session()->get(self::HALF_IN, [null, null, 0]);
        $teacher = $until < now()->getTimestamp() ? null : Teacher::query()->here()->whereKey($id)->first();

        return $teacher?->password === $password ? $teacher : null;
    }

    private function refuseTooMany(int $wait, string $field): void
    {
        if ($wait > 0) {
            throw ValidationException::withMessages([
                $field => "There were too many wrong tries. Wait {$wait} seconds, then try again.",
            ])->status(429);
        }
    }

    private function guard(): SessionGuard
    {
        /** @var SessionGuard */
        return Auth::guard('teacher');
    }
}
