<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeSharers;
use App\Models\Copy;
use App\Models\Student;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Marking\Points;

/** Those who share a copy: who they are, and points for one of them alone. */
final class SharerController
{
    public function join(Request $request, Copy $copy, ChangeSharers $change): RedirectResponse
    {
        $student = $copy->item->handout->recipients()->find($request->integer('student'));
        if ($student === null || ! $copy->isShared()) {
            throw ValidationException::withMessages(['student' => 'Choose a student who has this handout.']);
        }
        try {
            $change->join($copy, $student);
        } catch (CopyRefused $refused) {
            throw ValidationException::withMessages(['student' => $refused->getMessage()]);
        }

        return back()->with('done', "{$student->name} shares it from now on.");
    }

    public function leave(Copy $copy, int $student, ChangeSharers $change): RedirectResponse
    {
        $one = $this->sharer($copy, $student);
        try {
            $change->leave($copy, $one);
        } catch (CopyRefused $refused) {
            throw ValidationException::withMessages(['student' => $refused->getMessage()]);
        }

        return back()->with('done', "{$one->name} has a copy alone now, with nothing in it.");
    }

    /** Instead of what the copy earned; nothing typed is the same as the others. */
    public function points(Request $request, Copy $copy, int $student): RedirectResponse
    {
        $one = $this->sharer($copy, $student);
        $typed = trim((string) $request->input('points'));
        $points = $typed === '' ? null : Points::read($typed);
        if ($typed !== '' && $points === null) {
            throw ValidationException::withMessages(['points' => 'Points are a number up to 1000, such as 7.5.']);
        }
        $copy->students()->updateExistingPivot($one->id, ['points' => $points?->tenThousandths]);

        return back()->with('done', $points === null
            ? "{$one->name} has the same points as the others."
            : "{$one->name} has {$points->named()}.");
    }

    /** @throws ValidationException */
    private function sharer(Copy $copy, int $student): Student
    {
        return $copy->students()->find($student) ?? throw ValidationException::withMessages([
            'student' => 'This student does not share it any more. Load the page again.',
        ]);
    }
}
