<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AskForExport;
use App\Documents\Printing\Browser;
use App\Exports\StudentZip;
use App\Models\ExportKind;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\View\ExportRow;
use App\View\LeavingForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;

/** All that a student has done for a teacher, to be taken along. */
final class StudentWorkController
{
    public function show(SchoolClass $class, Student $student, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('leaving.student', [
            'class' => $class,
            'student' => $student,
            'copies' => StudentZip::copies($student, $teacher),
            'made' => ExportRow::all($teacher, fn (Builder $made) => $made
                ->where('kind', ExportKind::Student)
                ->where('choices->student', $student->id)),
            'canPrint' => Browser::isThere(),
        ]);
    }

    public function store(
        SchoolClass $class,
        Student $student,
        #[CurrentUser('teacher')] Teacher $teacher,
        AskForExport $ask,
    ): RedirectResponse {
        $back = to_route('students.work', [$class, $student]);
        if (! Browser::isThere()) {
            return $back->withErrors(['refused' => LeavingForm::NO_BROWSER]);
        }

        return $ask($teacher, [
            'kind' => ExportKind::Student,
            'choices' => ['student' => $student->id, 'class' => $class->id],
            'name' => $student->name,
        ]) ? $back : $back->withErrors(['refused' => LeavingForm::TOO_MANY]);
    }
}
