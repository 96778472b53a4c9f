<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\EnrolStudents;
use App\Models\Copy;
use App\Models\Edition;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\View;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\CopyState;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Geometry\Frame;
use Tests\TestCase;

final class HandOutTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $worksheet;

    private SchoolClass $heron;

    private SchoolClass $curlew;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create();
        $this->worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([
                [
                    new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Name'),
                    new Label('l', Frame::of(50, 50, 200, 20), 'Use the table'),
                ],
                [
                    new AnswerBox('b', Frame::of(50, 100, 300, 90), TextAnswer::lines()),
                    new AnswerBox('c', Frame::of(50, 300, 300, 18)),
                ],
            ])
            ->create(['name' => 'Tide times']);
        $this->heron = $this->schoolClass('6 Heron', 3);
        $this->curlew = $this->schoolClass('6 Curlew', 2);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_each_student_of_the_class_gets_a_copy_and_no_page_is_copied(): void
    {
        $files = StoredFile::count();
        $handout = $this->handOut([
            'to' => [$this->heron->id => 'whole', $this->curlew->id => 'whole'],
            'due_date' => '2026-12-03',
            'due_time' => '15:30',
            'points' => '10',
            'directions' => 'Use ink.',
        ]);

        $this->assertSame(5, Copy::count());
        $this->assertSame(5, $handout->recipients()->count());
        $this->assertSame([CopyState::NotOpened], Copy::distinct()->get('state')->pluck('state')->all());
        $this->assertSame(['Tide times', 'Use ink.', 10], [$handout->title, $handout->directions, $handout->points]);
        $this->assertSame(3, Edition::sole()->places_count);
        $this->assertSame($files, StoredFile::count());
    }

    public function test_times_are_those_of_the_school(): void
    {
        $newYork = new School('Harbour School', 'America/New_York');
        $this->instance(School::class, $newYork);
        View::share('school', $newYork);
        $handout = $this->handOut([
            'to' => [$this->heron->id => 'whole'],
            'due_date' => '2026-12-03',
            'due_time' => '15:30',
        ]);

        $this->assertSame('2026-12-03 20:30:00', $handout->due_at?->format('Y-m-d H:i:s'));
        $this->get("/handouts/{$handout->id}")->assertSee('Thursday 3 December, 15:30');
    }

    public function test_an_edition_stays_as_it_was_when_the_worksheet_changes(): void
    {
        $this->handOut(['to' => [$this->heron->id => 'whole']]);
        $page = $this->worksheet->pages()->where('position', 1)->sole();
        $this->postJson("/pages/{$page->id}/edits", [
            'base' => 1,
            'edit' => ['kind' => 'remove', 'ids' => ['a']],
        ])->assertOk();

        $this->assertCount(1, Edition::sole()->frozenPages()[0]->answerBoxes());
        $this->actingAs($this->student('6 Heron 1'), 'student')
            ->get('/my/copies/'.$this->copyOf('6 Heron 1')->id)
            ->assertSee('data-place="1.a"', false);
    }

    public function test_who_joins_the_class_later_gets_theirs_too_but_not_what_was_for_chosen_students(): void
    {
        $this->handOut(['to' => [$this->heron->id => 'whole']]);
        $this->handOut([
            'title' => 'For two',
            'to' => [$this->heron->id => 'chosen'],
            'students' => [$this->heron->id => [$this->student('6 Heron 1')->id, $this->student('6 Heron 2')->id]],
        ]);
        $this->assertSame(5, Copy::count());

        $this->post("/classes/{$this->heron->id}/students", ['names' => 'Late Comer'])->assertSessionHas('pins.0.pin');
        $late = Student::where('name', 'Late Comer')->sole();
        $this->assertSame(['Tide times'], $late->handouts()->pluck('title')->all());
        $this->assertSame(1, $late->copies()->count());

        app(EnrolStudents::class)($this->curlew, ['Elsewhere']);
        $this->assertSame(6, Copy::count());
    }

    public function test_students_who_handed_in_are_counted_once_and_only_with_all_that_they_have(): void
    {
        $other = Worksheet::factory()->for($this->teacher)->withPages()->create(['name' => 'Chart']);
        $this->handOut([
            'to' => [$this->heron->id => 'whole'],
            'items' => [$this->item($this->worksheet), $this->item($other)],
        ]);
        $this->assertReads('0 of 3 students handed in', $this->get('/handouts'));
        $first = Copy::query()->orderBy('id')->firstOrFail();
        $first->update(['state' => CopyState::HandedIn]);
        $this->assertReads('0 of 3 students handed in', $this->get('/handouts'));
        Copy::query()
            ->where('student_id', $first->student_id)
            ->update(['state' => CopyState::HandedIn]);
        $this->assertReads('1 of 3 students handed in', $this->get('/handouts'));
    }

    public function test_students_may_have_questions_read_aloud_where_the_teacher_allows_it(): void
    {
        foreach (['1' => true, '0' => false] as $sent => $allowed) {
            $handout = $this->handOut(['to' => [$this->heron->id => 'whole'], 'reads_aloud' => (string) $sent]);
            $copy = $handout->items()->sole()->copies()->firstOrFail();
            $this->actingAs($copy->student, 'student');
            $html = (string) $this->get("/my/copies/{$copy->id}")->assertOk()->getContent();
            $this->assertSame($allowed, str_contains($html, 'data-reads-aloud'));
        }
    }

    public function test_several_items_each_in_its_mode(): void
    {
        $reading = Worksheet::factory()
            ->for($this->teacher)
            ->withPages()
            ->create(['name' => 'Tide table']);
        $handout = $this->handOut([
            'to' => [$this->heron->id => 'whole'],
            'items' => [$this->item($this->worksheet), $this->item($reading, 'read_only')],
        ]);

        $this->assertSame(3, Copy::count());
        $item = $handout->items()->where('position', 2)->sole();
        $this->actingAs($this->student('6 Heron 1'), 'student');
        $this->assertReads('Read Tide table', $this->get('/my/day'));
        $this->assertReads('Start Tide times', $this->get('/my/day'));
        $this->get("/my/readings/{$item->id}")->assertOk();
    }

    public function test_a_student_in_two_classes_gets_one_copy(): void
    {
        $this->curlew->students()->attach($this->student('6 Heron 1'));
        $this->handOut(['to' => [$this->heron->id => 'whole', $this->curlew->id => 'whole']]);
        $this->assertSame(5, Copy::count());
    }

    public function test_what_is_wrong_with_the_form_is_said_beside_it_and_nothing_goes_out(): void
    {
        $other = SchoolClass::factory()->create();
        $foreign = Worksheet::factory()->withPages()->create();
        $binned = Worksheet::factory()->for($this->teacher)->withPages()->create();
        $binned->delete();
        foreach (
            [
                ['title' => ['title' => '']],
                ['to' => ['to' => []]],
                ['to' => ['to' => [$other->id => 'whole']]],
                [
                    'to' => [
                        'to' => [$this->heron->id => 'chosen'],
                        'students' => [$this->heron->id => [$this->student('6 Curlew 1')->id]],
                    ],
                ],
                ['due_date' => ['due_date' => '2026-11-30', 'due_time' => '10:00']],
                ['due_date' => ['due_date' => 'soon']],
                ['due_time' => ['due_date' => '2026-12-03', 'due_time' => '']],
                ['points' => ['points' => '-5']],
                ['points' => ['points' => 'ten']],
                ['items' => ['items' => []]],
                ['items.0.mode' => ['items' => [$this->item($this->worksheet, 'team')]]],
                ['items.0.worksheet' => ['items' => [$this->item($foreign)]]],
                ['items.0.worksheet' => ['items' => [$this->item($binned)]]],
                ['items.1.worksheet' => ['items' => [$this->item($this->worksheet), $this->item($this->worksheet)]]],
                ['out_date' => ['out' => 'at']],
                ['out_date' => ['out' => 'at', 'out_date' => '2026-11-30', 'out_time' => '10:00']],
                ['due_date' => [
                    'out' => 'at',
                    'out_date' => '2026-12-03',
                    'out_time' => '10:00',
                    'due_date' => '2026-12-03',
                    'due_time' => '10:00',
                ]],
                ['closes_date' => ['late' => 'until']],
                ['closes_date' => [
                    'due_date' => '2026-12-03',
                    'due_time' => '10:00',
                    'late' => 'until',
                    'closes_date' => '2026-12-03',
                    'closes_time' => '09:00',
                ]],
                ["own.{$this->heron->id}.due_date" => [
                    'own' => [$this->heron->id => ['due_date' => '2026-11-30', 'due_time' => '10:00']],
                ]],
                ["own.{$this->heron->id}.due_time" => ['own' => [$this->heron->id => ['due_date' => '2026-12-30']]]],
            ] as $case
        ) {
            $field = (string) key($case);
            $this->post(
                "/worksheets/{$this->worksheet->id}/hand-out",
                current($case) + [
                    'title' => 'T',
                    'items' => [$this->item($this->worksheet)],
                    'to' => [$this->heron->id => 'whole'],
                ],
            )->assertSessionHasErrors($field);
        }
        $this->assertSame([0, 0, 0], [Handout::count(), Copy::count(), Edition::count()]);
    }

    public function test_a_hundred_and_fifty_copies_are_rows_and_weigh_next_to_nothing(): void
    {
        $class = $this->schoolClass('All', 150);
        DB::enableQueryLog();
        $this->handOut(['to' => [$class->id => 'whole']]);
        $inserts = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            fn (string $query): bool => str_contains($query, 'insert') && str_contains($query, '"copies"'),
        );

        $this->assertCount(1, $inserts);
        $this->assertSame(150, Copy::count());
        $this->assertLessThan(1024, strlen((string) Copy::firstOrFail()->toJson()));
    }

    public function test_the_desks_ask_the_database_the_same_number_of_times_for_three_copies_and_for_thirty(): void
    {
        $few = $this->handOut(['to' => [$this->heron->id => 'whole']]);
        $many = $this->handOut(['to' => [$this->schoolClass('Thirty', 30)->id => 'whole']]);
        $count = function (string $url): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get($url)->assertSuccessful();

            return count(DB::getQueryLog());
        };

        $this->assertSame($count("/handouts/{$few->id}"), $count("/handouts/{$many->id}"));
        $this->assertSame($count("/handouts/{$few->id}/changes?seen="), $count("/handouts/{$many->id}/changes?seen="));
    }

    public function test_the_desks_send_nothing_when_nothing_changed_and_only_what_did(): void
    {
        $handout = $this->handOut(['to' => [$this->heron->id => 'whole']]);
        $seen = fn (): string => Copy::all()->map(fn (Copy $copy): string => "{$copy->id}.{$copy->version}")->join(',');
        $before = $seen();
        $this->get("/handouts/{$handout->id}/changes?seen={$before}")->assertNoContent();

        $copy = $this->copyOf('6 Heron 2');
        $this->actingAs($this->student('6 Heron 2'), 'student')
            ->patchJson("/my/copies/{$copy->id}", [
                'draft' => ['base' => 0, 'window' => 'wind', 'answers' => ['1.a' => 'Nia of the quay']],
                'page' => 1,
            ])
            ->assertOk();
        $this->actingAs($this->teacher, 'teacher');
        $changes = $this->getJson("/handouts/{$handout->id}/changes?seen={$before}")
            ->assertOk()
            ->json('copies');

        $this->assertSame([$copy->id], array_column($changes, 'id'));
        $this->assertStringContainsString('Nia of the quay', $changes[0]['html']);
        $this->assertStringContainsString('1 of 3 filled', $changes[0]['html']);
        $this->get("/handouts/{$handout->id}/changes?seen={$seen()}")->assertNoContent();
        $this->get("/copies/{$copy->id}")
            ->assertOk()
            ->assertSee('Nia of the quay');
    }

    private function schoolClass(string $name, int $students): SchoolClass
    {
        $class = SchoolClass::factory()
            ->of($this->teacher)
            ->create(['name' => $name]);
        for ($n = 1; $n <= $students; $n++) {
            $class->students()->attach(Student::factory()->create(['name' => "{$name} {$n}"]));
        }

        return $class;
    }

    /** @return array<string, mixed> */
    private function item(Worksheet $worksheet, string $mode = 'own_copy'): array
    {
        return ['worksheet' => $worksheet->id, 'mode' => $mode];
    }

    /** @param  array<string, mixed>  $form */
    private function handOut(array $form): Handout
    {
        $this->post(
            "/worksheets/{$this->worksheet->id}/hand-out",
            $form + ['title' => 'Tide times', 'items' => [$this->item($this->worksheet)]],
        )
            ->assertSessionHasNoErrors()
            ->assertRedirect();

        return Handout::latest('id')->firstOrFail();
    }

    private function student(string $name): Student
    {
        return Student::where('name', $name)->sole();
    }

    private function copyOf(string $name): Copy
    {
        return $this->student($name)->copies()->sole();
    }
}
