<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Actions\EmptyBin;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\Models\Unit;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** The shelf: units in the teacher's own order, worksheets in them, where each comes from and where it went. */
final class ShelfTest extends TestCase
{
    use ReadsFilesOnce;
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
            ->assertSee('its 2 worksheets stand under “In no unit”')
            ->assertSeeInOrder(['In no unit</h2>', 'One'], false)
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
            ->of($this->teacher)
            ->create(['name' => '6 Heron']);
        $other = SchoolClass::factory()
            ->of($this->teacher)
            ->create(['name' => '6 Curlew']);
        $this->travelTo(now()->setTime(9, 5));
        foreach ([[$class], [$other], [$class, $other]] as $classes) {
            app(HandOutWorksheets::class)(
                $this->teacher,
                new HandoutPlan('T', '', null, null, [[$set, Mode::OwnCopy]], $classes),
            );
        }
        $this->get('/shelf')
            ->assertSeeInOrder(['Workbook</b>', '2 sets cut from it', 'Page 1.', 'Pages 2, 3.'], false)
            ->assertSeeInOrder([
                'Given to 6 Curlew and 6 Heron today at ',
                'Given to 6 Curlew today at ',
                'and 1 time before that',
            ]);
    }

    public function test_what_is_done_with_several_is_done_with_all_of_them_or_with_none(): void
    {
        $tides = $this->unit('Tides');
        [$one, $two] = [$this->worksheet('One'), $this->worksheet('Two')];
        $theirs = Worksheet::factory()
            ->for(Teacher::factory())
            ->withPagesOf([[]])
            ->create();
        foreach (['unit', 'bin', 'hand-out'] as $what) {
            foreach ([[$one->id, $theirs->id], [$one->id, 999999], [], ['x'], [$one->id, $one->id]] as $ids) {
                $this->post("/shelf/{$what}", ['worksheets' => $ids, 'unit' => $tides->id])->assertSessionHasErrors();
            }
        }
        $this->assertNull($one->refresh()->unit_id);

        $this->post('/shelf/unit', ['worksheets' => [$one->id, $two->id], 'unit' => $tides->id]);
        $this->assertSame([$tides->id, $tides->id], [$one->refresh()->unit_id, $two->refresh()->unit_id]);
        $this->post('/shelf/hand-out', ['worksheets' => [$one->id, $two->id]])->assertRedirect(
            "/worksheets/{$two->id}/hand-out?with={$one->id}",
        );
        $this->post('/shelf/bin', ['worksheets' => [$one->id, $two->id]]);
        $this->get('/shelf')->assertSee('2 worksheets</b> are in the bin', false)->assertDontSee('One</b>', false);
        $this->post('/shelf/put-back', ['worksheets' => [$one->id, $theirs->id]])->assertSessionHasErrors();
        $this->post('/shelf/put-back', ['worksheets' => [$one->id, $two->id]]);
        $this->get('/shelf')->assertSee('One</b>', false)->assertSee('Two</b>', false);
    }

    public function test_sets_go_with_their_master_to_another_unit_but_those_that_were_put_elsewhere_stay(): void
    {
        [$tides, $boats, $lights] = [$this->unit('Tides'), $this->unit('Boats'), $this->unit('Lights')];
        $master = Worksheet::factory()
            ->for($this->teacher)
            ->withPagesOf([[], []])
            ->create(['name' => 'Workbook', 'unit_id' => $tides->id]);
        [$with, $apart] = [
            app(CutPageSet::class)($master, [1], 'Day 1'),
            app(CutPageSet::class)($master, [2], 'Day 2'),
        ];
        $this->putJson("/worksheets/{$apart->id}/unit", ['unit' => $lights->id])->assertNoContent();
        $this->putJson("/worksheets/{$master->id}/unit", ['unit' => $boats->id])->assertNoContent();

        $this->assertSame(
            [$boats->id, $boats->id, $lights->id],
            [$master->refresh()->unit_id, $with->refresh()->unit_id, $apart->refresh()->unit_id],
        );
        $this->get('/shelf')->assertSeeInOrder(
            ['Boats</h2>', 'Workbook</b>', '1 set cut', 'Day 1</b>', 'Lights</h2>', 'Day 2</b>'],
            false,
        );
    }

    public function test_words_on_pages_are_found_in_print_and_laid_on_them_and_on_no_other_shelf(): void
    {
        $printed = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(PdfMaker::make([['words' => 'Nothing'], ['words' => 'The Pilot Cutter 100%']])),
            'pilot.pdf',
        );
        $laid = Worksheet::factory()
            ->for($this->teacher)
            ->withPages(new AnswerBox('b', Frame::of(10, 10, 90, 20), prompt: 'Où est la marée_haute?'))
            ->create(['name' => 'Laid']);
        Worksheet::factory()
            ->for(Teacher::factory())
            ->withPages(new AnswerBox('b', Frame::of(10, 10, 90, 20), prompt: 'pilot'))
            ->create();
        $find = fn (string $sought): array => (array) $this->getJson('/shelf/find?sought='.rawurlencode($sought))
            ->assertOk()
            ->json('pages');

        $this->assertSame([$printed->id => [2]], $find('CUTTER pilot'));
        $this->assertSame([$laid->id => [1]], $find('maree'));
        $this->assertSame([], $find('pilot nothing'));
        $this->assertSame([[], []], [$find('100_'), $find('')], 'no sign stands for others');
        $this->assertSame([[$printed->id => [2]], [$laid->id => [1]]], [$find('100%'), $find('e_h')]);

        app(ApplyEdit::class)(
            $laid->pages()->sole(),
            1,
            new Change(Selection::of(['b']), ['prompt' => 'Where is the wreck?']),
        );
        $this->assertSame([$laid->id => [1]], $find('wreck'));
        $this->assertSame([], $find('maree'));
    }

    public function test_a_page_in_small_uses_up_no_words_that_are_meant_for_the_next_screen(): void
    {
        [$gone, $stays] = [$this->worksheet('Gone'), $this->worksheet('Stays')];
        $this->delete("/worksheets/{$gone->id}")->assertRedirect('/shelf');
        $page = $stays->pages()->sole();
        $this->get("/pages/{$page->id}/small/{$page->revision}")->assertOk();
        $this->get("/pages/{$page->id}/small/99")->assertNotFound();
        $this->get('/shelf')->assertSee('Gone</b> is in the bin', false);
        $this->get('/shelf')->assertDontSee('Gone</b> is in the bin', false);
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
            ['Day', 'Day (2)', 'Day (3)'],
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
