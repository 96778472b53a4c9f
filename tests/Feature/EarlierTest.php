<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\MoveCopy;
use App\Actions\SaveWork;
use App\Models\Copy;
use App\Models\Moment;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use Tests\Support\HandsOutOneSheet;
use Tests\TestCase;

/** How a copy was before, for its student. */
final class EarlierTest extends TestCase
{
    use HandsOutOneSheet;
    use RefreshDatabase;

    private Copy $copy;

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->handOutOneSheet($this->teacher, ['Ada']);
        $this->copy = Copy::with(['item.edition', 'student'])->sole();
        $this->actingAs($this->copy->student ?? $this->fail(), 'student');
    }

    public function test_a_student_keeps_it_under_a_name_looks_at_it_and_goes_back(): void
    {
        $this->write('first thoughts');
        $this->post(route('earlier.keep', $this->copy), ['name' => 'My first go'])->assertRedirect();
        $this->write('second thoughts');
        $moment = Moment::where('kind', MomentKind::Named)->sole();
        $this->get(route('copies.show', $this->copy))->assertSee('My first go');
        $this->get(route('earlier.show', [$this->copy, $moment]))
            ->assertOk()
            ->assertSee('first thoughts')
            ->assertSee('One place is otherwise now')
            ->assertDontSee('quoxle');

        $this->post(route('earlier.return', [$this->copy, $moment]))->assertRedirect();
        $this->assertSame('first thoughts', $this->copy->refresh()->written()->text('1.a'));
        // What it was before is there as well, so that one can change one's mind.
        $before = Moment::where('kind', MomentKind::BeforeReturn)->sole();
        $this->post(route('earlier.return', [$this->copy, $before]));
        $this->assertSame('second thoughts', $this->copy->refresh()->written()->text('1.a'));
    }

    public function test_what_another_window_sends_late_is_kept_with_how_it_was_before(): void
    {
        $this->write('first thoughts');
        $this->post(route('earlier.keep', $this->copy), ['name' => 'My first go']);
        $base = $this->copy->refresh()->written()->revision;
        $this->post(route('earlier.return', [$this->copy, Moment::sole()]));
        $this->patchJson(route('copies.save', $this->copy), [
            'draft' => ['base' => $base, 'window' => 'late', 'answers' => ['1.a' => 'typed meanwhile']],
        ])->assertConflict()->assertJsonPath('kept', true);
        $this->assertSame(
            ['1.a' => 'typed meanwhile'],
            Moment::where('kind', MomentKind::BeforeReturn)->sole()->texts(),
        );
        $this->assertSame('first thoughts', $this->copy->refresh()->written()->text('1.a'));
    }

    public function test_what_is_handed_in_can_be_looked_at_and_not_gone_back_to(): void
    {
        $this->write('done');
        app(MoveCopy::class)->handIn($this->copy);
        $moment = Moment::where('kind', MomentKind::HandedIn)->sole();
        $this->get(route('earlier.show', [$this->copy, $moment]))->assertOk()->assertDontSee('Go back to this');
        $this->post(route('earlier.return', [$this->copy, $moment]))->assertSessionHasErrors('refused');
        $this->post(route('earlier.keep', $this->copy), ['name' => ''])->assertSessionHasErrors('name');
        for ($n = 0; $n < Moment::MOST_NAMED; $n++) {
            $this->post(route('earlier.keep', $this->copy), ['name' => "No {$n}"]);
        }
        $this->post(route('earlier.keep', $this->copy), ['name' => 'one more'])->assertSessionHasErrors('name');
    }

    public function test_a_moment_of_another_copy_is_not_found(): void
    {
        $this->write('mine');
        $this->post(route('earlier.keep', $this->copy), ['name' => 'Mine']);
        $other = Copy::create([
            'handout_item_id' => $this->copy->handout_item_id,
            'student_id' => Student::factory()->create()->id,
            'state' => 'working',
        ]);
        $moment = Moment::create(['copy_id' => $other->id, 'kind' => MomentKind::Named, 'attempt' => 1] + [
            'changes' => '{}',
            'filled' => 0,
            'made_at' => now(),
        ]);
        $this->get(route('earlier.show', [$this->copy, $moment]))->assertNotFound();
        $this->get("/my/copies/{$other->id}/earlier/{$moment->id}")->assertForbidden();
    }

    public function test_a_teacher_holds_two_moments_against_each_other(): void
    {
        $this->write('one');
        $this->post(route('earlier.keep', $this->copy), ['name' => 'First']);
        $this->write('two');
        $this->post(route('earlier.keep', $this->copy), ['name' => 'Second']);
        $this->write('one');
        [$first, $second] = Moment::orderBy('id')->get()->all();
        $this->actingAs($this->teacher, 'teacher');
        $this->get(route('moments.show', [$this->copy, $first]))->assertSee('It is the same now.');
        $this->get(route('moments.show', ['copy' => $this->copy, 'moment' => $first, 'with' => $second->id]))
            ->assertSee('One place is otherwise then; it is marked.')
            ->assertSeeInOrder(['Then', 'Second']);
        $this->get(route('moments.show', ['copy' => $this->copy, 'moment' => $first, 'with' => 'x']))->assertOk();
    }

    private function write(string $text): void
    {
        app(SaveWork::class)(
            $this->copy,
            new Draft($this->copy->refresh()->written()->revision, 'test', ['1.a' => $text]),
            $this->copy->item->edition->placesToFill(),
            1,
        );
    }
}
