<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\QrCode;
use App\Http\Requests\ChoosesPassword;
use App\Models\Teacher;
use App\School;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Access\Base32;
use OpenSlate\Access\TimedCode;

/** What a teacher settles for themselves: their name, their password, a code from a phone besides it. */
final class AccountController
{
    use ChoosesPassword;

    /** In the session: a secret that no phone has proved yet. */
    private const OFFERED = 'second.offered';

    public function show(Request $request, #[CurrentUser('teacher')] Teacher $teacher, School $school): View
    {
        $offered = $request->session()->get(self::OFFERED);
        $code = is_string($offered) ? new TimedCode(Base32::decode($offered)) : null;

        return view('account', [
            'teacher' => $teacher,
            'offered' => $teacher->second_secret === null && $code !== null ? $offered : null,
            'qr' => $code === null
                ? ''
                : QrCode::svg(
                    $code->address($teacher->email, "Open Slate, {$school->name}"),
                    'Code for an app on a phone',
                ),
        ]);
    }

    public function rename(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:80']],
            ['name.*' => 'Type your name as students know it, of at most 80 letters.'],
        );
        $teacher->update(['name' => trim((string) $request->string('name'))]);

        return to_route('account')->with('done', 'Your name is kept.');
    }

    /** A new password ends all sessions but this one. */
    public function password(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $this->provesPassword($request, 'current');
        $request->validate(['password' => $this->newPassword()], $this->passwordWords());
        $teacher->update(['password' => (string) $request->string('password')]);

        return to_route('account')->with(
            'done',
            'Your new password is kept. Wherever else you were signed in, you are signed out.',
        );
    }

    /** The same password, hashed anew: sessions that were begun with the old hash end. */
    public function everywhere(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $this->provesPassword($request, 'everywhere');
        $teacher->update(['password' => (string) $request->string('everywhere')]);

        return to_route('account')->with('done', 'Wherever else you were signed in, you are signed out.');
    }

    public function offer(Request $request): RedirectResponse
    {
        $this->provesPassword($request, 'second');
        $request->session()->put(self::OFFERED, Base32::encode(random_bytes(TimedCode::SECRET_BYTES)));

        return to_route('account')->withFragment('phone');
    }

    public function turnOn(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $offered = (string) $request->session()->get(self::OFFERED, '');
        $step = (new TimedCode(Base32::decode($offered)))->step(
            (string) $request->string('shown'),
            now()->getTimestamp(),
            0,
        );
        if ($offered === '' || $step === null || $teacher->second_secret !== null) {
            return to_route('account')
                ->withFragment('phone')
                ->withErrors([
                    'shown' => 'That is not the code that the phone shows now. Look at its clock, and try again.',
                ]);
        }
        $spares = $teacher->beginSecondFactor($offered, $step);
        $request->session()->forget(self::OFFERED);

        return to_route('account')
            ->withFragment('phone')
            ->with('spares', $spares);
    }

    public function turnOff(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $this->provesPassword($request, 'second');
        $teacher->endSecondFactor();

        return to_route('account')->with('done', 'Your password alone is asked for from now on.');
    }

    private function provesPassword(Request $request, string $field): void
    {
        $request->validate(
            [$field => ['bail', 'required', 'string', 'max:'.Teacher::LONGEST_PASSWORD, 'current_password:teacher']],
            ["{$field}.*" => 'That is not your password.'],
        );
    }
}
