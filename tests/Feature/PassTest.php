<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GivePass;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Door;
use App\Models\Handout;
use App\Models\Pass;
use App\Models\PassKind;
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

/** A pass opens one student's copy of one handout, and nothing else. */
final class PassTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Student $ann;

    private Student $bo;

    private Handout $tides;

    private Handout $other;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        foreach (['ann' => 'Ann Quill', 'bo' => 'Bo Tarn'] as $who => $name) {
            $this->$who = Student::factory()->create(['name' => $name, 'pin' => '2468'])->refresh();
            $this->class->students()->attach($this->$who);
        }
        [$this->tides, $this->other] = [$this->give('Tides'), $this->give('Other')];
    }

    public function test_a_personal_pass_opens_the_copy_with_one_press_and_nothing_else_of_its_student(): void
    {
        $pass = $this->pass(PassKind::Personal, $this->ann);
        $copy = $this->copy($this->ann, $this->tides);
        $this->get("/p/{$pass->code}")->assertOk()->assertSee('Ann Quill');
        $this->assertGuest('student');
        $this->post("/p/{$pass->code}")->assertRedirect("/my/copies/{$copy->id}");
        $this->again();
        $this->get("/my/copies/{$copy->id}")->assertOk();
        $this->patchJson("/my/copies/{$copy->id}", $this->work($copy, 'high'))->assertOk();

        $this->get('/my/day')->assertSee('Tides')->assertDontSee('Other')->assertDontSee('Class shelf');
        $others = $this->copy($this->ann, $this->other);
        $this->get("/my/copies/{$others->id}")->assertForbidden();
        $this->patchJson("/my/copies/{$others->id}", $this->work($others, 'x'))->assertForbidden();
        $this->post("/my/copies/{$others->id}/hand-in")->assertForbidden();
        $this->get("/my/sheets/{$others->handout_item_id}/1/page")->assertForbidden();
        $this->get("/my/copies/{$this->copy($this->bo, $this->tides)->id}")->assertForbidden();
        $this->assertStringContainsString('high', (string) DB::table('copies')->where('id', $copy->id)->value('work'));
    }

    public function test_who_comes_in_by_the_class_afterwards_has_everything_again(): void
    {
        $pass = $this->pass(PassKind::Personal, $this->ann);
        $this->post("/p/{$pass->code}");
        $this->post('/sign-out');
        $this->post("/class/{$this->class->code}", ['student' => $this->ann->id, 'pin' => '2468']);
        $this->again();
        $this->get('/my/day')->assertSee('Tides')->assertSee('Other');
        // And keeps it, where they use the pass on top of it.
        $this->post("/p/{$pass->code}");
        $this->again();
        $this->get('/my/day')->assertSee('Other');
    }

    public function test_a_pass_that_is_ended_or_over_or_renewed_puts_out_who_came_by_it(): void
    {
        $ways = [
            'ended' => fn (Pass $pass) => $pass->delete(),
            'over' => fn (Pass $pass) => $pass->update(['ends_at' => now()->subSecond()]),
            'renewed' => fn (Pass $pass) => app(GivePass::class)(
                $this->tides,
                PassKind::Personal,
                null,
                now()->addDay(),
            ),
            'put away' => fn (Pass $pass) => $this->tides->update(['put_away_at' => now()]),
        ];
        foreach ($ways as $way => $end) {
            $this->tides->update(['put_away_at' => null]);
            $pass = $this->pass(PassKind::Personal, $this->ann);
            $copy = $this->copy($this->ann, $this->tides);
            $this->post("/p/{$pass->code}")->assertRedirect("/my/copies/{$copy->id}");
            $end($pass);
            $this->again();
            $this->patchJson("/my/copies/{$copy->id}", $this->work($copy, 'x'))->assertUnauthorized();
            $this->post("/p/{$pass->code}")->assertRedirect('/p');
            $this->again();
            $this->get("/p/{$pass->code}")->assertStatus(410);
            $this->get('/my/day')->assertRedirect();
            $this->get('/p')->assertStatus(410)->assertSee('This pass is over');
        }
    }

    public function test_a_page_of_who_was_put_out_says_so(): void
    {
        $pass = $this->pass(PassKind::Personal, $this->ann);
        $this->post("/p/{$pass->code}");
        $pass->delete();
        $this->again();
        $this->get('/my/day')->assertRedirect('/p');
        $this->again();
        $this->get('/my/day')->assertRedirect('/class');
    }

    public function test_a_class_pass_asks_for_name_and_pin_of_who_has_the_handout(): void
    {
        $this->class->students()->attach(Student::factory()->create(['name' => 'Cy New']));
        $pass = $this->pass(PassKind::OfClass);
        $this->get("/p/{$pass->code}")->assertSee('Ann Quill')->assertDontSee('Cy New')->assertSee('name="pin"', false);
        $this->post("/p/{$pass->code}", ['student' => $this->ann->id])->assertSessionHasErrors('pin');
        $this->post("/p/{$pass->code}", ['student' => $this->ann->id, 'pin' => '1'])->assertSessionHasErrors('pin');
        $this->post("/p/{$pass->code}", ['student' => 999, 'pin' => '2468'])->assertSessionHasErrors('student');
        $this->post("/p/{$pass->code}", ['student' => $this->ann->id, 'pin' => '2468'])->assertRedirect();
        $this->again();
        $this->get('/my/day')->assertSee('Tides')->assertDontSee('Other');

        $this->class->update(['door' => Door::Open]);
        $this->post('/sign-out');
        $this->get("/p/{$pass->code}")->assertDontSee('name="pin"', false);
        $this->post("/p/{$pass->code}", ['student' => $this->bo->id])->assertRedirect();
    }

    public function test_guesses_at_a_pin_are_slowed_down_here_too(): void
    {
        $pass = $this->pass(PassKind::OfClass);
        for ($n = 0; $n < 5; $n++) {
            $this->post("/p/{$pass->code}", ['student' => $this->ann->id, 'pin' => "{$n}"]);
        }
        $this->post("/p/{$pass->code}", ['student' => $this->ann->id, 'pin' => '2468'])
            ->assertSessionHasErrors('pin');
        $this->assertGuest('student');
    }

    public function test_an_open_pass_takes_a_name_and_a_number_brings_it_back(): void
    {
        $pass = $this->pass(PassKind::Open);
        $this->post("/p/{$pass->code}", ['name' => ' '])->assertSessionHasErrors('name');
        $this->post("/p/{$pass->code}", ['name' => 'Zed'])->assertRedirect();
        $guest = Student::where('guest', true)->sole();
        $copy = $this->copy($guest, $this->tides);
        $this->again();
        $this->get("/my/copies/{$copy->id}")->assertOk()->assertSee((string) $guest->shownPin());
        $this->post('/sign-out');

        $this->post("/p/{$pass->code}", ['name' => 'Nobody', 'pin' => '1234'])->assertSessionHasErrors('name');
        $this->post("/p/{$pass->code}", ['name' => 'zed', 'pin' => 'wrong'])->assertSessionHasErrors('pin');
        $this->post("/p/{$pass->code}", ['name' => 'zed', 'pin' => $guest->shownPin()])
            ->assertRedirect("/my/copies/{$copy->id}");
        $this->assertSame(1, Student::where('guest', true)->count());
        $this->post('/sign-out');
        $this->post("/p/{$pass->code}", ['name' => 'Zed'])->assertRedirect();
        $this->assertSame(2, Student::where('guest', true)->count(), 'two of one name are two');
        $this->actingAs($this->teacher, 'teacher')->get("/handouts/{$this->tides->id}")->assertSee('Guests');
    }

    public function test_a_form_of_a_guest_that_is_sent_twice_is_one_guest(): void
    {
        $pass = $this->pass(PassKind::Open);
        $form = ['name' => 'Zed', 'once' => 'abcdefgh12345678'];
        $first = $this->post("/p/{$pass->code}", $form)->headers->get('Location');
        $this->post('/sign-out');
        $this->assertSame($first, $this->post("/p/{$pass->code}", $form)->headers->get('Location'));
        $this->assertSame(1, Student::where('guest', true)->count());
    }

    public function test_a_guest_who_is_a_student_is_joined_unless_the_student_has_work(): void
    {
        $pass = $this->pass(PassKind::Open);
        $this->post("/p/{$pass->code}", ['name' => 'annie']);
        $guest = Student::where('guest', true)->sole();
        $copy = $this->copy($guest, $this->tides);
        $this->again();
        $this->patchJson("/my/copies/{$copy->id}", $this->work($copy, 'ebb'))->assertOk();
        $this->copy($this->bo, $this->tides)->update(['filled' => 1]);

        $this->actingAs($this->teacher, 'teacher');
        $join = "/handouts/{$this->tides->id}/guests/{$guest->id}";
        $this->post($join)->assertSessionHasErrors("guest-{$guest->id}");
        $this->post($join, ['student' => $this->bo->id])->assertSessionHasErrors("guest-{$guest->id}");
        $this->assertNotNull($guest->fresh());
        $this->post("/handouts/{$this->tides->id}/guests/{$this->ann->id}")->assertNotFound();
        $this->post($join, ['student' => $this->ann->id])->assertSessionHasNoErrors();
        $this->assertSame($copy->id, $this->copy($this->ann, $this->tides)->id);
        $this->assertNull($guest->fresh());
        $this->assertSame(2, $this->tides->recipients()->count());
    }

    public function test_before_its_time_a_pass_shows_nothing(): void
    {
        $pass = $this->pass(PassKind::Personal, $this->ann);
        DB::table('recipients')->update(['out_at' => '2026-12-02 08:00:00']);
        $this->post("/p/{$pass->code}")->assertRedirect('/my/day');
        $this->again();
        $this->get('/my/day')->assertSee('Nothing is set for you');
        $this->get("/my/copies/{$this->copy($this->ann, $this->tides)->id}")->assertForbidden();
        $this->travelTo('2026-12-02 08:00:01');
        $this->get("/my/copies/{$this->copy($this->ann, $this->tides)->id}")->assertOk();
    }

    public function test_the_teacher_makes_passes_shows_them_and_ends_them(): void
    {
        $this->actingAs($this->teacher, 'teacher');
        $at = "/handouts/{$this->tides->id}/passes";
        $this->get($at)->assertOk()->assertSee('value="2026-12-15"', false);
        $class = ['kind' => 'class', 'class' => $this->class->id];
        foreach (['2026-11-30', '2028-01-01', 'x', ''] as $ends) {
            $this->post($at, ['ends' => $ends] + $class)->assertSessionHasErrors('ends');
        }
        $this->post($at, ['ends' => '2026-12-01', 'kind' => 'class', 'class' => 999])->assertSessionHasErrors('class');
        $this->post($at, ['ends' => '2026-12-01'] + $class)->assertSessionHasNoErrors();
        $pass = Pass::sole();
        $this->assertSame('2026-12-01 23:59:00', (string) $pass->ends_at);
        $this->get("{$at}/{$pass->id}")
            ->assertSee(trim(chunk_split($pass->code, 4, ' ')))
            ->assertSee('class="qr"', false);
        $this->post('/sign-out');
        $this->post('/class', ['code' => strtolower(chunk_split($pass->code, 4, ' '))])
            ->assertRedirect("/p/{$pass->code}");

        $this->actingAs($this->teacher, 'teacher')->post($at, ['ends' => '2026-12-05'] + $class);
        $this->assertNotSame($pass->code, Pass::sole()->code);
        $this->delete("{$at}/".Pass::sole()->id)->assertRedirect($at);
        $this->assertSame(0, Pass::count());
    }

    public function test_slips_are_one_for_each_and_those_who_join_later_get_theirs_without_new_ones_for_all(): void
    {
        $this->actingAs($this->teacher, 'teacher');
        $at = "/handouts/{$this->tides->id}";
        $this->post("{$at}/passes", ['kind' => 'personal', 'ends' => '2026-12-05'])->assertRedirect("{$at}/slips");
        $codes = Pass::pluck('code', 'student_id');
        $this->assertCount(2, $codes);
        $this->get("{$at}/slips")->assertSee($codes[$this->ann->id])->assertSee('Bo Tarn');
        $this->post("/classes/{$this->class->id}/students", ['names' => 'Cy New']);
        $this->post("{$at}/passes", ['kind' => 'personal', 'ends' => '2026-12-08']);
        $this->assertSame(3, Pass::count());
        $this->assertSame($codes[$this->ann->id], Pass::where('student_id', $this->ann->id)->value('code'));
        $this->post("{$at}/passes", ['kind' => 'personal', 'ends' => '2026-12-08', 'anew' => 1]);
        $this->assertSame(0, Pass::whereIn('code', $codes)->count());
        $this->delete("{$at}/slips");
        $this->assertSame(0, Pass::count());
    }

    public function test_the_address_of_a_pass_goes_nowhere_else(): void
    {
        $pass = $this->pass(PassKind::Personal, $this->ann);
        $this->get("/p/{$pass->code}")
            ->assertHeader('Referrer-Policy', 'no-referrer')
            ->assertHeader('Cache-Control', 'no-store, private');
        $nginx = (string) file_get_contents(config_path('server/nginx.conf'));
        $this->assertStringContainsString('access_log off', $nginx);
        $this->assertSame(14, strlen($pass->code));
    }

    private function give(string $title): Handout
    {
        $worksheet = Worksheet::factory()
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
            ->create(['teacher_id' => $this->teacher->id]);

        return app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan($title, '', null, null, [[$worksheet, Mode::OwnCopy]], [$this->class]),
        );
    }

    private function pass(PassKind $kind, ?Student $for = null): Pass
    {
        $class = $kind === PassKind::OfClass ? $this->class : null;
        app(GivePass::class)($this->tides, $kind, $class, now()->addDay());

        return Pass::where('kind', $kind)->where('student_id', $for?->id)->sole();
    }

    private function copy(Student $student, Handout $handout): Copy
    {
        return $student->copies()->whereIn('handout_item_id', $handout->items()->select('id'))->sole();
    }

    /** @return array<string, mixed> what a browser sends */
    private function work(Copy $copy, string $text): array
    {
        return [
            'draft' => ['base' => 0, 'window' => 'window', 'answers' => ['1.a' => $text]],
            'page' => 1,
        ];
    }

    /** The next request finds out anew who is signed in. */
    private function again(): void
    {
        $this->app?->make('auth')->forgetGuards();
    }
}
