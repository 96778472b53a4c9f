<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\PreparePages;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Jobs\PrepareMaster;
use App\Models\Backdrop;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RuntimeException;
use Tests\Support\PdfMaker;
use Tests\TestCase;

final class BringInTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_file_is_kept_byte_for_byte_and_its_pages_come_one_by_one(): void
    {
        Queue::fake();
        $teacher = Teacher::factory()->create();
        $path = PdfMaker::file(PdfMaker::make(array_fill(0, 3, ['words' => 'x'])));
        $sha256 = hash_file('sha256', $path);
        $response = $this->actingAs($teacher, 'teacher')->postJson('/worksheets', ['file' => new UploadedFile($path, 'harbour_log-book.pdf', null, null, true)])->assertCreated();

        $master = Worksheet::sole();
        $this->assertSame(route('worksheets.show', $master), $response->json('url'));
        $this->assertSame(['Harbour log book', WorksheetState::Preparing, 3], [$master->name, $master->state, $master->pages_total]);
        $this->assertSame($sha256, hash_file('sha256', app(FileStore::class)->path((string) $sha256)));
        $this->getJson("/worksheets/{$master->id}/progress")->assertJson(['state' => 'preparing', 'done' => 0, 'total' => 3]);
        $this->get('/shelf')->assertSee('Preparing: 0 of 3 pages');

        Queue::assertPushed(PrepareMaster::class, 1);
        app()->call([new PrepareMaster($master->id), 'handle']);
        $progress = $this->getJson("/worksheets/{$master->id}/progress?have=1,2")->assertJson(['state' => 'ready', 'done' => 3])->json('pages');
        $this->assertSame([3], array_column($progress, 'number'));
        $this->assertStringContainsString('Page 3', $progress[0]['html']);
    }

    public function test_the_same_file_again_is_stored_and_drawn_only_once(): void
    {
        $path = PdfMaker::file(PdfMaker::make([['words' => 'x'], []]));
        $first = app(BringInFile::class)(Teacher::factory()->create(), $path, 'a.pdf')->refresh();
        $files = StoredFile::count();
        $second = app(BringInFile::class)(Teacher::factory()->create(), $path, 'b.pdf')->refresh();

        $this->assertSame($files, StoredFile::count());
        $this->assertSame(2, Backdrop::count());
        $this->assertSame(WorksheetState::Ready, $second->state);
        $this->assertSame($first->pages->pluck('backdrop_id')->all(), $second->pages->pluck('backdrop_id')->all());
    }

    public function test_preparing_that_was_cut_off_goes_on_with_what_is_missing(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make(array_fill(0, 5, ['words' => 'x']))), 'a.pdf');
        app(PreparePages::class)($master);
        // As if the worker had been killed after two pages.
        $master->pages()->where('position', '>', 2)->delete();
        Backdrop::where('page', '>', 2)->delete();
        $master->update(['state' => WorksheetState::Preparing]);
        $kept = $master->pages()->pluck('id')->all();

        app()->call([new PrepareMaster($master->id), 'handle']);

        $this->assertSame(WorksheetState::Ready, $master->refresh()->state);
        $this->assertSame([1, 2, 3, 4, 5], $master->pages()->pluck('position')->all());
        $this->assertSame($kept, $master->pages()->limit(2)->pluck('id')->all());
    }

    public function test_what_cannot_be_drawn_after_all_leaves_no_half_made_pages(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[], []])), 'a.pdf');
        config(['slate.tools.megabytes' => 1]);
        app()->call([new PrepareMaster($master->id), 'handle']);

        $this->assertSame(WorksheetState::Failed, $master->refresh()->state);
        $this->assertNotEmpty($master->problem);
        $this->assertSame(0, $master->pages()->count());
        $this->actingAs($master->teacher, 'teacher')->get("/worksheets/{$master->id}")->assertOk()->assertSee((string) $master->problem);
        $this->get("/worksheets/{$master->id}/boxes")->assertRedirect("/worksheets/{$master->id}");
    }

    public function test_what_a_dead_worker_was_at_is_taken_up_by_the_next(): void
    {
        config(['queue.default' => 'database']);
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        DB::table('jobs')->update(['reserved_at' => now()->timestamp, 'attempts' => 1]);
        $this->artisan('queue:work', ['--once' => true]);
        $this->assertSame(WorksheetState::Preparing, $master->refresh()->state);

        $this->artisan('slate:resume')->assertSuccessful();
        $this->artisan('queue:work', ['--once' => true]);
        $this->assertSame(WorksheetState::Ready, $master->refresh()->state);
        // Then blanks are looked for.
        $this->artisan('queue:work', ['--once' => true]);
        $this->assertNotNull(Backdrop::sole()->blanks);
        $this->assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_job_that_fails_for_good_says_so(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        (new PrepareMaster($master->id))->failed(new RuntimeException('killed'));

        $this->assertSame(WorksheetState::Failed, $master->refresh()->state);
    }

    public function test_other_programs_are_held_to_their_time(): void
    {
        config(['slate.tools.seconds' => 0.001]);
        $this->expectException(FileRefused::class);
        app(BringInFile::class)(Teacher::factory()->create(), database_path('demo/working-harbour-pack.pdf'), 'a.pdf');
    }

    public function test_a_file_too_large_for_the_web_server_is_refused_in_words(): void
    {
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->call('POST', '/worksheets', [], [], [], ['CONTENT_LENGTH' => 10 ** 12, 'HTTP_ACCEPT' => 'application/json'])
            ->assertStatus(413)->assertJsonFragment(['code' => 'too_large']);
    }
}
