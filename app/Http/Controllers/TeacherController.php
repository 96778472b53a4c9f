<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LeaveSchool;
use App\Mail\PasswordLinkMail;
use App\Models\PasswordLink;
use App\Models\Teacher;
use App\School;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Teachers are invited, given new links and the office, leave and come back. */
final class TeacherController
{
    public function __construct(private School $school)
    {
    }

    public function invite(Request $request): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower(trim((string) $request->string('email')))]);
        $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'email' => ['required', 'email', 'max:200', Rule::unique('teachers', 'email')],
            ],
            [
                'name.*' => 'Type the teacher’s name as students know it, of at most 80 letters.',
                'email.unique' => 'A teacher with this e-mail address is in the list already.',
                'email.*' => 'Type the teacher’s e-mail address.',
            ],
        );
        $teacher = Teacher::create([
            'name' => trim((string) $request->string('name')),
            'email' => (string) $request->string('email'),
            // Nobody knows it: it opens nothing until a better one is chosen.
            'password' => Str::random(40),
        ]);

        return $this->withLink($teacher, PasswordLink::DAYS_INVITED);
    }

    /** A new way in, for who was invited, or forgot their password. What they have stays until they choose another. */
    public function link(Teacher $teacher): RedirectResponse
    {
        $this->stillSo($teacher->left_at === null);

        return $this->withLink(
            $teacher,
            $teacher->joined_at === null ? PasswordLink::DAYS_INVITED : PasswordLink::DAYS_FORGOTTEN,
        );
    }

    public function office(Request $request, Teacher $teacher): RedirectResponse
    {
        $this->stillSo($teacher->isHere());
        DB::transaction(function () use ($request, $teacher): void {
            $request->boolean('office') || $this->keepsAnOffice($teacher);
            $teacher->update(['office' => $request->boolean('office')]);
        });

        return to_route('school')->with(
            'done',
            $teacher->office
                ? "{$teacher->name} is of the office from now on."
                : "{$teacher->name} is not of the office any more.",
        );
    }

    /** Who has lost their phone, and their codes on paper as well. */
    public function withoutPhone(Teacher $teacher): RedirectResponse
    {
        $teacher->endSecondFactor();

        return to_route('school')->with('done', "{$teacher->name} signs in with the password alone now.");
    }

    public function leave(Request $request, Teacher $teacher, LeaveSchool $leave): RedirectResponse
    {
        $this->stillSo($teacher->isHere());
        $colleague = Teacher::query()->here()->whereKeyNot($teacher->id)->find($request->integer('to'));
        if ($colleague === null) {
            throw ValidationException::withMessages([
                "to-{$teacher->id}" => 'Choose who takes over their worksheets, classes and handouts.',
            ]);
        }
        DB::transaction(function () use ($teacher, $colleague, $leave): void {
            $this->keepsAnOffice($teacher);
            $leave($teacher, $colleague);
        });

        return to_route('school')->with(
            'done',
            "{$teacher->name} has left. What they had is {$colleague->name}’s now.",
        );
    }

    public function comeBack(Teacher $teacher): RedirectResponse
    {
        $this->stillSo($teacher->left_at !== null);
        $teacher->update(['left_at' => null]);

        return $this->withLink($teacher, PasswordLink::DAYS_INVITED);
    }

    /** Who was invited and has not come yet. */
    public function destroy(Teacher $teacher): RedirectResponse
    {
        $this->stillSo($teacher->joined_at === null);
        $teacher->delete();

        return to_route('school')->with('done', "{$teacher->name} is not invited any more.");
    }

    private function withLink(Teacher $teacher, int $days): RedirectResponse
    {
        $address = route('welcome', PasswordLink::renew($teacher, $days));
        $isSent =
            config('slate.mail') === true &&
            rescue(fn (): bool => Mail::to($teacher->email)->send(
                new PasswordLinkMail($teacher, $address, $this->school),
            ) !== null, false);

        return to_route('school')->with('link', [
            'name' => $teacher->name,
            'address' => $address,
            'days' => $days,
            'sent' => $isSent ? $teacher->email : null,
        ]);
    }

    /** @throws ValidationException where somebody else of the office was quicker */
    private function stillSo(bool $is): void
    {
        if (! $is) {
            throw ValidationException::withMessages([
                'list' => 'The list of teachers has changed meanwhile. Look again, and choose anew.',
            ])->redirectTo(route('school'));
        }
    }

    /** @throws ValidationException where the last of the office would go */
    private function keepsAnOffice(Teacher $without): void
    {
        $others = Teacher::query()->here()->where('office', true)->whereKeyNot($without->id);
        if ($without->office && $others->doesntExist()) {
            throw ValidationException::withMessages([
                "office-{$without->id}" => "{$without->name} is the only one of the office. Make somebody else of the ".
                    'office first.',
            ]);
        }
    }
}
