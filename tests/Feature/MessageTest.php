<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Copy;
use App\Models\Handout;
use App\Models\Message;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Support\HandsOutOneSheet;
use Tests\TestCase;

/** A word to those at work, and copies that wait. */
final class MessageTest extends TestCase
{
    use HandsOutOneSheet;
    use RefreshDatabase;

    private Teacher $teacher;

    private Handout $handout;

    private Student $ada;

    private Student $ben;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->handout = $this->handOutOneSheet($this->teacher, ['Ada', 'Ben']);
        [$this->ada, $this->ben] = Student::orderBy('id')->get()->all();
    }

    public function test_a_word_to_all_shows_in_every_copy_until_it_is_taken_away(): void
    {
        $this->say('Five minutes left');
        $this->assertSame(['Five minutes left'], $this->heard($this->ada));
        $this->assertSame(['Five minutes left'], $this->heard($this->ben));
        $this->actingAs($this->teacher, 'teacher')->get(route('desks', $this->handout))->assertSee('Five minutes left');

        $this->actingAs($this->teacher, 'teacher')->delete(route('words.destroy', [$this->handout, Message::sole()]));
        $this->assertSame([], $this->heard($this->ada));
    }

    public function test_a_word_to_one_is_for_nobody_else(): void
    {
        $this->say('Well done', $this->ada);
        $this->assertSame(['Well done'], $this->heard($this->ada));
        $this->assertSame([], $this->heard($this->ben));
    }

    public function test_it_shows_for_an_hour_and_not_more_than_three_at_once(): void
    {
        foreach (['One', 'Two', 'Three', 'Four'] as $words) {
            $this->say($words);
        }
        $this->assertSame(['Two', 'Three', 'Four'], $this->heard($this->ada));
        $this->travel(61)->minutes();
        $this->assertSame([], $this->heard($this->ada));
    }

    public function test_nothing_and_too_much_is_not_said_nor_to_somebody_who_does_not_have_it(): void
    {
        $this->say('  ')->assertSessionHasErrorsIn('word', 'words');
        $this->say(str_repeat('x', 201))->assertSessionHasErrorsIn('word', 'words');
        $this->say('Hello', Student::factory()->create())->assertNotFound();
        $this->assertSame(0, Message::count());
    }

    public function test_copies_wait_until_the_time_is_over_or_the_teacher_lets_them_go_on(): void
    {
        $this->freezeSecond(); // Or a second may go by between two requests.
        $this->assertNull($this->pulse($this->ada)->json('hold'));
        $this->actingAs($this->teacher, 'teacher')
            ->post(route('hold', $this->handout), ['minutes' => 2])
            ->assertRedirect();
        $this->assertSame(120, $this->pulse($this->ada)->json('hold.left'));
        $this->travel(2)->minutes();
        $this->assertNull($this->pulse($this->ada)->json('hold'));

        $this->actingAs($this->teacher, 'teacher')->post(route('hold', $this->handout), ['minutes' => '']);
        $this->travel(2)->hours();
        $this->assertSame(['left' => null], $this->pulse($this->ben)->json('hold'));
        $this->actingAs($this->teacher, 'teacher')->delete(route('hold.end', $this->handout));
        $this->assertNull($this->pulse($this->ben)->json('hold'));

        $this->actingAs($this->teacher, 'teacher')
            ->post(route('hold', $this->handout), ['minutes' => 61])
            ->assertSessionHasErrorsIn('hold', 'minutes');
    }

    public function test_the_reply_to_a_save_says_that_there_is_news(): void
    {
        $save = fn (): string => (string) $this->actingAs($this->ada, 'student')->patchJson(
            route('copies.save', Copy::where('student_id', $this->ada->id)->sole()),
            ['draft' => ['base' => 0, 'window' => 'abcd', 'answers' => ['1.a' => 'ebb']]],
        )->assertOk()->json('news');
        $none = $save();
        $this->assertSame($none, $this->pulse($this->ada)->json('news'));
        $this->say('Five minutes left');
        $said = $save();
        $this->assertNotSame($none, $said);
        $this->actingAs($this->teacher, 'teacher')->post(route('hold', $this->handout), ['minutes' => 2]);
        $this->assertNotSame($said, $save());
        $this->actingAs($this->teacher, 'teacher')->delete(route('hold.end', $this->handout));
        $this->actingAs($this->teacher, 'teacher')->delete(
            route('words.destroy', [$this->handout, Message::sole()]),
        );
        $this->assertNotSame($said, $save());
        $this->say('One');
        $one = $save();
        $this->say('Two, in the same second');
        $this->assertNotSame($one, $save());
    }

    private function say(string $words, ?Student $to = null): TestResponse
    {
        return $this->actingAs($this->teacher, 'teacher')->post(route('words.store', $this->handout), [
            'words' => $words,
            'student' => $to?->id,
        ]);
    }

    /** @return list<string> */
    private function heard(Student $student): array
    {
        return array_column($this->pulse($student)->json('words'), 'words');
    }

    private function pulse(Student $student): TestResponse
    {
        $copy = Copy::where('student_id', $student->id)->sole();

        return $this->actingAs($student, 'student')->postJson(route('copies.pulse', $copy))->assertOk();
    }
}
