<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Team;
use App\Models\TeamSet;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The teams of a class: a student is in one of each set. */
final class TeamsTest extends TestCase
{
    use RefreshDatabase;

    private SchoolClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create();
        $this->class = SchoolClass::factory()->of($teacher)->create();
        foreach (range(1, 7) as $n) {
            $this->class->students()->attach(Student::factory()->create(['name' => "Student {$n}"]));
        }
        $this->actingAs($teacher, 'teacher');
    }

    /** @return array<string, array{array<string, mixed>, list<int>}> what is sent, and how large the teams become */
    public static function ways(): array
    {
        return [
            'three by chance' => [['by' => 'chance', 'number' => 3], [3, 2, 2]],
            'at most two in each' => [['by' => 'chance', 'number' => 2, 'each' => '1'], [2, 2, 2, 1]],
            'by name' => [['by' => 'names', 'number' => 2], [4, 3]],
            'to be filled by hand' => [['by' => 'hand', 'number' => 4], [0, 0, 0, 0]],
            'more teams than students' => [['by' => 'names', 'number' => 9], [1, 1, 1, 1, 1, 1, 1, 0, 0]],
        ];
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  list<int>  $sizes
     */
    #[DataProvider('ways')]
    public function test_they_are_made(array $sent, array $sizes): void
    {
        $this->make($sent);
        $this->assertSame($sizes, Team::withCount('students')->orderBy('position')->pluck('students_count')->all());
        $this->get($this->at())->assertOk()->assertSee('Boats');
    }

    public function test_a_student_is_dragged_from_one_team_to_another_and_out_of_all(): void
    {
        $this->make(['by' => 'names', 'number' => 2]);
        [$one, $other] = Team::orderBy('position')->get()->all();
        $student = $one->students()->firstOrFail();
        $set = TeamSet::sole();
        $move = fn (?Team $to) => $this->putJson($this->at("/{$set->id}"), [
            'student' => $student->id,
            'team' => $to?->id,
        ]);
        $move($other)->assertOk();
        $this->assertSame([3, 4], [$one->students()->count(), $other->students()->count()]);
        $move($other)->assertOk();
        $move(null)->assertOk();
        $this->assertSame(0, DB::table('team_students')->where('student_id', $student->id)->count());
        $this->assertReads('In no team 1', $this->get($this->at()));

        $this->putJson($this->at("/{$set->id}"), ['student' => Student::factory()->create()->id, 'team' => $one->id])
            ->assertUnprocessable();
        $strange = Team::create(['team_set_id' => $this->elsewhere()->id, 'name' => 'X', 'position' => 1]);
        $move($strange)->assertUnprocessable();
    }

    public function test_as_last_time_without_those_who_left(): void
    {
        $this->make(['by' => 'names', 'number' => 2]);
        $first = TeamSet::sole();
        $this->patch($this->at("/{$first->id}"), ['names' => [$first->teams[0]?->id => 'Gulls']]);
        $gone = $first->teams()->firstOrFail()->students()->firstOrFail();
        $this->post("/classes/{$this->class->id}/students/{$gone->id}/leave");
        $this->make(['by' => 'like', 'like' => $first->id, 'name' => 'Again']);
        $again = TeamSet::where('name', 'Again')->sole();
        $this->assertSame(['Gulls', 'Team 2'], $again->teams()->pluck('name')->all());
        $this->assertSame([3, 3], $again->teams()->withCount('students')->pluck('students_count')->all());
        $this->assertSame(4, $first->teams()->firstOrFail()->students()->count(), 'what was is as it was');
    }

    public function test_they_are_renamed_and_thrown_away_and_only_in_their_class(): void
    {
        $this->make(['by' => 'names', 'number' => 2]);
        $set = TeamSet::sole();
        $id = $set->teams()->firstOrFail()->id;
        $this->patch($this->at("/{$set->id}"), ['names' => [$id => '']])->assertSessionHasErrors("names.{$id}");
        $strange = $this->elsewhere();
        $this->delete($this->at("/{$strange->id}"))->assertNotFound();
        $this->delete($this->at("/{$set->id}"))->assertRedirect();
        $this->assertSame(0, DB::table('team_students')->count());
    }

    public function test_what_is_missing_is_said(): void
    {
        foreach (['name' => '', 'by' => 'magic', 'number' => 0] as $field => $wrong) {
            $this->post($this->at(), [$field => $wrong] + ['name' => 'B', 'by' => 'chance', 'number' => 2])
                ->assertSessionHasErrors($field);
        }
        $like = ['name' => 'B', 'by' => 'like', 'like' => $this->elsewhere()->id];
        $this->post($this->at(), $like)->assertSessionHasErrors('like');
    }

    public function test_where_it_is_handed_out_a_team_ticks_its_students(): void
    {
        $this->make(['by' => 'names', 'number' => 2]);
        $worksheet = Worksheet::factory()->withPages()->create(['teacher_id' => auth('teacher')->id()]);
        $ids = Team::orderBy('position')->firstOrFail()->students->modelKeys();
        $this->get("/worksheets/{$worksheet->id}/hand-out")
            ->assertSee('data-team-ticks="'.implode(',', $ids).'"', false);
    }

    /** @param  array<string, mixed>  $sent */
    private function make(array $sent): void
    {
        $this->post($this->at(), $sent + ['name' => 'Boats'])->assertSessionHasNoErrors()->assertRedirect();
    }

    private function elsewhere(): TeamSet
    {
        return TeamSet::create(['school_class_id' => SchoolClass::factory()->create()->id, 'name' => 'Strange']);
    }

    private function at(string $more = ''): string
    {
        return "/classes/{$this->class->id}/teams{$more}";
    }
}
