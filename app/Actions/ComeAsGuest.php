<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Pass;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Whoever gives a name at an open pass gets a copy, and a number with which they find it again. */
final class ComeAsGuest
{
    public const MOST = 200; // at one handout

    public function __construct(private GiveCopies $give)
    {
    }

    /** @throws RuntimeException where too many have come already */
    public function __invoke(Pass $pass, string $name): Student
    {
        return DB::transaction(function () use ($pass, $name): Student {
            if ($pass->handout->recipients()->where('students.guest', true)->count() >= self::MOST) {
                throw new RuntimeException('Too many have come by this pass. Ask the teacher for another one.');
            }
            $student = Student::create(['name' => $name, 'pin' => (new SchoolClass)->newPin(), 'guest' => true]);
            ($this->give)($pass->handout, [$student->id]);

            return $student;
        });
    }
}
