<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\GiveFreshCopies;
use App\Actions\HandBack;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\JoinClass;
use App\Actions\LeaveClass;
use App\Actions\MakeTeams;
use App\Actions\MarkByKey;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use App\View\ResultsRow;
use App\View\ResultsTable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Gate;
use Illuminate\Testing\TestResponse;
use OpenSlate\Copies\CopyState;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** Copies that several share: a team's, a class's. */
final class SharedCopyTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Worksheet $worksheet;

    /** @var array<string, Student> by name */
    private array $students = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        foreach (['Ada', 'Ben', 'Cleo', 'Dara', 'Edwin'] as $name) {
            $this->students[$name] = Student::factory()->create(['name' => $name]);
            $this->class->students()->attach($this->students[$name]);
        }
        $this->worksheet = Worksheet::factory()
            ->withPages(
                new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 2.0, key: ['ebb tide']),
                new AnswerBox('b', Frame::of(50, 200, 200, 18), prompt: 'Depth', points: 1.0, key: ['12 m']),
            )
            ->create(['teacher_id' => $this->teacher->id]);
    }

    public function test_each_team_gets_one_copy_and_who_is_in_none_their_own(): void
    {
        $this->handOut(Mode::TeamCopy);

        $copies = Copy::with(['student', 'students'])->orderBy('id')->get();
        $this->assertSame(
            [['Gulls', ['Ada', 'Ben']], ['Terns', ['Cleo', 'Dara']], ['Edwin', ['Edwin']]],
            $copies->map(fn (Copy $copy): array => [$copy->whose(), $copy->people()->pluck('name')->all()])->all(),
        );
        $this->desks()->assertSeeInOrder(['Edwin', 'Gulls', 'Terns']);
    }

    public function test_the_whole_class_shares_one_and_who_comes_later_joins_it(): void
    {
        $this->handOut(Mode::ClassCopy);
        $late = Student::factory()->create(['name' => 'Farah']);
        app(JoinClass::class)($this->class, [$late->id]);

        $copy = Copy::with('students')->sole();
        $this->assertSame('6 Heron', $copy->whose());
        $this->assertSame(['Ada', 'Ben', 'Cleo', 'Dara', 'Edwin', 'Farah'], $copy->people()->pluck('name')->all());
        $this->actingAs($late, 'student')->get(route('day'))->assertSee(route('copies.show', $copy));
    }

    public function test_only_the_team_and_its_teacher_see_it(): void
    {
        $this->handOut(Mode::TeamCopy);
        $gulls = $this->copyOf('Gulls');
        foreach (['Ada' => 200, 'Ben' => 200, 'Cleo' => 403, 'Edwin' => 403] as $name => $status) {
            $this->as($name)->get(route('copies.show', $gulls))->assertStatus($status);
            $this->pulse($name, $gulls)->assertStatus($status);
            $this->save($name, $gulls, '1.b', '', $name, 1)->assertStatus($status);
        }
        $this->assertSame('Ada Ben', $gulls->refresh()->written()->text('1.b'));
        $this->actingAs($this->teacher, 'teacher')
            ->get(route('desks.copy', $gulls))
            ->assertOk()
            ->assertSee('Ada and Ben');
    }

    public function test_what_two_write_in_one_place_is_put_together_and_both_hear_of_it(): void
    {
        $this->handOut(Mode::TeamCopy);
        $gulls = $this->copyOf('Gulls');
        $this->save('Ada', $gulls, '1.a', '', 'ebb', 1)->assertJson(['merged' => []]);
        $this->save('Ben', $gulls, '1.a', '', 'tide', 1)->assertJsonPath('merged', ['1.a' => 'ebb tide']);
        // Sent again, because the reply was lost.
        $this->save('Ben', $gulls, '1.a', '', 'tide', 1)->assertJsonPath('merged', ['1.a' => 'ebb tide']);

        $this->pulse('Ada', $gulls, 1, '1.a')
            ->assertJsonPath('company.answers', ['1.a' => 'ebb tide'])
            ->assertJsonPath('company.writers', ['1.a' => 'Ben'])
            ->assertJsonPath('company.filled', 1);
        $this->pulse('Ben', $gulls, 2)->assertJsonPath('company.people', [['name' => 'Ada', 'place' => '1.a']]);
        $this->travel(7)->seconds();
        $this->pulse('Ben', $gulls, 2)->assertJsonPath('company.people', []);
    }

    public function test_it_is_handed_in_when_the_others_were_told(): void
    {
        $this->handOut(Mode::TeamCopy);
        $gulls = $this->copyOf('Gulls');
        $this->pulse('Ben', $gulls);

        $this->handIn('Ada', $gulls);
        $this->assertSame(CopyState::NotOpened, $gulls->refresh()->state);
        $this->pulse('Ben', $gulls)->assertJsonPath('company.asked', ['name' => 'Ada', 'mine' => false, 'left' => 15]);
        $this->as('Ben')->postJson(route('copies.not-yet', $gulls))->assertNoContent();
        $this->pulse('Ada', $gulls)->assertJsonPath('company.asked', null);

        $this->handIn('Ada', $gulls);
        $this->travel(14)->seconds();
        $this->pulse('Ben', $gulls);
        $this->handIn('Ada', $gulls);
        $this->assertNotSame(CopyState::HandedIn, $gulls->refresh()->state);
        $this->travel(1)->seconds();
        $this->handIn('Ada', $gulls);
        $this->assertSame(CopyState::HandedIn, $gulls->refresh()->state);
        $this->pulse('Ben', $gulls)->assertJsonPath('company.over', true);
    }

    public function test_who_is_alone_at_it_and_two_who_want_it_need_not_wait(): void
    {
        $this->handOut(Mode::TeamCopy);
        $this->handIn('Ada', $this->copyOf('Gulls'));
        $this->assertSame(CopyState::HandedIn, $this->copyOf('Gulls')->state);

        $terns = $this->copyOf('Terns');
        $this->pulse('Dara', $terns);
        $this->pulse('Cleo', $terns);
        $this->handIn('Cleo', $terns);
        $this->handIn('Dara', $terns);
        $this->assertSame(CopyState::HandedIn, $terns->refresh()->state);
    }

    public function test_who_leaves_before_it_is_out_is_no_longer_of_the_team(): void
    {
        $this->handOut(Mode::TeamCopy, prepared: true);
        app(LeaveClass::class)($this->class, $this->students['Ben']);
        $this->assertSame(['Ada'], $this->copyOf('Gulls')->people()->pluck('name')->all());
    }

    public function test_pictures_and_the_next_thing_to_do_are_those_of_the_team_too(): void
    {
        $this->handOut(Mode::TeamCopy);
        $other = $this->handOut(Mode::ClassCopy);
        $gulls = Copy::where('name', 'Gulls')->sole();
        $this->as('Ada')->get(route('copies.show', $gulls))->assertOk()->assertSee('Ada and Ben');
        $picture = StoredFile::create(['sha256' => str_repeat('ab', 32), 'bytes' => 9, 'media_type' => 'image/png']);
        $gulls->giveFile($picture);
        foreach (['Ada' => true, 'Ben' => true, 'Cleo' => false] as $name => $sees) {
            $this->assertSame($sees, Gate::forUser($this->students[$name])->allows('see', $picture), $name);
        }
        $this->assertSame($other->id, $gulls->nextOfTheDay($this->students['Ben'])?->item()->sole()->handout_id);
    }

    public function test_marks_are_the_teams_and_changed_for_one(): void
    {
        $handout = $this->handOut(Mode::TeamCopy);
        $gulls = $this->copyOf('Gulls');
        $this->save('Ada', $gulls, '1.a', '', 'ebb tide', 1);
        $this->handIn('Ada', $gulls);
        $this->actingAs($this->teacher, 'teacher');
        $points = route('sharers.points', [$gulls, $this->students['Ben']->id]);
        $this->put($points, ['points' => '1,5'])->assertRedirect();
        $this->put($points, ['points' => 'all'])
            ->assertSessionHasErrors('points');
        $this->put(route('sharers.points', [$gulls, $this->students['Cleo']->id]), ['points' => '1'])
            ->assertSessionHasErrors('student');
        $this->post(route('copies.excuse', $this->copyOf('Terns')), [
            'student' => $this->students['Cleo']->id,
            'excused' => '1',
        ]);

        $rows = array_column(
            array_map(
                fn (ResultsRow $row): array => [$row->student, $row->total?->words(), $row->excused],
                ResultsTable::of($handout, app(MarkByKey::class), app(School::class))->rows,
            ),
            null,
            0,
        );
        $this->assertSame(['Ada', '2', false], $rows['Ada']);
        $this->assertSame(['Ben', '1.5', false], $rows['Ben']);
        $this->assertTrue($rows['Cleo'][2]);
        $this->assertFalse($rows['Dara'][2]);

        app(HandBack::class)($gulls->item()->sole(), [$gulls->id], now());
        $this->as('Ada')->get(route('copies.show', $gulls))->assertSee('2 of 3 points');
        $this->as('Ben')->get(route('copies.show', $gulls))->assertSee('1.5 of 3 points');
    }

    public function test_a_student_goes_to_another_team_or_works_alone(): void
    {
        $this->handOut(Mode::TeamCopy);
        [$gulls, $terns] = [$this->copyOf('Gulls'), $this->copyOf('Terns')];
        $this->actingAs($this->teacher, 'teacher');
        $this->post(route('sharers.join', $terns), ['student' => $this->students['Ben']->id])->assertRedirect();
        $this->post(route('sharers.join', $terns), ['student' => $this->students['Edwin']->id]);
        $this->assertSame(['Ada'], $gulls->students()->pluck('name')->all());
        $this->assertSame(['Ben', 'Cleo', 'Dara', 'Edwin'], $terns->students()->pluck('name')->all());
        $this->assertSame(0, Copy::whereNotNull('student_id')->count());

        $this->delete(route('sharers.leave', [$terns, $this->students['Dara']->id]));
        $dara = Copy::where('student_id', $this->students['Dara']->id)->sole();
        $this->delete(route('sharers.leave', [$gulls, $this->students['Ada']->id]))->assertSessionHasErrors('student');
        $this->as('Dara')->patchJson(route('copies.save', $dara), ['draft' => [
            'base' => 0,
            'window' => 'dara0000',
            'answers' => ['1.a' => 'flood'],
        ]])->assertOk();
        $this->actingAs($this->teacher, 'teacher')
            ->post(route('sharers.join', $gulls), ['student' => $this->students['Dara']->id])
            ->assertSessionHasErrors([
                'student' => 'Dara has begun a copy alone, which would be lost. They stay alone for this worksheet.',
            ]);
    }

    public function test_a_fresh_copy_is_for_all_of_the_team(): void
    {
        $this->handOut(Mode::TeamCopy);
        $gulls = $this->copyOf('Gulls');
        $this->save('Ada', $gulls, '1.a', '', 'ebb', 1);
        $item = $gulls->item()->with(['edition.revisions', 'handout'])->sole();
        app(GiveFreshCopies::class)($item, [$gulls->id], false);
        $this->assertSame('', $gulls->refresh()->written()->text('1.a'));
        // What was on its way to the used one is kept with it, and is in no fresh one.
        $this->save('Ben', $gulls, '1.a', '', 'late', 1)->assertConflict();
        $this->assertSame(2, $gulls->refresh()->attempt);
    }

    private function handOut(Mode $mode, bool $prepared = false): Handout
    {
        $teams = app(MakeTeams::class)->dealt(
            $this->class,
            'Boats',
            array_map(fn (string $name): int => $this->students[$name]->id, ['Ada', 'Cleo', 'Ben', 'Dara']),
            2,
        );
        $teams->teams()->where('position', 1)->update(['name' => 'Gulls']);
        $teams->teams()->where('position', 2)->update(['name' => 'Terns']);

        return app(HandOutWorksheets::class)($this->teacher, new HandoutPlan(
            'Tides',
            '',
            null,
            null,
            [[$this->worksheet, $mode]],
            [$this->class],
            prepared: $prepared,
        ));
    }

    private function copyOf(string $team): Copy
    {
        return Copy::with(['students', 'student'])->where('name', $team)->sole();
    }

    private function as(string $name): self
    {
        return $this->actingAs($this->students[$name], 'student');
    }

    private function pulse(string $name, Copy $copy, int $seen = 0, string $place = ''): TestResponse
    {
        return $this->as($name)->postJson(route('copies.pulse', $copy), [
            'window' => strtolower($name).'0000',
            'seen' => $seen,
            'place' => $place,
        ]);
    }

    private function save(string $name, Copy $copy, string $place, string $was, string $text, int $n): TestResponse
    {
        return $this->as($name)->patchJson(route('copies.save', $copy), ['draft' => [
            'base' => 0,
            'window' => strtolower($name).'0000',
            'answers' => [$place => $text],
            'was' => [$place => $was],
            'number' => $n,
        ]]);
    }

    private function handIn(string $name, Copy $copy): void
    {
        $this->as($name)->post(route('copies.hand-in', $copy))->assertRedirect();
    }

    private function desks(): TestResponse
    {
        return $this->actingAs($this->teacher, 'teacher')->get(route('desks', Handout::sole()));
    }
}
