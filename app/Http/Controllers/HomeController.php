<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

/** The front door: whoever is signed in goes on to their work, others choose a door. */
final class HomeController
{
    public function __invoke(): View|RedirectResponse
    {
        return match (true) {
            Auth::guard('student')->check() => to_route('day'),
            Auth::guard('teacher')->check() => to_route('shelf'),
            default => view('home'),
        };
    }
}
