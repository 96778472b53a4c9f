<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\EnrolStudents;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Times;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What was handed out is changed, taken back, put away, used again; each step can be taken back. */
final class HandoutChangeTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $heron;

    private SchoolClass $curlew;

    private Handout $handout;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create();
        $this->heron = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        $this->curlew = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Curlew']);
        $this->heron->students()->attach(Student::factory(2)->create());
        $this->curlew->students()->attach(Student::factory(3)->create());
        $worksheets = Worksheet::factory(2)->for($this->teacher)->withPages()->create(['name' => 'Tides']);
        $this->handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan(
                title: 'Tides',
                directions: 'Use ink.',
                due: new CarbonImmutable('2026-12-02 10:00'),
                points: 5,
                items: [[$worksheets[0], Mode::OwnCopy], [$worksheets[1], Mode::ReadOnly]],
                classes: [$this->heron],
            ),
        )->refresh();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_the_sentence_stands_as_it_was_handed_out_and_changing_nothing_changes_nothing(): void
    {
        $this->get($this->url())
            ->assertOk()
            ->assertSeeInOrder(['“Tides”', '6 Heron', 'out already', 'Wednesday 2 December, 10:00', '5 points'])
            ->assertSee('Use ink.');
        $this->preview([])->assertJsonPath('will', 'Nothing is changed yet.')->assertJsonPath('problems', []);
        $this->change([])->assertSessionHas('done', 'Nothing was changed.');
        $this->assertSame(1, $this->handout->refresh()->revision);
    }

    public function test_what_students_will_notice_is_said_before_and_each_change_can_be_taken_back(): void
    {
        $changed = [
            'title' => 'Tides again',
            'points' => '',
            'due_date' => '2026-12-03',
            'to' => [$this->heron->id => 'whole', $this->curlew->id => 'whole'],
        ];
        $said = 'It is called “Tides again” from now on. It is worth no points. ';
        $this->preview($changed)->assertJsonPath('will', $said
            .'It is due Thursday 3 December, 10:00; it was due Wednesday 2 December, 10:00. 3 students more get it.');
        $this->assertSame(2, Copy::count());
        $this->change($changed)->assertSessionHasNoErrors();
        $this->handout->refresh();
        $this->assertSame(['Tides again', null, 5], [$this->handout->title, $this->handout->points, Copy::count()]);
        $ann = $this->curlew->students()->firstOrFail();
        $copy = $ann->copies()->sole();
        $copy->update(['state' => CopyState::Working, 'filled' => 1]);
        $this->assertSame('2026-12-03', $copy->times()->due?->format('Y-m-d'));

        $this->step('undo');
        $this->handout->refresh();
        $this->assertSame(['Tides', 5], [$this->handout->title, $this->handout->points]);
        $heron = $this->heron->students()->firstOrFail()->copies()->sole();
        $this->assertSame('2026-12-02', $heron->times()->due?->format('Y-m-d'));
        $this->actingAs($ann, 'student')->get("/my/copies/{$copy->id}")->assertForbidden();
        $this->assertSame(1, $copy->refresh()->filled, 'what was done is kept');

        $this->actingAs($this->teacher, 'teacher');
        $this->step('redo');
        $this->actingAs($ann, 'student')->get("/my/copies/{$copy->id}")->assertOk();
    }

    public function test_an_item_and_a_student_are_taken_back_and_their_work_is_kept(): void
    {
        [$own, $read] = $this->handout->items()->pluck('id')->all();
        $bo = $this->heron->students()->latest('students.id')->firstOrFail();
        $stays = $this->heron->students()->whereKeyNot($bo->id)->firstOrFail();
        $this->change([
            'kept' => [$read],
            'to' => [$this->heron->id => 'chosen'],
            'students' => [$this->heron->id => [$stays->id]],
        ])->assertSessionHas(
            'done',
            'Changed. 1 student does not have it any more; what they did is kept. '
                .'1 worksheet is taken back; what was done on it is kept.',
        );
        $this->assertSame(2, Copy::count());
        $this->actingAs($stays, 'student')->get('/my/day')->assertSee('my/readings')->assertDontSee('Start');
        $this->get("/my/copies/{$stays->copies()->sole()->id}")->assertForbidden();
        $this->actingAs($bo, 'student')->get('/my/day')->assertSee('Nothing is set for you');

        $this->actingAs($this->teacher, 'teacher');
        $this->change(['kept' => [$own, $read]]);
        $this->actingAs($bo, 'student')->get('/my/day')->assertSee('Tides');
        $this->get("/my/copies/{$bo->copies()->sole()->id}")->assertOk();
    }

    public function test_who_joined_since_keeps_it_whichever_way_one_steps_and_who_left_keeps_it_too(): void
    {
        $this->change(['title' => 'Other']);
        app(EnrolStudents::class)($this->heron, ['New']);
        $new = Student::where('name', 'New')->sole();
        $left = $this->heron->students()->whereKeyNot($new->id)->firstOrFail();
        $this->heron->students()->detach($left->id);
        $this->step('undo');
        $this->assertTrue($new->given()->exists());
        $this->assertTrue($left->given()->exists());
        $this->change(['title' => 'A third']);
        $this->assertTrue($left->given()->exists(), 'who left the class keeps their work');
        $this->assertTrue($new->given()->exists());
    }

    public function test_what_has_passed_may_stay_but_not_be_chosen_anew(): void
    {
        Carbon::setTestNow('2026-12-02 12:00:00');
        $this->change(['title' => 'Late'])->assertSessionHasNoErrors();
        $this->change(['due_date' => '2026-12-02', 'due_time' => '11:00'])->assertSessionHasErrors('due_date');
        $this->change(['due_date' => '2026-12-01', 'due_time' => '08:00'])->assertSessionHasErrors('due_date');
    }

    public function test_two_windows_do_not_write_over_each_other(): void
    {
        $this->change(['title' => 'One'])->assertSessionHasNoErrors();
        $this->change(['title' => 'Two', 'base' => 1])->assertSessionHasErrors('refused');
        $this->assertSame('One', $this->handout->refresh()->title);
        $this->post($this->url().'/redo', ['base' => 2])->assertSessionHasErrors('refused');
    }

    public function test_one_student_gets_more_time_and_it_can_be_taken_back(): void
    {
        $ann = $this->heron->students()->firstOrFail();
        $copy = $ann->copies()->sole();
        $this->get("/copies/{$copy->id}")->assertOk()->assertSee("more time for {$ann->name}");
        $extend = fn (string $day, string $time): TestResponse => $this->post("/copies/{$copy->id}/time", [
            'base' => $this->handout->refresh()->revision,
            'until_date' => $day,
            'until_time' => $time,
        ]);
        $extend('2026-12-04', '12:00')->assertSessionHas('done', "{$ann->name} has until Friday 4 December, 12:00.");
        $this->assertSame('2026-12-04 12:00', Copy::findOrFail($copy->id)->times()->due?->format('Y-m-d H:i'));
        $this->assertSame(
            ['2026-12-02 10:00', '2026-12-04 12:00'],
            collect($this->handout->timesByStudent())
                ->map(fn (Times $one): ?string => $one->due?->format('Y-m-d H:i'))
                ->sort()
                ->values()
                ->all(),
        );
        $this->change(['title' => 'Other'])->assertSessionHasNoErrors();
        $this->assertSame('2026-12-04', Copy::findOrFail($copy->id)->times()->due?->format('Y-m-d'), 'it stays');
        $extend('2026-11-30', '12:00')->assertSessionHasErrors('until_date');
        $extend('soon', '12:00')->assertSessionHasErrors('until_date');
        $extend('', '')->assertSessionHas('done', "{$ann->name} has as much time as the others.");
        $this->assertSame('2026-12-02', Copy::findOrFail($copy->id)->times()->due?->format('Y-m-d'));
    }

    public function test_it_is_put_away_and_back_with_all_that_was_done(): void
    {
        $student = $this->heron->students()->firstOrFail();
        $this->post($this->url().'/away', ['base' => 1, 'away' => '1'])->assertRedirect('/handouts');
        $this->get('/handouts')->assertSee('Put away (1)')->assertDontSee('0 of 2 students');
        $this->get('/handouts?away=1')->assertSee('0 of 2 students');
        $this->actingAs($student, 'student')->get('/my/day')->assertSee('Nothing is set');
        app(EnrolStudents::class)($this->heron, ['New']);
        $this->assertSame(2, Copy::count(), 'who joins now gets nothing of it');
        $this->actingAs($this->teacher, 'teacher')
            ->post($this->url().'/away', ['base' => 2, 'away' => '0'])
            ->assertRedirect('/handouts');
        $this->actingAs($student, 'student')->get('/my/day')->assertSee('Tides');
    }

    public function test_it_is_handed_out_again_with_nothing_of_the_last_time_in_it(): void
    {
        $first = $this->handout->items()->firstOrFail()->edition->worksheet_id;
        $this->get("/worksheets/{$first}/hand-out?again={$this->handout->id}")
            ->assertOk()
            ->assertSeeInOrder(['Tides', 'nobody yet', 'no due time', '5 points', 'Use ink.'])
            ->assertSee('Nobody gets anything yet.');
        $theirs = app(HandOutWorksheets::class)(
            Teacher::factory()->create(),
            new HandoutPlan('Secret', '', null, null, [], []),
        );
        $this->get("/worksheets/{$first}/hand-out?again={$theirs->id}")->assertOk()->assertDontSee('Secret');
    }

    public function test_it_is_closed_with_one_press_and_undone(): void
    {
        $this->actingAs($this->teacher, 'teacher');
        $desks = "/handouts/{$this->handout->id}";
        $this->assertReads('Close it now', $this->get($desks));
        $this->travel(1)->minutes();
        $this->step('close');
        $this->travel(2)->minutes();
        $this->get($desks)->assertDontSee('Close it now');
        $copy = Copy::firstOrFail();
        $this->actingAs($copy->student, 'student')->post("/my/copies/{$copy->id}/hand-in");
        $this->assertNotSame(CopyState::HandedIn, $copy->refresh()->state);
        $this->step('undo');
        $this->actingAs($copy->student, 'student')->post("/my/copies/{$copy->id}/hand-in");
        $this->assertSame(CopyState::HandedIn, $copy->refresh()->state);
    }

    private function url(): string
    {
        return "/handouts/{$this->handout->id}/change";
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return array<string, mixed>
     */
    private function form(array $changed): array
    {
        return $changed + [
            'base' => $this->handout->refresh()->revision,
            'title' => 'Tides',
            'directions' => 'Use ink.',
            'points' => '5',
            'reads_aloud' => '0',
            'kept' => $this->handout->items()->pluck('id')->all(),
            'to' => [$this->heron->id => 'whole'],
            'out' => 'since',
            'due_date' => '2026-12-02',
            'due_time' => '10:00',
            'late' => 'marked',
        ];
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return TestResponse<Response>
     */
    private function change(array $changed): TestResponse
    {
        return $this->actingAs($this->teacher, 'teacher')->post($this->url(), $this->form($changed))->assertRedirect();
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return TestResponse<Response>
     */
    private function preview(array $changed): TestResponse
    {
        return $this->postJson($this->url().'/preview', $this->form($changed))->assertOk();
    }

    private function step(string $way): void
    {
        $this->actingAs($this->teacher, 'teacher')
            ->post($this->url()."/{$way}", ['base' => $this->handout->refresh()->revision])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
    }
}
