<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Times;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** Lists by day: a student's, and that which families see. */
final class FamiliesTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00'); // a Tuesday
        $this->teacher = Teacher::factory()->create();
        $this->class = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        $this->student = Student::factory()->create(['name' => 'Nia Penrose'])->refresh();
        $this->class->students()->attach($this->student);
    }

    public function test_a_students_list_is_by_days_and_says_what_is_new(): void
    {
        $this->handOut('A day late', due: '2026-12-01 08:00');
        $this->handOut('This afternoon', due: '2026-12-01 15:30');
        $this->handOut('For Wednesday', due: '2026-12-02 15:30');
        $this->handOut('For Sunday', due: '2026-12-06 15:30');
        $this->handOut('For Monday', due: '2026-12-07 08:00');
        $this->handOut('At leisure');
        $done = $this->handOut('Handed in', due: '2026-12-03 15:30');
        $done->items()->sole()->copies()->update(['state' => CopyState::HandedIn]);
        $this->handOut('To come', out: '2026-12-02 08:00', due: '2026-12-03 15:30');

        $list = $this->actingAs($this->student, 'student')->get('/my/day')->assertOk();
        $list->assertSeeInOrder([
            'Late: do this first', 'A day late', 'For today', 'This afternoon', 'For tomorrow', 'For Wednesday',
            'For this week', 'For Sunday', 'For next week', 'For Monday', 'Whenever you like', 'At leisure', 'Done',
            'Handed in',
        ])->assertDontSee('To come');
        $this->assertSame(6, substr_count((string) $list->getContent(), 'task__new'));
        Carbon::setTestNow('2026-12-03 10:00:00');
        $later = (string) $this->get('/my/day')->assertSee('To come')->getContent();
        $this->assertSame(1, substr_count($later, 'task__new'));
    }

    public function test_families_see_what_is_set_and_when_and_nobodys_name_or_work(): void
    {
        $this->handOut('Tides', due: '2026-12-03 15:30');
        $this->handOut('To come', out: '2026-12-02 08:00');
        $this->handOut('For Nia alone', chosen: true);
        $this->handOut('Put away')->update(['put_away_at' => now()]);
        $this->handOut('Taken back')->items()->update(['withdrawn_at' => now()]);
        $this->get('/families/anything')->assertNotFound();
        $address = $this->turn('1');
        $this->app?->make('auth')->forgetGuards();
        $page = $this->get($address)
            ->assertOk()
            ->assertSee('What is set for 6 Heron')
            ->assertSee('Tides')
            ->assertSee('due Thursday 3 December, 15:30')
            ->assertHeader('X-Robots-Tag', 'noindex, nofollow');
        foreach (['Nia', 'To come', 'alone', 'Put away', 'Taken back', $this->class->code, 'copies'] as $kept) {
            $page->assertDontSee($kept);
        }
        $this->get($address.'/set.ics')->assertDontSee('Nia')->assertDontSee('To come');
        $another = $this->turn('1');
        $this->assertNotSame($address, $another);
        $this->get($address)->assertNotFound();
        $this->turn('0');
        $this->get($another)->assertNotFound();
        $this->get($another.'/set.ics')->assertNotFound();
        $this->get('/families/')->assertNotFound();
    }

    public function test_a_class_with_its_own_times_is_told_those(): void
    {
        $this->handOut('Tides', due: '2026-12-03 15:30', own: new Times(
            new CarbonImmutable('2026-12-01 08:00'),
            new CarbonImmutable('2026-12-04 10:00'),
        ));
        $this->get($this->turn('1'))->assertSee('due Friday 4 December, 10:00');
    }

    /** RFC 5545: 3.6.1, 3.8.4.7 (UID), 3.8.7.4 (SEQUENCE), 3.8.1.11 (STATUS). */
    public function test_the_calendar_keeps_its_uids_counts_changes_and_cancels(): void
    {
        $handout = $this->handOut('Tides, "spring"; neap', due: '2026-12-03 15:30');
        $this->handOut('At leisure');
        $address = $this->turn('1').'/set.ics';
        $read = function () use ($address) {
            $feed = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
            $calendar = Reader::read((string) $feed->getContent());
            $this->assertSame([], $calendar->validate());
            $this->assertCount(1, $calendar->select('VEVENT'));

            return $calendar->select('VEVENT')[0];
        };
        $first = $read();
        $this->assertSame(['Due: Tides, "spring"; neap', '20261203T153000Z', '0', 'CONFIRMED'], [
            (string) $first->SUMMARY,
            (string) $first->DTSTART,
            (string) $first->SEQUENCE,
            (string) $first->STATUS,
        ]);
        $this->actingAs($this->teacher, 'teacher')->post("/handouts/{$handout->id}/change", [
            'base' => 1,
            'title' => 'Tides',
            'kept' => $handout->items()->pluck('id')->all(),
            'to' => [$this->class->id => 'whole'],
            'out' => 'since',
            'due_date' => '2026-12-05',
            'due_time' => '10:00',
        ])->assertSessionHasNoErrors();
        $changed = $read();
        $this->assertSame((string) $first->UID, (string) $changed->UID);
        $this->assertSame(['20261205T100000Z', '1'], [(string) $changed->DTSTART, (string) $changed->SEQUENCE]);
        $this->post("/handouts/{$handout->id}/change/away", ['base' => 2, 'away' => '1']);
        $gone = $read();
        $this->assertSame([(string) $first->UID, 'CANCELLED', '2'], [
            (string) $gone->UID,
            (string) $gone->STATUS,
            (string) $gone->SEQUENCE,
        ]);
    }

    private function turn(string $on): string
    {
        $this->actingAs($this->teacher, 'teacher')
            ->post("/classes/{$this->class->id}/families", ['on' => $on])
            ->assertRedirect("/classes/{$this->class->id}");

        return '/families/'.$this->class->refresh()->family_token;
    }

    private function handOut(
        string $title,
        ?string $out = null,
        ?string $due = null,
        bool $chosen = false,
        ?Times $own = null,
    ): Handout {
        $worksheet = Worksheet::factory()->for($this->teacher)->withPages()->create(['name' => "On {$title}"]);
        $now = now();
        Carbon::setTestNow('2026-12-01 07:00:00');
        $handout = app(HandOutWorksheets::class)($this->teacher, new HandoutPlan(
            title: $title,
            directions: '',
            due: $due === null ? null : new CarbonImmutable($due),
            points: null,
            items: [[$worksheet, Mode::OwnCopy]],
            classes: $chosen ? [] : [$this->class],
            chosen: $chosen ? [[$this->class, [$this->student]]] : [],
            out: $out === null ? null : new CarbonImmutable($out),
            ofClasses: $own === null ? [] : [$this->class->id => $own],
        ));
        Carbon::setTestNow($now);

        return $handout->refresh();
    }
}
