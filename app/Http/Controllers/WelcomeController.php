<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenSchool;
use App\Http\Middleware\ThroughPass;
use App\Http\Requests\FirstVisitRequest;
use App\Http\Requests\PasswordLinkRequest;
use App\Models\PasswordLink;
use App\Models\Teacher;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** Where a link leads with which a teacher chooses a password; and the very first visit. */
final class WelcomeController
{
    public function show(string $token): Response
    {
        $link = PasswordLink::opened($token);

        return match (true) {
            $link === null => response()->view('welcome-over', status: 410),
            $link->teacher === null => response()->view('first-visit', ['token' => $token]),
            default => response()->view('welcome', ['token' => $token, 'teacher' => $link->teacher]),
        };
    }

    public function open(FirstVisitRequest $request, string $token, OpenSchool $open): RedirectResponse
    {
        $link = PasswordLink::opened($token);
        $teacher = $link?->teacher_id === null && $link !== null
            ? $open($request->school(), $request->teacher())
            : null;

        return $teacher === null ? to_route('welcome', $token) : $this->comeIn($request, $teacher);
    }

    public function choose(PasswordLinkRequest $request, string $token): RedirectResponse
    {
        $teacher = DB::transaction(function () use ($request, $token): ?Teacher {
            $link = PasswordLink::opened($token);
            $teacher = $link?->teacher;
            if ($link === null || $teacher === null) {
                return null;
            }
            $link->delete();
            $teacher->update([
                'name' => trim((string) $request->string('name')),
                'password' => (string) $request->string('password'),
                'joined_at' => $teacher->joined_at ?? now(),
            ]);

            return $teacher;
        });
        if ($teacher === null) {
            return to_route('welcome', $token);
        }

        // Whoever reads the link and not the phone gets a password in place, and no further.
        return $teacher->second_secret === null
            ? $this->comeIn($request, $teacher)
            : to_route('sign-in')->with('done', 'Your new password is kept. Sign in with it.');
    }

    private function comeIn(Request $request, Teacher $teacher): RedirectResponse
    {
        Auth::guard('student')->logout();
        $request->session()->forget(ThroughPass::IN_SESSION);
        Auth::guard('teacher')->login($teacher);
        $request->session()->regenerate();

        return to_route('shelf');
    }
}
