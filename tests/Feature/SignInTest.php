<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_teacher_signs_in_with_address_and_password(): void
    {
        $teacher = Teacher::factory()->create(['email' => 't@school.example']);
        $this->assertTrue(Hash::check('a-password', $teacher->password), 'the password is stored hashed');

        $this->post('/sign-in', ['email' => 't@school.example', 'password' => 'wrong'])->assertSessionHasErrors('email');
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
        $this->post('/sign-in', ['email' => 'T@school.example', 'password' => 'a-password'])->assertTooManyRequests();
        $this->assertGuest('teacher');
    }

    public function test_a_student_comes_in_with_code_name_and_pin(): void
    {
        [$class, $student] = $this->classWithStudent();

        $this->post('/class', ['code' => ' tide-26 '])->assertRedirect("/class/{$class->code}");
        $this->get("/class/{$class->code}")->assertOk()->assertSee($student->name);
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '1111'])->assertSessionHasErrors('pin');
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '2468'])->assertRedirect('/my/day');
        $this->assertAuthenticatedAs($student, 'student');
    }

    public function test_a_student_of_another_class_does_not_come_in_by_this_door(): void
    {
        [$class] = $this->classWithStudent();
        $stranger = Student::factory()->create();
        $this->post("/class/{$class->code}", ['student' => $stranger->id, 'pin' => '2468'])->assertSessionHasErrors('pin');
        $this->assertGuest('student');
    }

    public function test_guessing_at_a_pin_is_slowed_down_for_that_name_only(): void
    {
        [$class, $student] = $this->classWithStudent();
        $neighbour = Student::factory()->create();
        $class->students()->attach($neighbour);
        foreach (range(1, 5) as $n) {
            $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => "000{$n}"]);
        }
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '2468'])->assertTooManyRequests();
        $this->post("/class/{$class->code}", ['student' => $neighbour->id, 'pin' => '2468'])->assertRedirect('/my/day');
    }

    public function test_an_unknown_code_is_told(): void
    {
        $this->post('/class', ['code' => 'NOPE'])->assertSessionHasErrors(['code' => 'No class has this code. Look at the board and type it again.']);
        $this->get('/class/NOPE')->assertNotFound();
    }

    public function test_lists_where_words_are_meant_are_no_way_in(): void
    {
        [$class] = $this->classWithStudent();
        foreach (['/sign-in', '/class', "/class/{$class->code}"] as $door) {
            $status = $this->post($door, ['email' => ['a'], 'password' => ['b'], 'code' => ['c'], 'student' => ['1'], 'pin' => ['2468']])->getStatusCode();
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

    /** @return array{SchoolClass, Student} */
    private function classWithStudent(): array
    {
        $class = SchoolClass::factory()->create(['code' => 'TIDE26']);
        $student = Student::factory()->create();
        $class->students()->attach($student);

        return [$class, $student];
    }
}
