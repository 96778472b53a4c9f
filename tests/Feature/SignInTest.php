<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Account;
use App\Access\Guesses;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_teacher_signs_in_with_address_and_password(): void
    {
        $teacher = Teacher::factory()->create(['email' => 't@school.example']);
        $this->assertTrue(Hash::check('a-password', $teacher->password), 'the password is stored hashed');

        $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'wrong'])->assertSessionHasErrors(
            'email',
        );
        $this->assertGuest('teacher');
        $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'a-password'])->assertRedirect('/shelf');
        $this->assertAuthenticatedAs($teacher, 'teacher');
        $this->post('/sign-out')->assertRedirect('/');
        $this->assertGuest('teacher');
    }

    public function test_guessing_at_a_password_is_slowed_down(): void
    {
        Teacher::factory()->create(['email' => 't@school.example']);
        foreach (range(1, 5) as $n) {
            $this->post('/sign-in', ['email' => 't@school.example', 'password' => "guess{$n}"])->assertRedirect();
        }
        $this->post('/sign-in', ['email' => 'T@school.example', 'password' => 'a-password'])->assertSessionHasErrors(
            'email',
        );
        $this->assertGuest('teacher');
    }

    public function test_a_student_comes_in_with_code_name_and_pin(): void
    {
        [$class, $student] = $this->classWithStudent();

        $this->post('/class', ['code' => ' tide-26 '])->assertRedirect("/class/{$class->code}");
        $this->get("/class/{$class->code}")
            ->assertOk()
            ->assertSee($student->name);
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '1111'])->assertSessionHasErrors(
            'pin',
        );
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '2468'])->assertRedirect('/my/day');
        $this->assertAuthenticatedAs($student, 'student');
    }

    public function test_a_student_of_another_class_does_not_come_in_by_this_door(): void
    {
        [$class] = $this->classWithStudent();
        $stranger = Student::factory()->create();
        $this->post("/class/{$class->code}", ['student' => $stranger->id, 'pin' => '2468'])->assertSessionHasErrors(
            'pin',
        );
        $this->assertGuest('student');
    }

    public function test_guessing_at_a_pin_is_slowed_down_for_that_name_only(): void
    {
        $this->freezeSecond();
        [$class, $student] = $this->classWithStudent();
        $neighbour = Student::factory()->create();
        $class->students()->attach($neighbour);
        foreach (range(1, 5) as $n) {
            $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => "000{$n}"]);
        }
        $this->enter($class, $student)->assertSessionHasErrors([
            'pin' => 'There were too many wrong tries with this name. Wait 5 seconds, then try again, or ask your '
                .'teacher.',
        ]);
        $this->post("/class/{$class->code}", ['student' => $neighbour->id, 'pin' => '2468'])->assertRedirect('/my/day');
    }

    public function test_nobody_is_locked_out_for_long_and_the_teacher_lets_them_try_at_once(): void
    {
        [$class, $student] = $this->classWithStudent();
        foreach (range(1, 40) as $n) {
            $this->enter($class, $student, '0000');
            $this->travel(119)->seconds();
        }
        $this->enter($class, $student)->assertSessionHasErrors('pin');
        $this->travel(2)->minutes();
        $this->enter($class, $student)->assertRedirect('/my/day');
        $this->post('/sign-out');

        foreach (range(1, 6) as $n) {
            $this->enter($class, $student, '0000');
        }
        $this->actingAs($class->teachers()->sole(), 'teacher')
            ->get("/classes/{$class->id}")
            ->assertSee('wrong PINs in the last hour');
        $this->post("/classes/{$class->id}/students/{$student->id}/let-try")->assertRedirect();
        $this->get("/classes/{$class->id}")->assertDontSee('wrong PINs');
        $this->post('/sign-out');
        $this->enter($class, $student)->assertRedirect('/my/day');
    }

    public function test_the_devices_on_which_somebody_was_before_do_not_wait_for_what_others_guess(): void
    {
        [$class, $student] = $this->classWithStudent();
        $device = (string) $this->enter($class, $student)
            ->assertRedirect('/my/day')
            ->getCookie('open_slate_device')
            ?->getValue();
        $this->post('/sign-out');
        foreach (range(1, 20) as $n) {
            $this->enter($class, $student, '0000');
        }
        $this->enter($class, $student)->assertSessionHasErrors('pin');
        $this->withCookie('open_slate_device', $device);
        $this->enter($class, $student)->assertRedirect('/my/day');
    }

    public function test_a_device_that_guesses_at_one_name_after_the_other_waits_too(): void
    {
        $this->freezeSecond();
        [$class, $student] = $this->classWithStudent();
        $this->withCookie('open_slate_device', str_repeat('a', 24));
        foreach (range(1, 5) as $n) {
            $other = Student::factory()->create();
            $class->students()->attach($other);
            $this->enter($class, $other, '0000')->assertSessionHasErrors([
                'pin' => 'That is not the PIN for this name. Try again, or ask your teacher.',
            ]);
        }
        $this->enter($class, $student, '0000')->assertSessionHasErrors([
            'pin' => 'There were too many wrong tries with this name. Wait 5 seconds, then try again, or ask your '
                .'teacher.',
        ]);
    }

    public function test_naming_another_student_in_the_address_is_no_way_round_the_wait(): void
    {
        [$class, $student] = $this->classWithStudent();
        foreach (range(1, 5) as $n) {
            $this->post("/class/{$class->code}?student={$student->id}", ['pin' => '0000']);
        }
        $this->post("/class/{$class->code}?student={$student->id}", ['pin' => '2468']);
        $this->assertGuest('student');
    }

    public function test_a_wrong_guess_waits_for_its_verdict_before_another_is_looked_at(): void
    {
        [$class, $student] = $this->classWithStudent();
        $looked = 0;
        $guess = app(Guesses::class);
        $deep = function () use (&$deep, &$looked, $guess, $student): bool {
            $looked++;
            $looked < 20 && $guess(Account::ofStudent($student->id), request(), $deep);

            return false;
        };
        $guess(Account::ofStudent($student->id), request(), $deep);

        $this->assertSame(5, $looked, 'of twenty at once, five are looked at');
    }

    public function test_a_hundred_and_twenty_come_in_from_one_address_within_a_minute(): void
    {
        [$class] = $this->classWithStudent();
        foreach (range(1, 120) as $n) {
            $student = Student::factory()->create();
            $class->students()->attach($student);
            $this->app?->make('auth')->forgetGuards();
            $this->flushSession();
            $this->post('/class', ['code' => $class->code])->assertRedirect("/class/{$class->code}");
            $this->get("/class/{$class->code}")->assertOk();
            $this->enter($class, $student)->assertRedirect('/my/day');
        }
    }

    public function test_a_student_cannot_keep_a_teacher_out(): void
    {
        Teacher::factory()->create(['email' => 't@school.example']);
        $right = fn () => $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'a-password']);
        $device = (string) $right()->assertRedirect('/shelf')->getCookie('open_slate_device')?->getValue();
        $this->post('/sign-out');
        foreach (range(1, 20) as $n) {
            $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'guess']);
        }
        $this->withCookie('open_slate_device', $device);
        $right()->assertRedirect('/shelf');
    }

    public function test_an_unknown_code_is_told(): void
    {
        $this->post('/class', ['code' => 'NOPE'])->assertSessionHasErrors([
            'code' => 'No class has this code. Look at the board and type it again.',
        ]);
        $this->get('/class/NOPE')->assertNotFound();
    }

    public function test_lists_where_words_are_meant_are_no_way_in(): void
    {
        [$class] = $this->classWithStudent();
        foreach (['/sign-in', '/class', "/class/{$class->code}"] as $door) {
            $status = $this->post($door, [
                'email' => ['a'],
                'password' => ['b'],
                'code' => ['c'],
                'student' => ['1'],
                'pin' => ['2468'],
            ])->getStatusCode();
            $this->assertContains($status, [302, 400, 422], $door);
        }
        $this->assertGuest('student');
        $this->assertGuest('teacher');
    }

    public function test_one_browser_is_one_person(): void
    {
        [$class, $student] = $this->classWithStudent();
        Teacher::factory()->create(['email' => 't@school.example']);
        $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'a-password'])->assertRedirect('/shelf');
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '2468'])->assertRedirect('/my/day');
        Auth::forgetGuards();

        $this->assertFalse(Auth::guard('teacher')->check());
        $this->assertTrue(Auth::guard('student')->check());
    }

    /** @return TestResponse<Response> */
    private function enter(SchoolClass $class, Student $student, string $pin = '2468'): TestResponse
    {
        return $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => $pin]);
    }

    /** @return array{SchoolClass, Student} */
    private function classWithStudent(): array
    {
        $class = SchoolClass::factory()->create(['code' => 'TIDE26']);
        $student = Student::factory()->create();
        $class->students()->attach($student);

        return [$class, $student];
    }
}
