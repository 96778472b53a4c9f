<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Session\SessionFiles;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** Who is signed in, until when, and what of it a browser may keep. */
final class SessionsTest extends TestCase
{
    use RefreshDatabase;

    public function test_no_page_is_kept_by_a_browser(): void
    {
        $teacher = Teacher::factory()->create();
        foreach (['/', '/sign-in', '/class'] as $door) {
            $this->assertStringContainsString(
                'no-store',
                (string) $this->get($door)->headers->get('Cache-Control'),
                $door,
            );
        }
        foreach (['/shelf', '/handouts', '/classes', '/nowhere', '/who'] as $page) {
            $this->assertStringContainsString(
                'no-store',
                (string) $this->actingAs($teacher, 'teacher')->get($page)->headers->get('Cache-Control'),
                $page,
            );
        }
    }

    public function test_a_page_says_whom_it_is_for(): void
    {
        $student = Student::factory()->create();
        $this->get('/')->assertHeader('Slate-Who', 'nobody')->assertSee('data-who="nobody"', false);
        $this->getJson('/who')->assertExactJson(['who' => 'nobody']);
        $this->actingAs($student, 'student')
            ->get('/my/day')
            ->assertHeader('Slate-Who', "s{$student->id}")
            ->assertSee("data-who=\"s{$student->id}\"", false);
        $this->getJson('/who')->assertExactJson(['who' => "s{$student->id}"]);
    }

    public function test_a_new_pin_ends_the_sessions_of_its_student(): void
    {
        $student = Student::factory()->create(['pin' => '2468']);
        $class = SchoolClass::factory()->create();
        $class->students()->attach($student);
        $this->post("/class/{$class->code}", ['student' => $student->id, 'pin' => '2468'])->assertRedirect('/my/day');
        $this->get('/my/day')->assertOk();

        $student->update(['pin' => '1357']);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/my/day')->assertRedirect('/class');
    }

    public function test_a_new_password_ends_the_sessions_of_its_teacher(): void
    {
        $teacher = Teacher::factory()->create(['email' => 'marlow@school.example', 'password' => 'harbour-light']);
        $this->post('/sign-in', ['email' => 'marlow@school.example', 'password' => 'harbour-light'])->assertRedirect(
            '/shelf',
        );
        $this->get('/shelf')->assertOk();

        $teacher->update(['password' => 'lighthouse-9']);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/shelf')->assertRedirect('/sign-in');
    }

    public function test_what_a_page_asks_for_in_the_background_uses_up_no_words_meant_for_the_next_page(): void
    {
        $this->post('/class', ['code' => 'NOSUCH'])->assertRedirect();
        $this->getJson('/who')->assertOk();
        $this->get('/class', ['Purpose' => 'prefetch'])->assertOk()->assertDontSee('No class has this code');
        $this->get('/class')->assertSee('No class has this code');
        $this->get('/class')->assertDontSee('No class has this code');
    }

    public function test_an_answer_in_the_background_brings_no_cookies(): void
    {
        $this->assertNotEmpty($this->get('/')->headers->getCookies());
        $this->assertSame([], $this->getJson('/who')->headers->getCookies());
    }

    public function test_a_session_that_was_ended_is_not_brought_back_by_a_request_from_before(): void
    {
        [$one, $other] = [$this->sessions(), $this->sessions()];
        $one->write('abc', 'signed in');
        $this->assertSame('signed in', $other->read('abc'));
        $one->destroy('abc');
        $other->write('abc', 'signed in, still');

        $this->assertSame('', $this->sessions()->read('abc'));
    }

    public function test_a_session_is_written_whole_or_not_at_all(): void
    {
        $sessions = $this->sessions();
        $sessions->write('abc', 'signed in');
        // What a worker leaves that is killed while it writes.
        file_put_contents("{$this->folder()}/.abc.0badf00d", 'sign');
        $this->assertSame('signed in', $sessions->read('abc'));
        touch("{$this->folder()}/.abc.0badf00d", time() - 7200);
        $sessions->gc(600);
        $this->assertFileDoesNotExist("{$this->folder()}/.abc.0badf00d");
        $this->assertSame('signed in', $sessions->read('abc'));

        $full = new SessionFiles(new Filesystem, '/proc/no-such-place', 600);
        $this->assertFalse($full->write('abc', 'signed in'), 'a session that cannot be written is no error');
    }

    private function sessions(): SessionFiles
    {
        return new SessionFiles(new Filesystem, $this->folder(), 600);
    }

    private function folder(): string
    {
        $folder = storage_path('framework/testing/sessions');
        is_dir($folder) || mkdir($folder, 0777, true);

        return $folder;
    }
}
