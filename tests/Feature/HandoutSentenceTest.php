<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\View;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The Hand out form as a sentence: what stands in it at first, what it says, and what comes of it. */
final class HandoutSentenceTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    private SchoolClass $heron;

    private SchoolClass $curlew;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00'); // a Tuesday
        $this->teacher = Teacher::factory()->create();
        $this->worksheet = Worksheet::factory()->for($this->teacher)->withPages()->create(['name' => 'Tide times']);
        $this->heron = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        $this->curlew = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Curlew']);
        $this->heron->students()->attach(Student::factory(3)->create());
        $this->curlew->students()->attach(Student::factory(2)->create());
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_it_says_what_is_typed_and_what_will_happen(): void
    {
        $chosen = $this->curlew->students()->firstOrFail();
        $this->preview([
            'to' => [$this->heron->id => 'whole', $this->curlew->id => 'chosen'],
            'students' => [$this->curlew->id => [$chosen->id, 999]],
            'out' => 'at',
            'out_date' => '2026-12-02',
            'out_time' => '08:30',
            'due_date' => '2026-12-04',
            'due_time' => '15:30',
            'late' => 'until',
            'closes_date' => '2026-12-05',
            'closes_time' => '12:00',
            'points' => '10',
            'directions' => "Use ink.\nShow me.",
        ])
            ->assertJsonPath('words.items', 'Tide times (1 page, own copy)')
            ->assertJsonPath('words.to', '1 student of 6 Curlew and 6 Heron')
            ->assertJsonPath('words.out', 'out Wednesday 2 December, 08:30')
            ->assertJsonPath('words.due', 'Friday 4 December, 15:30')
            ->assertJsonPath('words.late', 'taken until Saturday 5 December, 12:00')
            ->assertJsonPath('words.points', '10 points')
            ->assertJsonPath('words.directions', '“Use ink. / Show me.”')
            ->assertJsonPath(
                'will',
                '4 own copies, out Wednesday 2 December, 08:30, due Friday 4 December, 15:30.',
            )
            ->assertJsonPath('button', 'Hand out then')
            ->assertJsonPath('problems', []);
        $this->assertSame(0, Handout::count(), 'it is only looked at');
    }

    public function test_what_is_wrong_is_said_beside_the_rest_of_the_sentence(): void
    {
        $this->preview(['title' => '', 'points' => 'ten', 'due_date' => 'soon', 'out' => 'at', 'out_date' => ''])
            ->assertJsonPath('words.title', 'no title yet')
            ->assertJsonPath('words.to', 'nobody yet')
            ->assertJsonPath('words.out', 'out at a time to be chosen')
            ->assertJsonPath('words.due', 'no due time')
            ->assertJsonPath('will', null)
            ->assertJsonPath('problems.to', 'Choose who gets it: a class, or students of it.')
            ->assertJsonPath('problems.out_date', 'Choose the day from which students have it.')
            ->assertJsonPath('problems.points', 'Points are a whole number up to 1000, or nothing.');
    }

    public function test_what_was_used_last_time_stands_in_it_and_is_due_as_many_days_later(): void
    {
        $this->handOut([
            'to' => [$this->curlew->id => 'whole'],
            'due_date' => '2026-12-03',
            'due_time' => '14:10',
            'late' => 'none',
            'points' => '5',
            'reads_aloud' => '0',
        ]);
        Carbon::setTestNow('2026-12-03 09:00:00'); // Two days later would be a Saturday.
        $this->get("/worksheets/{$this->worksheet->id}/hand-out")
            ->assertOk()
            ->assertSeeInOrder(['6 Curlew', 'Monday 7 December, 14:10', 'not taken', '5 points'])
            ->assertSee('2 own copies, out at once, due Monday 7 December, 14:10.');
        Carbon::setTestNow('2026-12-07 09:00:00');
        $this->get("/worksheets/{$this->worksheet->id}/hand-out")->assertSee('due Wednesday 9 December, 14:10.');
    }

    public function test_a_teacher_with_one_class_hands_out_with_two_presses_from_the_first_day(): void
    {
        $this->curlew->delete();
        $this->get("/worksheets/{$this->worksheet->id}/hand-out")
            ->assertOk()
            ->assertSee('3 own copies, out at once.');
    }

    public function test_each_class_may_have_its_own_times(): void
    {
        $form = [
            'to' => [$this->heron->id => 'whole', $this->curlew->id => 'whole'],
            'due_date' => '2026-12-01',
            'due_time' => '10:00',
            'late' => 'none',
            'own' => [
                $this->curlew->id => [
                    'out_date' => '2026-12-02',
                    'out_time' => '09:00',
                    'due_date' => '2026-12-02',
                    'due_time' => '10:00',
                ],
            ],
        ];
        $this->preview($form)->assertJsonPath(
            'words.to',
            '6 Curlew (out Wednesday 2 December, 09:00, due Wednesday 2 December, 10:00) and 6 Heron',
        );
        $this->post($this->url(), $this->form($form))
            ->assertSessionHas('done', 'Handed out. Each class has it from its own time.');
        $handout = Handout::sole();
        $times = $handout->timesByStudent();
        $student = fn (SchoolClass $class): int => (int) $class->students()->firstOrFail()->id;
        $this->assertSame('2026-12-01 10:00', $times[$student($this->heron)]->closes?->format('Y-m-d H:i'));
        $this->assertSame('2026-12-02 09:00', $times[$student($this->curlew)]->out?->format('Y-m-d H:i'));
        $this->assertSame('2026-12-02 10:00', $times[$student($this->curlew)]->closes?->format('Y-m-d H:i'));
    }

    /** Europe/London went over to winter time on 25 October 2026 at 2:00 (IANA time zone database). */
    public function test_a_time_is_the_clocks_on_both_sides_of_a_change_to_winter_time(): void
    {
        Carbon::setTestNow('2026-10-24 09:00:00');
        $school = new School('Harbour School', 'Europe/London');
        $this->instance(School::class, $school);
        View::share('school', $school);
        $handout = $this->handOut([
            'to' => [$this->heron->id => 'whole'],
            'out' => 'at',
            'out_date' => '2026-10-24',
            'out_time' => '15:30',
            'due_date' => '2026-10-26',
            'due_time' => '15:30',
        ]);
        $this->assertSame('14:30', $handout->out_at?->format('H:i'));
        $this->assertSame('15:30', $handout->due_at?->format('H:i'));
        Carbon::setTestNow('2026-10-26 16:00:00');
        $this->get("/worksheets/{$this->worksheet->id}/hand-out")->assertSee('Wednesday 28 October, 15:30');
    }

    public function test_what_is_kept_ready_or_goes_out_later_says_so(): void
    {
        $this->post($this->url(), $this->form(['to' => [$this->heron->id => 'whole'], 'out' => 'prepared']))
            ->assertSessionHas('done', 'It is kept ready. Nobody has it yet.');
        $this->post($this->url(), $this->form([
            'to' => [$this->heron->id => 'whole'],
            'out' => 'at',
            'out_date' => '2026-12-02',
            'out_time' => '08:30',
        ]))->assertSessionHas('done', 'It goes out Wednesday 2 December, 08:30. Nobody has it before.');
        $this->get('/handouts')->assertOk()->assertSee('kept ready')->assertSee('out Wednesday 2 December, 08:30');
        $this->get('/shelf')->assertSee('Kept ready for 6 Heron')->assertSee('Goes to 6 Heron');
    }

    private function url(): string
    {
        return "/worksheets/{$this->worksheet->id}/hand-out";
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function form(array $more): array
    {
        return $more + [
            'title' => 'Tide times',
            'items' => [['worksheet' => $this->worksheet->id, 'mode' => 'own_copy']],
        ];
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function preview(array $form): TestResponse
    {
        return $this->post($this->url().'/preview', $this->form($form), ['Accept' => 'application/json'])->assertOk();
    }

    /** @param  array<string, mixed>  $form */
    private function handOut(array $form): Handout
    {
        $this->post($this->url(), $this->form($form))->assertSessionHasNoErrors()->assertRedirect();

        return Handout::latest('id')->firstOrFail();
    }
}
