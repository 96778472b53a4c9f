<?php

declare(strict_types=1);

use App\Models\Student;
use App\Models\Teacher;

// Teachers and students are different people with different rights: each has a guard of its own.
return [
    'defaults' => ['guard' => 'teacher', 'passwords' => null],
    'guards' => [
        'teacher' => ['driver' => 'session', 'provider' => 'teachers'],
        'student' => ['driver' => 'session', 'provider' => 'students'],
    ],
    'providers' => [
        'teachers' => ['driver' => 'eloquent', 'model' => Teacher::class],
        'students' => ['driver' => 'eloquent', 'model' => Student::class],
    ],
];
