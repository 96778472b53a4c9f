<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Door;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** Who is in a class, who keeps it, and how its students come in. */
final class ClassPeopleTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $heron;

    private SchoolClass $curlew;

    private Student $ann;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->heron = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        $this->curlew = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Curlew']);
        $this->ann = Student::factory()->create(['name' => 'Ann Quill', 'pin' => '2468'])->refresh();
        $this->heron->students()->attach($this->ann);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_who_leaves_keeps_what_they_have_and_gets_nothing_new(): void
    {
        $has = $this->give('Tides', [$this->heron]);
        $later = $this->give('Charts', [$this->heron], out: '2031-01-01 08:00');
        $this->assertSame(2, Copy::where('student_id', $this->ann->id)->count());
        $this->post($this->at('leave'))->assertRedirect();

        $this->assertSame([], $this->heron->students()->pluck('name')->all());
        $this->assertSame([$has->id], $this->ann->handouts()->pluck('handouts.id')->all());
        $this->give('Ropes', [$this->heron]);
        $this->assertSame(1, Copy::where('student_id', $this->ann->id)->count());
        $this->assertSame(0, $later->recipients()->count());
        $this->get("/class/{$this->heron->code}")->assertDontSee('Ann Quill');
    }

    public function test_who_comes_back_has_all_that_the_class_was_given_meanwhile(): void
    {
        $this->give('Tides', [$this->heron]);
        $this->post($this->at('leave'));
        $this->give('Ropes', [$this->heron]);
        $this->post("/classes/{$this->heron->id}/students/{$this->ann->id}/leave")->assertNotFound();
        $this->get("/classes/{$this->heron->id}")->assertSee('1 student left the class');
        $this->post($this->at('come-back'))->assertRedirect();
        $this->assertSame(2, Copy::where('student_id', $this->ann->id)->count());
        $this->assertSame(1, DB::table('enrolments')->where('student_id', $this->ann->id)->count());
        $this->post($this->at('come-back'))->assertNotFound();
    }

    public function test_what_was_prepared_for_two_classes_stays_with_who_is_still_in_one(): void
    {
        $this->curlew->students()->attach($this->ann);
        $later = $this->give('Charts', [$this->heron, $this->curlew], out: '2031-01-01 08:00');
        $this->post($this->at('leave'));
        $this->assertSame(1, $later->recipients()->count());
    }

    public function test_who_moves_takes_their_work_along_and_gets_what_the_new_class_has(): void
    {
        $old = $this->give('Tides', [$this->heron]);
        $new = $this->give('Ropes', [$this->curlew]);
        $this->post($this->at('move'), ['to' => SchoolClass::factory()->create()->id])
            ->assertSessionHasErrors("to-{$this->ann->id}");
        $this->post($this->at('move'), ['to' => $this->curlew->id])->assertSessionHasNoErrors();

        $this->assertSame(['6 Curlew'], $this->ann->classes()->pluck('name')->all());
        $this->assertEqualsCanonicalizing(
            [$old->id, $new->id],
            $this->ann->handouts()->pluck('handouts.id')->all(),
        );
        $this->post('/sign-out');
        $this->post("/class/{$this->curlew->code}", ['student' => $this->ann->id, 'pin' => '2468'])
            ->assertRedirect('/my/day');
    }

    public function test_a_student_is_called_otherwise(): void
    {
        $path = "/classes/{$this->heron->id}/students/{$this->ann->id}";
        $this->patch($path, ["name-{$this->ann->id}" => '  '])->assertSessionHasErrors("name-{$this->ann->id}");
        $this->patch($path, ["name-{$this->ann->id}" => ' Anna Quill '])->assertSessionHasNoErrors();
        $this->assertSame('Anna Quill', $this->ann->refresh()->name);
    }

    public function test_colleagues_keep_a_class_together_and_one_is_always_left(): void
    {
        $flow = Teacher::factory()->create()->refresh();
        $this->actingAs($flow, 'teacher')->get("/classes/{$this->heron->id}")->assertForbidden();
        $this->actingAs($this->teacher, 'teacher');
        $this->post("/classes/{$this->heron->id}/teachers", ['teacher' => $flow->id]);
        $this->actingAs($flow, 'teacher')->get("/classes/{$this->heron->id}")->assertOk();
        $this->get('/classes')->assertSee('6 Heron')->assertDontSee('6 Curlew');
        $this->give('Ropes', [$this->heron], by: $flow);
        $this->assertSame(1, $this->ann->handouts()->count());

        $this->delete("/classes/{$this->heron->id}/teachers/{$this->teacher->id}")->assertRedirect();
        $this->actingAs($this->teacher, 'teacher')->get("/classes/{$this->heron->id}")->assertForbidden();
        $this->actingAs($flow, 'teacher')->delete("/classes/{$this->heron->id}/teachers/{$flow->id}")
            ->assertSessionHasErrors('teacher');
        $gone = Teacher::factory()->create(['left_at' => now()]);
        $this->post("/classes/{$this->heron->id}/teachers", ['teacher' => $gone->id])
            ->assertSessionHasErrors('teacher');
    }

    public function test_a_class_is_put_away_and_taken_out_again(): void
    {
        $this->post("/classes/{$this->heron->id}/away", ['away' => 1]);
        $this->get('/classes')->assertSee('1 class put away');
        $this->post('/sign-out');
        $this->get("/class/{$this->heron->code}")->assertNotFound();
        $this->post("/class/{$this->heron->code}", ['student' => $this->ann->id, 'pin' => '2468'])->assertNotFound();
        $this->post('/class', ['code' => $this->heron->code])->assertSessionHasErrors('code');
        $this->assertSame(['6 Curlew'], $this->teacher->classes()->pluck('name')->all());

        $this->actingAs($this->teacher, 'teacher')->post("/classes/{$this->heron->id}/away", ['away' => 0]);
        $this->post('/sign-out');
        $this->get("/class/{$this->heron->code}")->assertOk()->assertSee('Ann Quill');
    }

    public function test_a_list_of_the_next_year_knows_who_was_here_before(): void
    {
        $this->heron->update(['name' => '5 Heron', 'put_away_at' => now()]);
        $this->post("/classes/{$this->curlew->id}/students", ['names' => 'Bo Tarn']);
        $bo = Student::where('name', 'Bo Tarn')->sole();
        $this->post("/classes/{$this->curlew->id}/students/{$bo->id}/leave");
        $sent = ['list' => "First\tLast\tClass\nAnn\tQuill\t6 Heron\nBo\tTarn\t6 Curlew\nCy\tNew\t6 Heron"];
        $page = $this->post('/classes/list', $sent);
        $this->assertReads('the Ann Quill of 5 Heron, with their work and PIN', $page);
        $this->assertReads('the Bo Tarn of 6 Curlew', $page);
        preg_match_all('/name="known\[\]" value="([^"]+)"/', (string) $page->getContent(), $known);

        // Bo is said to be another Bo.
        $this->post('/classes/list/keep', [...$sent, 'known' => $known[1], 'same' => [$known[1][0]]]);
        $this->assertSame(4, Student::count(), 'Ann and the first Bo, a second Bo, Cy');
        $heron = SchoolClass::where('name', '6 Heron')->sole();
        $this->assertSame(['Ann Quill', 'Cy New'], $heron->students()->pluck('name')->all());
        $this->assertTrue($heron->students()->first()?->is($this->ann));
        $this->assertFalse($this->curlew->students()->sole()->is($bo));
    }

    public function test_two_of_one_name_are_nobodys_guess(): void
    {
        $this->heron->students()->attach(Student::factory()->create(['name' => 'Ann Quill']));
        $this->heron->update(['put_away_at' => now()]);
        $this->assertReads(
            'Ann Quill 6 Curlew new',
            $this->post('/classes/list', ['list' => "First\tLast\tClass\nAnn\tQuill\t6 Curlew"]),
        );
    }

    public function test_slips_show_what_each_student_needs_and_new_pins_ask_first(): void
    {
        $slips = $this->get("/classes/{$this->heron->id}/slips")->assertOk();
        foreach (['Ann Quill', $this->heron->code, '2468', '<svg class="qr"', 'Yes, new PINs for all'] as $part) {
            $slips->assertSee($part, false);
        }
        $this->put("/classes/{$this->heron->id}/door", ['door' => 'digits', 'length' => 6]);
        $this->post("/classes/{$this->heron->id}/pins")->assertRedirect();
        $this->assertMatchesRegularExpression('/^\d{6}$/', (string) $this->ann->refresh()->shownPin());
        foreach ([['door' => 'digits', 'length' => 3], ['door' => 'wide', 'length' => 4], []] as $wrong) {
            $this->put("/classes/{$this->heron->id}/door", $wrong)->assertSessionHasErrors();
        }
    }

    public function test_a_door_of_pictures_and_one_without_a_pin(): void
    {
        $this->put("/classes/{$this->heron->id}/door", ['door' => 'pictures', 'length' => 4]);
        $this->get("/classes/{$this->heron->id}/slips")
            ->assertSee('aria-label="boat"', false)
            ->assertDontSee('2468');
        $this->post('/sign-out');
        $this->get("/class/{$this->heron->code}?name={$this->ann->id}")->assertSee('data-pin-pad', false);
        $this->post("/class/{$this->heron->code}", ['student' => $this->ann->id])->assertSessionHasErrors('pin');

        $this->heron->update(['door' => Door::Open]);
        $this->get("/class/{$this->heron->code}")->assertDontSee('name="pin"', false);
        $this->post("/class/{$this->heron->code}", ['student' => $this->ann->id])->assertRedirect('/my/day');
        $this->assertSame(0, DB::table('known_devices')->count(), 'nothing was proved');
        $this->post('/sign-out');
        // Only through the class that is open.
        $this->curlew->students()->attach($this->ann);
        $this->post("/class/{$this->curlew->code}", ['student' => $this->ann->id])->assertSessionHasErrors('pin');
    }

    public function test_a_pin_is_not_in_the_database_as_it_is_and_one_from_before_still_counts(): void
    {
        $this->assertStringNotContainsString('2468', (string) DB::table('students')->value('pin'));
        $this->assertTrue($this->ann->isPin('2468'));
        foreach (['', '2469', '24680'] as $wrong) {
            $this->assertFalse($this->ann->isPin($wrong));
        }
        DB::table('students')->update(['pin' => Hash::make('1357')]);
        $this->ann->refresh();
        $this->assertTrue($this->ann->isPin('1357'));
        $this->assertNull($this->ann->shownPin());
        $this->get("/classes/{$this->heron->id}/slips")->assertSee('Its PIN cannot be shown');

        DB::table('students')->update(['pin' => 'of another key']);
        $this->ann->refresh();
        $this->assertFalse($this->ann->isPin(''));
    }

    private function at(string $what): string
    {
        return "/classes/{$this->heron->id}/students/{$this->ann->id}/{$what}";
    }

    /** @param  list<SchoolClass>  $classes */
    private function give(string $title, array $classes, ?string $out = null, ?Teacher $by = null): Handout
    {
        $worksheet = Worksheet::factory()->withPages()->create(['teacher_id' => ($by ?? $this->teacher)->id]);
        $handout = app(HandOutWorksheets::class)(
            $by ?? $this->teacher,
            new HandoutPlan($title, '', null, null, [[$worksheet, Mode::OwnCopy]], $classes),
        );
        $out === null || DB::table('recipients')->where('handout_id', $handout->id)->update(['out_at' => $out]);

        return $handout;
    }
}
