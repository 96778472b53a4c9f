<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TryHandout;
use App\Models\Handout;
use App\Models\Teacher;
use App\School;
use App\View\DayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A handout seen as one of its students sees it, on a laptop and on a phone. */
final class PreviewController
{
    public function show(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Handout $handout,
        TryHandout $try,
    ): View {
        $students = $handout->recipients()->wherePivotNull('withdrawn_at')->orderBy('students.name')->get();
        $as = $students->find($request->integer('student')) ?? $students->first();
        if ($as !== null) {
            $try($teacher, $handout, $as);
        }

        return view('desks.preview', [
            'handout' => $handout,
            'students' => $students,
            'as' => $as,
            'onPhone' => $request->query('on') === 'phone',
        ]);
    }

    /** What stands in the frame: the list by day, with nothing in it but this. */
    public function day(#[CurrentUser('teacher')] Teacher $teacher, School $school): View|RedirectResponse
    {
        $trial = $teacher->trials()->whereNotNull('preview_of')->latest('id')->first();

        return $trial === null
            ? to_route('handouts.index')
            : view('student.day', DayPage::of($trial->recipients()->sole(), $school));
    }
}
