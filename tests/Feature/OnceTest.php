<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use Tests\TestCase;

/** A form that arrives twice makes one thing. */
final class OnceTest extends TestCase
{
    use RefreshDatabase;

    private const TOKEN = 'abcdefgh12345678';

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_form_sent_twice_makes_one_thing_and_is_answered_alike(): void
    {
        $first = $this->post('/classes', ['name' => '6 Heron', 'once' => self::TOKEN])->assertRedirect();
        $second = $this->post('/classes', ['name' => '6 Heron', 'once' => self::TOKEN])->assertRedirect();
        $this->assertSame($first->headers->get('Location'), $second->headers->get('Location'));
        $this->assertSame(1, SchoolClass::count());

        $this->post('/classes', ['name' => '6 Heron', 'once' => self::TOKEN.'x']);
        $this->assertSame(2, SchoolClass::count(), 'another form is another thing');
    }

    public function test_the_words_for_the_next_page_are_those_of_the_first(): void
    {
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $this->post("/classes/{$class->id}/students", ['names' => 'Ada Quill', 'once' => self::TOKEN]);
        $this->post("/classes/{$class->id}/students", ['names' => 'Ada Quill', 'once' => self::TOKEN]);

        $this->assertSame(1, Student::count());
        $this->get("/classes/{$class->id}")->assertSee('on the sign-in slips');
    }

    public function test_what_was_refused_can_be_mended_and_sent_again(): void
    {
        $this->post('/classes', ['name' => '', 'once' => self::TOKEN])->assertSessionHasErrors('name');
        $this->assertSame(0, DB::table('made_once')->count());
        $this->flushSession();
        $this->actingAs($this->teacher, 'teacher')->post('/classes', ['name' => '6 Heron', 'once' => self::TOKEN]);
        $this->assertSame(1, SchoolClass::count());
    }

    public function test_a_token_is_its_senders_own(): void
    {
        $this->post('/classes', ['name' => '6 Heron', 'once' => self::TOKEN]);
        $this->actingAs(Teacher::factory()->create(), 'teacher')->post('/classes', [
            'name' => '6 Heron',
            'once' => self::TOKEN,
        ]);

        $this->assertSame(2, SchoolClass::count());
    }

    public function test_every_form_of_a_page_that_makes_something_has_a_token_of_its_own(): void
    {
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['/shelf', '/classes', "/classes/{$class->id}"] as $page) {
            preg_match_all('/name="once" value="(\w{24})"/', (string) $this->get($page)->getContent(), $tokens);
            $this->assertNotEmpty($tokens[1], $page);
            $this->assertSame($tokens[1], array_unique($tokens[1]));
        }
        $made = array_filter(
            iterator_to_array(Router::getRoutes()),
            fn (Route $route): bool => str_ends_with((string) $route->getName(), '.store') &&
                $route->methods() === ['POST'],
        );
        foreach ($made as $route) {
            // The same picture or recording twice is one.
            $isByHash = in_array($route->getName(), ['pictures.store', 'recordings.store'], true);
            $this->assertTrue(
                $isByHash || in_array('once', $route->gatherMiddleware(), true),
                (string) $route->getName(),
            );
        }
    }
}
