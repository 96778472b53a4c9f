<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CutPageSet;
use App\Actions\EmptyBin;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\Models\Unit;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** The shelf: units in the teacher's own order, worksheets in them, where each comes from and where it went. */
final class ShelfTest extends TestCase
{
    use RefreshDatabase;

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_units_stand_in_the_teachers_own_order_and_worksheets_in_them_the_latest_first(): void
    {
        [$tides, $boats] = [$this->unit('Tides'), $this->unit('Boats')];
        $old = $this->worksheet('Old table');
        $new = $this->worksheet('New table');
        Worksheet::whereKey($old->id)->update(['updated_at' => now()->subDay()]);
        foreach ([$old, $new] as $worksheet) {
            $this->putJson("/worksheets/{$worksheet->id}/unit", ['unit' => $tides->id])->assertNoContent();
        }
        $this->assertTrue($old->refresh()->updated_at->isYesterday(), 'to be put away is not to be worked on');
        $this->get('/shelf')->assertSeeInOrder(['Tides</h2>', 'New table', 'Old table', 'Boats</h2>'], false);

        $this->post("/units/{$boats->id}/move", ['way' => 'up'])->assertRedirect('/shelf');
        $this->get('/shelf')->assertSeeInOrder(['Boats</h2>', 'Tides</h2>'], false);
        $this->post("/units/{$boats->id}/move", ['way' => 'up'])->assertRedirect('/shelf');
        $this->patchJson("/units/{$boats->id}", ['name' => ' Parts of a boat '])->assertJson([
            'name' => 'Parts of a boat',
        ]);
        $this->patchJson("/units/{$boats->id}", ['name' => ' '])->assertUnprocessable();
        $this->post('/units', ['name' => str_repeat('x', 81)])->assertSessionHasErrors('name');
    }

    public function test_a_unit_deleted_with_worksheets_in_it_leaves_them_on_the_shelf_and_can_be_put_back(): void
    {
        $tides = $this->unit('Tides');
        $other = $this->unit('Boats');
        [$one, $two] = [$this->worksheet('One'), $this->worksheet('Two')];
        foreach ([$one, $two] as $worksheet) {
            $worksheet->update(['unit_id' => $tides->id]);
        }
        $this->delete("/units/{$tides->id}")->assertRedirect('/shelf');
        $this->get('/shelf')
            ->assertSee('its 2 worksheets stand under No unit')
            ->assertSeeInOrder(['No unit</h2>', 'One'], false)
            ->assertDontSee('Tides</h2>', false);
        $this->putJson("/worksheets/{$one->id}/unit", ['unit' => $tides->id])
            ->assertUnprocessable()
            ->assertSee('not on your shelf any more');
        $two->update(['unit_id' => $other->id]);
        $this->get('/bin')->assertSee('Tides');
        $this->post("/units/{$tides->id}/put-back")->assertRedirect('/shelf');
        $this->assertSame([$tides->id, $other->id], [$one->refresh()->unit_id, $two->refresh()->unit_id]);

        $this->delete("/units/{$tides->id}");
        $this->travel(31)->days();
        app(EmptyBin::class)();
        $this->assertNull(Unit::withTrashed()->find($tides->id));
        $this->assertNull($one->refresh()->unit_id);
    }

    public function test_a_worksheet_goes_into_no_unit_of_another_teacher(): void
    {
        $theirs = Teacher::factory()
            ->create()
            ->units()
            ->create(['name' => 'Theirs', 'position' => 1]);
        $this->putJson("/worksheets/{$this->worksheet('One')->id}/unit", [
            'unit' => $theirs->id,
        ])->assertUnprocessable();
        $this->delete("/units/{$theirs->id}")->assertForbidden();
    }

    public function test_a_worksheet_says_where_it_comes_from_and_where_and_when_it_was_handed_out(): void
    {
        $this->unit('Tides');
        $master = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[], [], []])
            ->create(['name' => 'Workbook', 'unit_id' => Unit::sole()->id]);
        $set = app(CutPageSet::class)($master, [2, 3], 'Days 2 and 3');
        app(CutPageSet::class)($master, [1], 'Day 1');
        $this->assertSame(Unit::sole()->id, $set->unit_id, 'a set stands by its master');
        $class = SchoolClass::factory()
            ->for($this->teacher)
            ->create(['name' => '6 Heron']);
        $other = SchoolClass::factory()
            ->for($this->teacher)
            ->create(['name' => '6 Curlew']);
        $this->travelTo(now()->setTime(9, 5));
        foreach ([[$class], [$other], [$class, $other]] as $classes) {
            app(HandOutWorksheets::class)(
                $this->teacher,
                new HandoutPlan('T', '', null, null, [[$set, Mode::OwnCopy]], $classes),
            );
        }
        $this->get('/shelf')
            ->assertSee('Pages 2, 3 of Workbook')
            ->assertSee('Page 1 of Workbook')
            ->assertSeeInOrder(['Handed out: 6 Curlew and 6 Heron, ', '6 Curlew, ', 'and 1 time before']);
    }

    public function test_two_sets_of_one_name_are_told_apart(): void
    {
        $master = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[], [], []])
            ->create(['name' => 'Workbook']);
        $master->pages()->update(['role' => 'student']);
        $this->post("/worksheets/{$master->id}/sets", ['pages' => '1', 'name' => 'Day']);
        $this->post("/worksheets/{$master->id}/sets", ['pages' => '2', 'name' => ' Day '])->assertSessionHasErrors([
            'name' => 'There is a set “Day” already. Give this one another name.',
        ]);
        $this->post("/worksheets/{$master->id}/cuts", ['by' => 'every', 'every' => 1, 'pattern' => 'Day']);
        $this->assertSame(
            ['Day', 'Day (2)', 'Day (3)', 'Day (4)'],
            $master->sets()->orderBy('id')->pluck('name')->all(),
        );
        $this->post("/worksheets/{$master->id}/sets", ['pages' => '', 'name' => 'Empty'])->assertSessionHasErrors(
            'pages',
        );
    }

    private function unit(string $name): Unit
    {
        $this->post('/units', ['name' => $name])->assertRedirect('/shelf');

        return Unit::where('name', $name)->sole();
    }

    private function worksheet(string $name): Worksheet
    {
        return Worksheet::factory()
            ->for($this->teacher)
            ->withPages()
            ->create(['name' => $name]);
    }
}
