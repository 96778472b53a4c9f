<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Student;
use App\School;
use App\View\DayPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** What is set for a student, by day. */
final class DayController
{
    public function __invoke(#[CurrentUser('student')] Student $student, School $school): View
    {
        return view('student.day', DayPage::of($student, $school));
    }
}
