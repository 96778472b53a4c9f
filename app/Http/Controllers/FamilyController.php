<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FamilyCalendar;
use App\Models\SchoolClass;
use App\School;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What a class was set, for families: at an address that nobody guesses, while the teacher has it turned on. */
final class FamilyController
{
    private const TOKEN_LENGTH = 32;

    public function show(string $token, FamilyCalendar $calendar): Response
    {
        $class = $this->class($token);

        return response()
            ->view('families', ['class' => $class, 'set' => $calendar->of($class)])
            ->header('X-Robots-Tag', 'noindex, nofollow')
            ->header('Cache-Control', 'private, no-store');
    }

    public function feed(string $token, FamilyCalendar $calendar, School $school): Response
    {
        return response($calendar->feed($this->class($token), $school->name))
            ->header('Content-Type', 'text/calendar; charset=utf-8')
            ->header('X-Robots-Tag', 'noindex, nofollow')
            ->header('Cache-Control', 'private, no-store');
    }

    /** Turns it on, at a new address; or off, so that the old address leads nowhere. */
    public function turn(Request $request, SchoolClass $class): RedirectResponse
    {
        $class->update(['family_token' => $request->boolean('on') ? Str::random(self::TOKEN_LENGTH) : null]);

        return to_route('classes.show', $class);
    }

    private function class(string $token): SchoolClass
    {
        return SchoolClass::where('family_token', $token)->first() ?? abort(404);
    }
}
