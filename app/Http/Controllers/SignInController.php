<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Account;
use App\Access\Guesses;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** Teachers sign in by e-mail and password; everyone signs out here. */
final class SignInController
{
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
            fn (): bool => Auth::guard('teacher')->attempt($credentials),
        );
        if ($wait > 0) {
            throw ValidationException::withMessages([
                'email' => "There were too many wrong tries. Wait {$wait} seconds, then try again.",
            ])->status(429);
        }
        if ($wait < 0) {
            throw ValidationException::withMessages([
                'email' => 'No teacher has this e-mail address and password. Check both and try again.',
            ]);
        }
        // One browser, one person: a student who sat here before is signed out.
        Auth::guard('student')->logout();
        $request->session()->regenerate();

        return redirect()->intended(route('shelf'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('teacher')->logout();
        Auth::guard('student')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return to_route('home');
    }
}
