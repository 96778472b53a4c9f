<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\EnrolStudents;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SetTimes;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\Recipient;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\CopyState;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Times;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** When students have what was handed out, and until when they may work on it. */
final class HandoutTimesTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $heron;

    private SchoolClass $curlew;

    private Student $ann;

    private Student $bo;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create();
        [$this->heron, $this->curlew] = SchoolClass::factory(2)->of($this->teacher)->create()->all();
        $this->ann = Student::factory()->create(['name' => 'Ann'])->refresh();
        $this->bo = Student::factory()->create(['name' => 'Bo'])->refresh();
        $this->heron->students()->attach($this->ann);
        $this->curlew->students()->attach($this->bo);
    }

    public function test_each_class_has_its_own_times_and_who_joins_later_has_those_of_the_class(): void
    {
        $this->handOut(
            out: '2026-12-01 10:00',
            due: '2026-12-01 11:00',
            ofClasses: [$this->curlew->id => new Times($this->at('2026-12-02 10:00'), $this->at('2026-12-02 11:00'))],
        );
        $this->assertSame([[], []], [$this->listOf($this->ann), $this->listOf($this->bo)]);
        app(EnrolStudents::class)($this->curlew, ['Cy']);
        $cy = Student::where('name', 'Cy')->sole();
        Carbon::setTestNow('2026-12-01 10:00:00');
        $this->assertSame([['Tides'], [], []], array_map($this->listOf(...), [$this->ann, $this->bo, $cy]));
        Carbon::setTestNow('2026-12-02 10:00:00');
        $this->assertSame(
            [['Tides'], ['Tides'], ['Tides']],
            array_map($this->listOf(...), [$this->ann, $this->bo, $cy]),
        );
        $this->actingAs($this->ann, 'student')->get('/my/day')->assertSee('was due Tuesday 1 December, 11:00');
        $this->actingAs($cy, 'student')->get('/my/day')->assertSee('due Wednesday 2 December, 11:00');
    }

    public function test_who_is_in_both_classes_has_it_from_the_first_until_the_last(): void
    {
        $this->curlew->students()->attach($this->ann);
        $this->handOut(
            out: '2026-12-01 10:00',
            due: '2026-12-01 11:00',
            ofClasses: [$this->curlew->id => new Times($this->at('2026-12-02 10:00'), $this->at('2026-12-02 11:00'))],
        );
        $this->assertEquals(
            new Times($this->at('2026-12-01 10:00'), $this->at('2026-12-02 11:00')),
            $this->ann->copies()->sole()->times(),
        );
    }

    public function test_what_is_only_prepared_is_nobodys_yet_and_is_on_the_teachers_list(): void
    {
        $this->handOut(prepared: true);
        Carbon::setTestNow('2027-12-01 09:00:00');
        $this->assertSame([], $this->listOf($this->ann));
        $this->actingAs($this->teacher, 'teacher')->get('/handouts')->assertOk()->assertSee('Tides');
    }

    public function test_after_it_is_closed_nothing_more_is_taken_and_all_that_was_done_is_kept(): void
    {
        $this->handOut(due: '2026-12-01 10:00', closes: '2026-12-01 10:00');
        $copy = $this->ann->copies()->sole();
        $this->actingAs($this->ann, 'student')->get("/my/copies/{$copy->id}")->assertOk();
        Carbon::setTestNow('2026-12-01 10:00:40');
        $this->write($copy, 'in the last moment')->assertOk();
        Carbon::setTestNow('2026-12-01 10:01:01');
        $this->write($copy->refresh(), 'too late')
            ->assertStatus(409)
            ->assertJsonPath('message', fn (string $words): bool => str_contains($words, 'The time for this is over'));
        $this->post("/my/copies/{$copy->id}/hand-in")->assertSessionHasErrors('refused');
        $this->assertSame(CopyState::Working, $copy->refresh()->state);
        $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->assertSee('The time for this is over')
            ->assertSee('in the last moment')
            ->assertDontSee('data-hand-in', false);
        $this->get('/my/day')->assertSee('The time is over')->assertSee('Look at');
        $this->assertNull($this->bo->copies()->sole()->nextOfTheDay($this->bo), 'what is over is not what comes next');
    }

    public function test_a_student_with_more_time_may_go_on_while_others_may_not(): void
    {
        $handout = $this->handOut(due: '2026-12-01 10:00', closes: '2026-12-01 10:00');
        Recipient::where('student_id', $this->bo->id)->update(['extended_to' => $this->at('2026-12-01 10:30')]);
        app(SetTimes::class)($handout);
        Carbon::setTestNow('2026-12-01 10:20:00');
        $this->write($this->ann->copies()->sole(), 'x')->assertStatus(409);
        $copy = $this->bo->copies()->sole();
        $this->write($copy, 'x')->assertOk();
        $this->post("/my/copies/{$copy->id}/hand-in")->assertRedirect();
        $this->actingAs($this->teacher, 'teacher')
            ->get("/handouts/{$handout->id}")
            ->assertSee('handed in')
            ->assertDontSee('handed in late');
    }

    public function test_late_work_is_said_to_be_late_where_the_teacher_wants_that(): void
    {
        foreach ([true, false] as $marksLate) {
            $handout = $this->handOut(due: '2026-12-01 10:00', marksLate: $marksLate);
            $copy = Copy::where('student_id', $this->ann->id)->latest('id')->firstOrFail();
            Carbon::setTestNow('2026-12-01 10:20:00');
            $this->actingAs($this->ann, 'student')->post("/my/copies/{$copy->id}/hand-in")->assertRedirect();
            $desks = $this->actingAs($this->teacher, 'teacher')->get("/handouts/{$handout->id}");
            $marksLate ? $desks->assertSee('handed in late') : $desks->assertDontSee('handed in late');
            Carbon::setTestNow('2026-12-01 09:00:00');
        }
    }

    /** @param  array<int, Times>  $ofClasses */
    private function handOut(
        ?string $out = null,
        ?string $due = null,
        ?string $closes = null,
        bool $prepared = false,
        bool $marksLate = true,
        array $ofClasses = [],
    ): Handout {
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[new AnswerBox('a', Frame::of(50, 50, 100, 20), TextAnswer::lines())]])
            ->create(['name' => 'Tides']);

        return app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan(
                title: 'Tides',
                directions: '',
                due: $due === null ? null : $this->at($due),
                points: null,
                items: [[$worksheet, Mode::OwnCopy]],
                classes: [$this->heron, $this->curlew],
                out: $out === null ? null : $this->at($out),
                prepared: $prepared,
                closes: $closes === null ? null : $this->at($closes),
                marksLate: $marksLate,
                ofClasses: $ofClasses,
            ),
        );
    }

    private function at(string $time): CarbonImmutable
    {
        return new CarbonImmutable($time);
    }

    /** @return list<string> what a student finds on their list */
    private function listOf(Student $student): array
    {
        $html = (string) $this->actingAs($student, 'student')->get('/my/day')->assertOk()->getContent();
        preg_match_all('#<h3>(.*?)</h3>#', $html, $titles);

        return $titles[1];
    }

    /** @return TestResponse<Response> */
    private function write(Copy $copy, string $words): TestResponse
    {
        return $this->actingAs($copy->student()->firstOrFail(), 'student')->patchJson("/my/copies/{$copy->id}", [
            'draft' => [
                'base' => $copy->written()->revision,
                'window' => 'wind',
                'answers' => ['1.a' => $words],
            ],
            'page' => 1,
        ]);
    }
}
