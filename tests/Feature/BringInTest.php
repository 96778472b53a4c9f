<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\FileTurns;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\LimitedProcess;
use App\Jobs\TakeTurn;
use App\Models\Backdrop;
use App\Models\FileStage;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\Process\Process;
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
        $response = $this->actingAs($teacher, 'teacher')
            ->postJson('/worksheets', ['file' => new UploadedFile($path, 'harbour_log-book.pdf', null, null, true)])
            ->assertCreated();

        $master = Worksheet::sole();
        $this->assertSame(route('worksheets.show', $master), $response->json('url'));
        $this->assertSame(
            ['Harbour log book', WorksheetState::Preparing, 0],
            [$master->name, $master->state, $master->pages_total],
            'nothing of it is read while the teacher waits',
        );
        $this->assertSame($sha256, hash_file('sha256', app(FileStore::class)->path((string) $sha256)));
        $this->getJson("/worksheets/{$master->id}/progress")->assertJson([
            'state' => 'preparing',
            'done' => 0,
            'total' => 0,
        ]);
        $this->get('/shelf')->assertSee('Reading the file');

        Queue::assertPushed(TakeTurn::class, 1);
        app()->call([new TakeTurn, 'handle']);
        $progress = $this->getJson("/worksheets/{$master->id}/progress?have=1,2")
            ->assertJson(['state' => 'ready', 'done' => 3])
            ->json('pages');
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
        $master = app(BringInFile::class)(
            Teacher::factory()->create(),
            PdfMaker::file(PdfMaker::make(array_fill(0, 5, ['words' => 'x']))),
            'a.pdf',
        );
        app()->call([new TakeTurn, 'handle']);
        // As if the worker had been killed after two pages.
        $master->pages()->where('position', '>', 2)->delete();
        Backdrop::where('page', '>', 2)->delete();
        $master
            ->refresh()
            ->update([
                'state' => WorksheetState::Preparing,
                'stage' => FileStage::Draw,
                'claimed_by' => 'dead',
                'claimed_at' => now()->getTimestamp(),
            ]);
        $kept = $master->pages()->pluck('id')->all();

        app()->call([new TakeTurn, 'handle']);
        $this->assertSame(WorksheetState::Preparing, $master->refresh()->state, 'another worker has it');
        $this->artisan('slate:resume', ['--worker' => 'dead']);
        app()->call([new TakeTurn, 'handle']);

        $this->assertSame(WorksheetState::Ready, $master->refresh()->state);
        $this->assertSame([1, 2, 3, 4, 5], $master->pages()->pluck('position')->all());
        $this->assertSame($kept, $master->pages()->limit(2)->pluck('id')->all());
    }

    public function test_what_cannot_be_drawn_after_all_leaves_no_half_made_pages(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(
            Teacher::factory()->create(),
            PdfMaker::file(PdfMaker::make([[], []])),
            'a.pdf',
        );
        config(['slate.tools.megabytes' => 1]);
        app()->call([new TakeTurn, 'handle']);

        $this->assertSame(WorksheetState::Failed, $master->refresh()->state);
        $this->assertNotEmpty($master->problem);
        $this->assertSame(0, $master->pages()->count());
        $this->actingAs($master->teacher, 'teacher')
            ->get("/worksheets/{$master->id}")
            ->assertOk()
            ->assertSee((string) $master->problem);
        $this->get("/worksheets/{$master->id}/boxes")->assertRedirect("/worksheets/{$master->id}");
    }

    public function test_a_turn_ends_with_its_time_so_that_others_come_in_between(): void
    {
        Queue::fake();
        config(['slate.files.seconds_of_a_turn' => 0]);
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        $stages = [$master->refresh()->stage];
        for ($n = 0; $n < 20 && $master->stage !== null; $n++) {
            app()->call([new TakeTurn, 'handle']);
            $stages[] = $master->refresh()->stage;
        }

        $this->assertSame([FileStage::Read, FileStage::Draw, FileStage::Sort], array_slice($stages, 0, 3));
        $this->assertSame([WorksheetState::Ready, null], [$master->state, $master->stage]);
        Queue::assertPushed(TakeTurn::class, count($stages) - 1);
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
        $this->assertNotNull(Backdrop::sole()->blanks);
        // Resuming gave it one turn more than there was to do.
        $this->artisan('queue:work', ['--once' => true]);
        $this->assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_file_that_takes_its_worker_down_each_time_is_given_up_and_says_so(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        for ($n = 0; $n < 5; $n++) {
            $this->assertNotNull(app(FileTurns::class)->claim('dead'));
            FileTurns::forget('dead');
        }
        app()->call([new TakeTurn, 'handle']);

        $this->assertSame([WorksheetState::Failed, null], [$master->refresh()->state, $master->stage]);
        $this->assertStringContainsString('takes too long', (string) $master->problem);
        $this->actingAs($master->teacher, 'teacher')
            ->get("/worksheets/{$master->id}")
            ->assertSee('Master, from a file that was not taken')
            ->assertSee('Put it in the bin');
    }

    public function test_all_the_work_on_a_file_is_held_to_one_time(): void
    {
        config(['slate.files.seconds_for_reading' => 0.001, 'slate.files.seconds_for_each_page' => 0]);
        $master = app(BringInFile::class)(
            Teacher::factory()->create(),
            database_path('demo/working-harbour-pack.pdf'),
            'a.pdf',
        )->refresh();

        $this->assertSame(WorksheetState::Failed, $master->state);
        $this->assertStringContainsString('takes too long', (string) $master->problem);
        $this->assertGreaterThan(0, $master->spent);
    }

    public function test_time_that_was_spent_in_an_earlier_turn_counts(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        $master->update(['spent' => 20.5]);
        app()->call([new TakeTurn, 'handle']);

        $this->assertSame(WorksheetState::Failed, $master->refresh()->state);
    }

    public function test_what_was_spent_is_noted_once(): void
    {
        Queue::fake();
        $master = app(BringInFile::class)(Teacher::factory()->create(), PdfMaker::file(PdfMaker::make([[]])), 'a.pdf');
        $turns = app(FileTurns::class);
        $claimed = $turns->claim('1');
        $claimed->spent += 1.5;
        $claimed->goOnTo(FileStage::Draw);
        $claimed->spent += 0.5;
        $turns->release($claimed);

        $this->assertEqualsWithDelta(2.0, $master->refresh()->spent, 0.001);
    }

    public function test_a_program_that_says_too_much_is_stopped(): void
    {
        try {
            LimitedProcess::run(['yes', ($mark = bin2hex(random_bytes(6)))], null, 100000);
            $this->fail('It was let go on.');
        } catch (FileRefused) {
            gc_collect_cycles();
        }
        $running = new Process(['pgrep', '-f', "^yes {$mark}"]);
        $running->run();
        $this->assertSame('', $running->getOutput(), 'it runs no longer');
    }

    public function test_a_program_ends_with_the_worker_that_started_it(): void
    {
        $script = sprintf(
            'require %s; $app = require %s; '
                .'$app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap(); $p = '
                .'App\\Documents\\LimitedProcess::of(["sleep", "300"]); $p->start(); echo $p->getPid(); '
                .'fflush(STDOUT); sleep(60);',
            var_export(base_path('vendor/autoload.php'), true),
            var_export(base_path('bootstrap/app.php'), true),
        );
        $worker = new Process([PHP_BINARY, '-r', $script]);
        $worker->start();
        $worker->waitUntil(fn (string $type, string $said): bool => trim($said) !== '');
        $child = (int) $worker->getOutput();
        // Not before it is what it is to be: the programs that set its limits come first.
        for (
            $n = 0;
            $n < 500 && ! str_starts_with((string) @file_get_contents("/proc/{$child}/cmdline"), 'sleep');
            $n++
        ) {
            usleep(10000);
        }
        $this->assertTrue(posix_kill($child, 0));
        $worker->signal(SIGKILL);
        for (
            $n = 0;
            $n < 100 &&
            is_dir("/proc/{$child}") &&
            ! str_contains((string) @file_get_contents("/proc/{$child}/stat"), ') Z ');
            $n++
        ) {
            usleep(20000);
        }

        $this->assertTrue(
            ! is_dir("/proc/{$child}") || str_contains((string) @file_get_contents("/proc/{$child}/stat"), ') Z '),
        );
    }

    public function test_turns_go_round_between_teachers_and_nobody_has_two_at_once(): void
    {
        Queue::fake();
        [$busy, $other] = Teacher::factory()->count(2)->create()->all();
        $bring = fn (Teacher $teacher, string $name): int => app(BringInFile::class)(
            $teacher,
            PdfMaker::file(PdfMaker::make([['words' => $name]])),
            "{$name}.pdf",
        )->id;
        $files = array_map(fn (int $n): int => $bring($busy, "many {$n}"), range(1, 3));
        $late = $bring($other, 'one');
        $turns = app(FileTurns::class);

        $first = $turns->claim('1');
        $this->assertSame($files[0], $first?->id);
        $this->assertSame($late, $turns->claim('2')?->id, 'the second worker is for the next teacher');
        $this->assertNull($turns->claim('3'));
        $turns->release($first);
        $this->assertSame($files[1], $turns->claim('1')?->id, 'the files of one teacher have their turns too');
    }

    public function test_a_file_too_large_for_the_web_server_is_refused_in_words(): void
    {
        $this->actingAs(Teacher::factory()->create(), 'teacher')
            ->call(
                'POST',
                '/worksheets',
                [],
                [],
                [],
                ['CONTENT_LENGTH' => 10 ** 12, 'HTTP_ACCEPT' => 'application/json'],
            )
            ->assertStatus(413)
            ->assertJsonFragment(['code' => 'too_large']);
    }
}
