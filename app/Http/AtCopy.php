<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Copy;
use App\Models\Student;
use Illuminate\Http\Request;

/** Who is at a copy: its student, also where a teacher tries it; of those who share it, the one who is signed in. */
final class AtCopy
{
    public static function student(Request $request, Copy $copy): Student
    {
        $student = $copy->student ?? $request->user('student');

        return $student instanceof Student ? $student : abort(403);
    }
}
