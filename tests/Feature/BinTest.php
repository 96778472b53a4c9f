<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Actions\EmptyBin;
use App\Jobs\TakeTurn;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

final class BinTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Worksheet $worksheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->worksheet = Worksheet::factory()
            ->withPagesOf([[], []])
            ->create(['name' => 'Tides']);
        $this->actingAs($this->worksheet->teacher, 'teacher');
    }

    public function test_what_is_thrown_away_can_be_put_back_for_thirty_days(): void
    {
        $this->delete("/worksheets/{$this->worksheet->id}")->assertRedirect('/shelf');
        $this->get('/shelf')->assertSee('is in the bin for 30 days');
        $this->get("/worksheets/{$this->worksheet->id}")->assertNotFound();
        $this->get('/bin')->assertSee('Tides');

        $this->travel(29)->days();
        $this->post("/bin/{$this->worksheet->id}")->assertRedirect('/shelf');
        $this->get("/worksheets/{$this->worksheet->id}")->assertOk();
    }

    public function test_after_thirty_days_it_is_gone_unless_something_hangs_on_it(): void
    {
        $set = app(CutPageSet::class)($this->worksheet, [1], 'Half');
        $this->worksheet->delete();
        $set->delete();
        $this->travel(31)->days();
        $this->post("/bin/{$this->worksheet->id}")->assertForbidden();

        $this->assertSame(1, app(EmptyBin::class)());
        $this->assertNull(Worksheet::withTrashed()->find($set->id));
        $this->assertSame(1, app(EmptyBin::class)(), 'now nothing hangs on the master any more');
        $this->assertSame(0, Worksheet::withTrashed()->count());
    }

    public function test_a_master_thrown_away_while_it_is_prepared_is_whole_when_put_back(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)($this->worksheet->teacher, PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        $master->delete();
        app()->call([new TakeTurn, 'handle']);
        $this->assertNull($master->refresh()->stage, 'no worker begins again and again');
        $this->post("/bin/{$master->id}")->assertRedirect();

        $this->assertSame([WorksheetState::Ready, 1], [$master->refresh()->state, $master->pages()->count()]);
    }

    public function test_a_set_outlives_its_master_with_its_lineage(): void
    {
        $set = app(CutPageSet::class)($this->worksheet, [2], 'Second page');
        $this->worksheet->delete();

        $this->get('/shelf')->assertSee('Page 2 of Tides');
        $this->get("/worksheets/{$set->id}/boxes")->assertOk();
    }

    public function test_a_worksheet_is_renamed_where_it_stands(): void
    {
        $this->patchJson("/worksheets/{$this->worksheet->id}", ['name' => '  Tide times '])
            ->assertOk()
            ->assertJson(['name' => 'Tide times']);
        $this->patchJson("/worksheets/{$this->worksheet->id}", ['name' => ' '])->assertUnprocessable();
        $this->assertSame('Tide times', $this->worksheet->refresh()->name);
    }

    public function test_a_bin_is_its_teachers_alone(): void
    {
        $this->worksheet->delete();
        $this->actingAs(Teacher::factory()->create(), 'teacher');
        $this->get('/bin')->assertDontSee('Tides');
        $this->post("/bin/{$this->worksheet->id}")->assertForbidden();
    }
}
