<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandBack;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByKey;
use App\Actions\SaveWork;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\Moment;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use App\View\ResultsTable;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\Mode;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Several attempts at one handout. */
final class AttemptsTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private Copy $copy;

    #[TestWith([true, '3'])]
    #[TestWith([false, '1'])]
    public function test_the_best_or_the_last_of_them_counts(bool $best, string $points): void
    {
        $handout = $this->handOut(new Attempts(3, $best));
        $this->do(['1.a' => 'ebb', '1.b' => '12']);
        $this->get(route('copies.show', $this->copy))
            ->assertSee('Have another go')
            ->assertSee('This is attempt 1 of 3.');
        $this->another();
        $this->assertSame(CopyState::Working, $this->copy->refresh()->state);
        $this->assertSame('', $this->copy->written()->text('1.a'));
        $this->assertSame('3', $this->earned($handout), 'what is not handed in counts for nothing yet');
        $this->do(['1.a' => 'flood', '1.b' => '12']);
        $this->assertSame($points, $this->earned($handout));

        $this->another();
        $this->do(['1.a' => 'flood', '1.b' => '12']);
        $this->get(route('copies.show', $this->copy))->assertDontSee('Have another go');
        $this->post(route('copies.another', $this->copy))->assertSessionHasErrors('refused');
        $this->assertSame(2, Moment::where('kind', MomentKind::Attempt)->count());
        $this->assertSame($points, $this->earned($handout));
    }

    public function test_there_is_one_where_nothing_is_said(): void
    {
        $this->handOut(new Attempts);
        $this->do(['1.a' => 'ebb']);
        $this->get(route('copies.show', $this->copy))->assertDontSee('Have another go')->assertDontSee('attempt');
        $this->post(route('copies.another', $this->copy))->assertSessionHasErrors('refused');
    }

    public function test_as_many_as_wanted_end_when_it_is_closed(): void
    {
        $this->handOut(new Attempts(null), closes: '2026-12-01 12:00');
        for ($n = 0; $n < 4; $n++) {
            $this->do(['1.a' => 'ebb']);
            $this->another();
        }
        $this->do(['1.a' => 'ebb']);
        $this->travelTo('2026-12-01 12:05:00');
        $this->post(route('copies.another', $this->copy))->assertSessionHasErrors('refused');
        $this->get(route('copies.show', $this->copy))->assertDontSee('Have another go');
    }

    public function test_what_is_not_handed_in_is_gone_on_with(): void
    {
        $this->handOut(new Attempts(3));
        $this->post(route('copies.another', $this->copy))->assertSessionHasErrors('refused');
        $this->assertSame(1, $this->copy->refresh()->attempt);
    }

    public function test_after_it_was_handed_back_there_may_be_another_and_its_marks_stay(): void
    {
        $handout = $this->handOut(new Attempts(2));
        $this->do(['1.a' => 'flood', '1.b' => '12']);
        app(HandBack::class)($this->copy->item, [$this->copy->id], now());
        $this->another();
        $moment = Moment::where('kind', MomentKind::Attempt)->sole();
        $this->get(route('earlier.show', [$this->copy, $moment]))->assertOk()->assertSee('1 point');
        $this->assertSame('1', $this->earned($handout));
    }

    public function test_the_teacher_says_how_many_and_changes_it_afterwards(): void
    {
        $handout = $this->handOut(new Attempts(2))->refresh();
        $this->actingAs($this->teacher, 'teacher');
        $this->get(route('handouts.change', $handout))->assertSee('2 attempts, the best counts');
        $form = [
            'base' => $handout->revision,
            'title' => 'Tides',
            'kept' => [$handout->items()->sole()->id],
            'to' => [SchoolClass::sole()->id => 'whole'],
            'out' => 'since',
            'counted' => 'last',
        ];
        $this->post(route('handouts.change.preview', $handout), ['attempts' => ''] + $form)
            ->assertSee('as many attempts as they want, the last counts');
        $this->post(route('handouts.change.save', $handout), ['attempts' => ''] + $form)->assertSessionHasNoErrors();
        $this->assertEquals(new Attempts(null, false), $handout->refresh()->attemptsOf());
        $this->post(route('handouts.change.undo', $handout), ['base' => $handout->revision]);
        $this->assertEquals(new Attempts(2), $handout->refresh()->attemptsOf());
        $this->post(route('handouts.change.save', $handout), ['attempts' => '21', 'base' => $handout->revision] + $form)
            ->assertSessionHasErrors('attempts');
    }

    private function handOut(Attempts $attempts, ?string $closes = null): Handout
    {
        $this->travelTo('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $class->students()->attach(Student::factory()->create());
        $worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 2.0, key: ['ebb']),
                new AnswerBox('b', Frame::of(50, 200, 200, 18), prompt: 'Depth', points: 1.0, key: ['12']),
            )
            ->create(['teacher_id' => $this->teacher->id]);
        $handout = app(HandOutWorksheets::class)($this->teacher, new HandoutPlan(
            'Tides',
            '',
            null,
            null,
            [[$worksheet, Mode::OwnCopy]],
            [$class],
            closes: $closes === null ? null : CarbonImmutable::parse($closes),
            attempts: $attempts,
        ));
        $this->copy = Copy::with(['item.edition.revisions', 'item.handout', 'student'])->sole();
        $this->actingAs($this->copy->student ?? $this->fail(), 'student');

        return $handout;
    }

    /** @param  array<string, string>  $answers */
    private function do(array $answers): void
    {
        $draft = new Draft($this->copy->refresh()->written()->revision, 'test', $answers);
        app(SaveWork::class)($this->copy, $draft, $this->copy->item->edition->placesToFill(), 1);
        $this->travel(1)->minutes();
        $this->post(route('copies.hand-in', $this->copy))->assertSessionHasNoErrors();
    }

    private function another(): void
    {
        $this->post(route('copies.another', $this->copy))->assertSessionHasNoErrors();
    }

    private function earned(Handout $handout): ?string
    {
        return ResultsTable::of($handout->fresh() ?? $this->fail(), app(MarkByKey::class), app(School::class))
            ->rows[0]
            ->total
            ?->words();
    }
}
