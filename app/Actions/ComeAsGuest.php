<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Pass;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** Whoever gives a name at an open pass gets a copy, and a number with which they find it again. */
final class ComeAsGuest
{
    public const MOST = 200; // at one handout

    public function __construct(private GiveCopies $give)
    {
    }

    /**
     * @param  string  $form  names the form that was sent: sent twice, it is one guest
     *
     * @throws GuestRefused where too many have come already
     */
    public function __invoke(Pass $pass, string $name, string $form): Student
    {
        return DB::transaction(function () use ($pass, $name, $form): Student {
            $token = "guest {$pass->id} {$form}";
            $made = DB::table('made_once')->where('token', $token)->value('answer');
            $before = $made === null ? null : Student::where('guest', true)->whereKey((int) $made)->first();
            if ($before !== null) {
                return $before;
            }
            if ($pass->handout->recipients()->where('students.guest', true)->count() >= self::MOST) {
                throw GuestRefused::tooMany();
            }
            $student = Student::create(['name' => $name, 'pin' => (new SchoolClass)->newPin(), 'guest' => true]);
            ($this->give)($pass->handout, [$student->id]);
            $form === '' ||
                DB::table('made_once')->insert([
                    'token' => $token,
                    'answer' => (string) $student->id,
                    'created_at' => now(),
                ]);

            return $student;
        });
    }
}
