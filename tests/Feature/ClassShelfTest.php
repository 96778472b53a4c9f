<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\LeaveSchool;
use App\Actions\PutOnClassShelf;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use Tests\TestCase;

/** What a class may read at any time, and take a copy of when somebody wants one. */
final class ClassShelfTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    private SchoolClass $class;

    private Student $ann;

    private Student $bo;

    private Worksheet $tides;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create()->refresh();
        $this->class = SchoolClass::factory()->of($this->teacher)->create(['name' => '6 Heron']);
        $this->ann = Student::factory()->create(['name' => 'Ann'])->refresh();
        $this->bo = Student::factory()->create(['name' => 'Bo'])->refresh();
        $this->class->students()->attach([$this->ann->id, $this->bo->id]);
        $this->tides = $this->worksheet('Tides');
    }

    public function test_it_is_read_by_the_class_and_nobody_has_a_copy_before_they_take_one(): void
    {
        $item = $this->shelve($this->tides);
        $this->assertSame(0, Copy::count());
        $this->actingAs($this->ann, 'student');
        $this->get('/my/shelf')->assertSee('Tides')->assertSee('Take a copy');
        $this->get("/my/readings/{$item->id}")->assertOk()->assertSee('Take');
        $this->get('/my/day')->assertSee('Nothing is set for you');
        $this->actingAs(Student::factory()->create(), 'student');
        $this->get("/my/readings/{$item->id}")->assertForbidden();
        $this->post("/my/shelf/{$item->id}")->assertForbidden();
    }

    public function test_a_student_takes_one_and_the_teacher_sees_who(): void
    {
        $item = $this->shelve($this->tides);
        $this->actingAs($this->ann, 'student')->post("/my/shelf/{$item->id}")->assertRedirect();
        $this->post("/my/shelf/{$item->id}");
        $copy = Copy::sole();
        $this->assertSame($this->ann->id, $copy->student_id);
        $this->get("/my/copies/{$copy->id}")->assertOk();
        $this->type($copy, 'ebb');
        $this->get('/my/shelf')->assertSee('Go on')->assertSee('Throw my copy away');
        $this->actingAs($this->bo, 'student')->get("/my/copies/{$copy->id}")->assertForbidden();

        $this->actingAs($this->teacher, 'teacher');
        $this->assertReads('1 copy taken', $this->get("/classes/{$this->class->id}/shelf"));
        $this->get("/handouts/{$item->handout_id}")->assertOk()->assertSee('Ann')->assertDontSee('Bo');
        $this->get("/handouts/{$item->handout_id}/change")->assertForbidden();
        $this->get('/handouts')->assertDontSee('Class shelf');
    }

    public function test_one_taken_by_mistake_is_thrown_away_and_comes_back_as_it_was(): void
    {
        $item = $this->shelve($this->tides);
        $this->actingAs($this->ann, 'student')->post("/my/shelf/{$item->id}");
        $copy = Copy::sole();
        $this->type($copy, 'ebb');
        $this->actingAs($this->bo, 'student')->post("/my/copies/{$copy->id}/throw-away")->assertForbidden();
        $this->actingAs($this->ann, 'student')->post("/my/copies/{$copy->id}/throw-away")->assertRedirect('/my/shelf');
        $this->get("/my/copies/{$copy->id}")->assertForbidden();
        $this->type($copy, 'flood', 403);
        $this->get('/my/shelf')->assertSee('Thrown away')->assertSee('Put it back');
        $this->actingAs($this->teacher, 'teacher');
        $this->assertReads('no copy taken', $this->get("/classes/{$this->class->id}/shelf"));
        $this->actingAs($this->bo, 'student')->post("/my/copies/{$copy->id}/put-back")->assertForbidden();

        $this->actingAs($this->ann, 'student')->post("/my/copies/{$copy->id}/put-back")->assertRedirect();
        $this->get("/my/copies/{$copy->id}")->assertOk()->assertSee('ebb');
        $this->post("/my/copies/{$copy->id}/put-back")->assertForbidden();
        $this->post("/my/copies/{$copy->id}/throw-away");
        $this->post("/my/shelf/{$item->id}")->assertRedirect("/my/copies/{$copy->id}");
        $this->assertStringContainsString('ebb', (string) $copy->refresh()->getRawOriginal('work'));
    }

    public function test_what_is_taken_off_is_read_no_more_and_copies_stay(): void
    {
        $item = $this->shelve($this->tides);
        $this->actingAs($this->ann, 'student')->post("/my/shelf/{$item->id}");
        $this->actingAs($this->teacher, 'teacher')->delete("/classes/{$this->class->id}/shelf/{$item->id}");
        $this->actingAs($this->bo, 'student')->get("/my/readings/{$item->id}")->assertForbidden();
        $this->post("/my/shelf/{$item->id}")->assertForbidden();
        $this->actingAs($this->ann, 'student')->get('/my/shelf')->assertSee('Copies that you took before');
        $this->get('/my/copies/'.Copy::sole()->id)->assertOk();
    }

    public function test_put_there_again_it_is_there_once_as_it_is_now(): void
    {
        $old = $this->shelve($this->tides);
        $this->tides->update(['name' => 'Tides, mended']);
        $new = $this->shelve($this->tides);
        $this->assertNotNull($old->refresh()->off_shelf_at);
        $this->actingAs($this->ann, 'student')->get('/my/shelf')->assertSee('Tides, mended');
        $this->assertSame(1, Handout::where('shelf_of', $this->class->id)->count());
        $this->assertSame('Tides, mended', $new->edition->name);
    }

    public function test_a_leavers_shelf_is_the_colleagues_and_goes_with_who_keeps_the_class_no_more(): void
    {
        $other = Teacher::factory()->create()->refresh();
        $this->class->teachers()->attach($other);
        $mine = $this->shelve($this->tides);
        $theirs = Worksheet::factory()->withPages()->create(['teacher_id' => $other->id, 'name' => 'Charts']);
        app(PutOnClassShelf::class)($other, $this->class, [$theirs]);
        app(LeaveSchool::class)($other, $this->teacher);
        $this->get("/classes/{$this->class->id}/shelf")->assertSee('Charts')->assertSee('Tides');
        $charts = HandoutItem::whereKeyNot($mine->id)->sole();
        $this->delete("/classes/{$this->class->id}/shelf/{$charts->id}")->assertSessionHasNoErrors();
        $this->assertNotNull($charts->refresh()->off_shelf_at);

        $this->class->teachers()->attach(Teacher::factory()->create());
        $this->delete("/classes/{$this->class->id}/teachers/{$this->teacher->id}");
        $this->actingAs($this->ann, 'student')->get('/my/shelf')->assertSee('Nothing is on the shelf');
    }

    public function test_who_joins_later_has_it_and_a_family_does_not_see_it(): void
    {
        $this->shelve($this->tides);
        $this->class->update(['family_token' => 'abc']);
        $this->get('/families/abc')->assertOk()->assertDontSee('Class shelf');
        $this->actingAs($this->teacher, 'teacher')->post("/classes/{$this->class->id}/students", ['names' => 'Cy New']);
        $this->actingAs(Student::where('name', 'Cy New')->sole(), 'student')->get('/my/shelf')->assertSee('Tides');
    }

    public function test_what_stands_on_it_is_in_the_order_of_units(): void
    {
        $unit = $this->teacher->units()->create(['name' => 'Rocks', 'position' => 1]);
        $this->worksheet('Zoo')->update(['unit_id' => $unit->id]);
        $this->actingAs($this->teacher, 'teacher')->post("/classes/{$this->class->id}/shelf", [
            'worksheets' => Worksheet::pluck('id')->all(),
        ]);
        $this->actingAs($this->ann, 'student')->get('/my/shelf')->assertSeeInOrder(['Rocks', 'Zoo', 'More', 'Tides']);
    }

    public function test_only_what_is_the_teachers_own_is_put_there(): void
    {
        $other = Worksheet::factory()->withPages()->create();
        $this->actingAs($this->teacher, 'teacher');
        foreach ([[$other->id], [], ['x'], 'x', null] as $wrong) {
            $this->post("/classes/{$this->class->id}/shelf", ['worksheets' => $wrong])
                ->assertSessionHasErrors('worksheets');
        }
        $elsewhere = SchoolClass::factory()->create();
        $this->post("/classes/{$elsewhere->id}/shelf", ['worksheets' => [$this->tides->id]])->assertForbidden();
        $item = $this->shelve($this->tides);
        $mine = SchoolClass::factory()->of($this->teacher)->create();
        $this->delete("/classes/{$mine->id}/shelf/{$item->id}")->assertNotFound();
    }

    private function worksheet(string $name): Worksheet
    {
        return Worksheet::factory()
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
            ->create(['teacher_id' => $this->teacher->id, 'name' => $name]);
    }

    private function shelve(Worksheet $worksheet): HandoutItem
    {
        $this->actingAs($this->teacher, 'teacher')
            ->post("/classes/{$this->class->id}/shelf", ['worksheets' => [$worksheet->id]])
            ->assertSessionHasNoErrors();

        return HandoutItem::latest('id')->firstOrFail();
    }

    private function type(Copy $copy, string $text, int $status = 200): void
    {
        $draft = ['base' => 0, 'window' => 'window', 'answers' => ['1.a' => $text]];
        $this->patchJson("/my/copies/{$copy->id}", ['draft' => $draft, 'page' => 1])->assertStatus($status);
    }
}
