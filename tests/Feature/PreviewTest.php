<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Edition;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** A handout is seen as a student will see it before they do, and nothing of it is left. */
final class PreviewTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Handout $handout;

    private Student $bo;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        foreach (['Ann Quill', 'Bo Tarn'] as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $this->bo = Student::where('name', 'Bo Tarn')->sole();
        $worksheet = Worksheet::factory()
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
            ->create(['teacher_id' => $this->teacher->id, 'name' => 'Tide sheet']);
        $this->handout = app(HandOutWorksheets::class)($this->teacher, new HandoutPlan(
            'Tides',
            'Two pages, then hand in.',
            null,
            null,
            [[$worksheet, Mode::OwnCopy], [$worksheet, Mode::ReadOnly]],
            [$class],
        ));
        DB::table('recipients')->update(['out_at' => null]);
        DB::table('recipients')->where('student_id', $this->bo->id)->update(['due_at' => '2026-12-04 15:30:00']);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_it_is_shown_with_the_times_of_the_chosen_student_before_it_is_out(): void
    {
        $this->get($this->at($this->bo))->assertOk()->assertSee('src="'.route('trial.day').'"', false);
        $day = $this->get('/try/day');
        foreach (['Hello, Bo', 'Tides', 'Two pages, then hand in.', 'due Friday 4 December, 15:30', 'Read'] as $words) {
            $this->assertReads($words, $day);
        }
        $this->assertStringContainsString("frame-ancestors 'self'", $this->policy('/try/day'));
        foreach (['/shelf', "/handouts/{$this->handout->id}", '/'] as $other) {
            $this->assertStringContainsString("frame-ancestors 'none'", $this->policy($other));
        }
    }

    public function test_what_is_done_in_it_is_thrown_away_and_the_handout_is_as_it_was(): void
    {
        $editions = Edition::count();
        $this->get($this->at($this->bo));
        $trial = Handout::where('preview_of', $this->handout->id)->sole();
        $copy = Copy::whereIn('handout_item_id', $trial->items()->select('id'))->sole();
        $this->get("/try/{$copy->id}")->assertOk()->assertDontSee('End the trial')->assertSee(route('trial.day'));
        $draft = ['base' => 0, 'window' => 'window', 'answers' => ['1.a' => 'ebb']];
        $this->patchJson("/try/{$copy->id}", ['draft' => $draft, 'page' => 1])->assertOk();
        $this->post("/try/{$copy->id}/hand-in")->assertRedirect("/try/{$copy->id}");
        $read = $trial->items()->where('mode', Mode::ReadOnly)->sole();
        $this->get("/try/readings/{$read->id}")->assertOk();

        $this->get($this->at($this->bo));
        $this->assertSame(1, Handout::where('trial', true)->count(), 'one at a time');
        $this->assertNull($copy->fresh());
        $this->assertSame([2, $editions], [$this->handout->recipients()->count(), Edition::count()]);
        $this->assertSame(0, Copy::where('student_id', $this->bo->id)->where('filled', '>', 0)->count());
        $this->get('/handouts')->assertSee('Tides');
        $this->assertSame(1, $this->teacher->handouts()->count());
    }

    public function test_what_is_taken_back_is_not_shown_and_where_nobody_has_it_that_is_said(): void
    {
        $this->handout->items()->where('mode', Mode::ReadOnly)->update(['withdrawn_at' => now()]);
        $this->get($this->at($this->bo));
        $this->assertSame(1, Handout::where('preview_of', $this->handout->id)->sole()->items()->count());
        DB::table('recipients')->update(['withdrawn_at' => now()]);
        $this->get($this->at($this->bo))->assertSee('It is for nobody yet');
    }

    public function test_a_colleague_with_no_preview_is_led_on(): void
    {
        $this->actingAs(Teacher::factory()->create(), 'teacher');
        $this->get('/try/day')->assertRedirect('/handouts');
        $this->get($this->at($this->bo))->assertForbidden();
    }

    private function at(Student $as): string
    {
        return "/handouts/{$this->handout->id}/seen?student={$as->id}";
    }

    private function policy(string $path): string
    {
        return (string) $this->get($path)->headers->get('Content-Security-Policy');
    }
}
