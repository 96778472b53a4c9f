<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GiveFreshCopies;
use App\Actions\HandBack;
use App\Actions\MoveCopy;
use App\Actions\SweepPictures;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Tests\Support\HandsOutOneSheet;
use Tests\Support\Recorded;
use Tests\TestCase;

/** Comments that a teacher says aloud. */
final class SoundTest extends TestCase
{
    use HandsOutOneSheet;
    use RefreshDatabase;

    private Teacher $teacher;

    private Copy $copy;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->handOutOneSheet($this->teacher, ['Ada', 'Ben']);
        $this->copy = Copy::with(['item.edition', 'student'])
            ->orderBy('id')
            ->firstOrFail();
        app(MoveCopy::class)->handIn($this->copy);
    }

    public function test_it_is_heard_by_the_teacher_at_once_and_by_its_student_when_it_is_handed_back(): void
    {
        $this->say('1.a')->assertNoContent();
        $this->say('1.a', Recorded::wave(0.3))->assertNoContent();
        $this->say('')->assertNoContent();
        $this->assertSame(['1.a', null], Comment::orderBy('id')->pluck('place')->all());
        $comment = Comment::where('place', '1.a')->sole();
        $address = route('sounds.show', $comment);
        $this->get($address)->assertOk()->assertHeader('Content-Type', 'audio/mp4');
        $this->get(route('desks.copy', $this->copy))->assertSee($address);

        Auth::forgetGuards();
        $this->actingAs($this->copy->student ?? $this->fail(), 'student');
        $this->get($address)->assertForbidden();
        app(HandBack::class)($this->copy->item, [$this->copy->id], now());
        $this->get(route('copies.show', $this->copy))->assertOk()->assertSee($address);
        $this->get($address)->assertOk();
        Auth::forgetGuards();
        $this->actingAs(Student::where('name', 'Ben')->sole(), 'student')
            ->get($address)
            ->assertForbidden();
    }

    public function test_words_and_what_is_said_stand_beside_each_other_and_go_alone(): void
    {
        $this->say('1.a');
        $this->postJson(route('marking.comments', $this->copy->item->handout_id), [
            'copies' => [$this->copy->id],
            'place' => '1.a',
            'words' => 'Read it again.',
        ])->assertNoContent();
        $this->assertSame(2, Comment::count());
        $this->deleteJson(route('sounds.destroy', $this->copy), ['place' => '1.a'])->assertNoContent();
        $this->assertSame(['Read it again.'], Comment::pluck('words')->all());
    }

    public function test_what_is_no_sound_is_refused_and_nothing_of_it_is_kept(): void
    {
        $files = StoredFile::count();
        $this->say('1.a', '<script>alert(1)</script>')
            ->assertUnprocessable()
            ->assertJsonPath('code', 'not_a_recording');
        $this->say('1.a', '')->assertUnprocessable();
        $this->say('1.a', Recorded::wave(0.1).str_repeat('x', 20 * 1024 * 1024))->assertUnprocessable();
        $this->say('9.z')->assertNotFound();
        $this->postJson(route('sounds.say', $this->copy), ['place' => '1.a'])->assertUnprocessable();
        $this->assertSame([0, $files], [Comment::count(), StoredFile::count()]);
    }

    public function test_it_is_kept_with_a_used_copy_and_swept_when_nothing_names_it(): void
    {
        $this->say('1.a');
        $item = $this->copy
            ->item()
            ->with(['edition.revisions', 'handout'])
            ->sole();
        app(GiveFreshCopies::class)($item, [$this->copy->id]);
        $this->travel(2)->days();
        $this->assertSame(0, app(SweepPictures::class)(), 'the history names it');
        app(GiveFreshCopies::class)->takeBack($item);
        $this->assertSame(1, Comment::whereNotNull('sound')->count());
        $this->deleteJson(route('sounds.destroy', $this->copy), ['place' => '1.a']);
        $this->assertSame(1, app(SweepPictures::class)());
    }

    private function say(string $place, ?string $bytes = null): TestResponse
    {
        return $this->actingAs($this->teacher, 'teacher')->post(
            route('sounds.say', $this->copy),
            [
                'place' => $place,
                'file' => UploadedFile::fake()->createWithContent('said.wav', $bytes ?? Recorded::wave(0.1)),
            ],
            ['Accept' => 'application/json'],
        );
    }
}
