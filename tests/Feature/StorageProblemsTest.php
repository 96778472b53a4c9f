<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PDO;
use Tests\TestCase;

/** A disk that is full, a database that somebody holds: answered at once, in words, on a database that really is so. */
final class StorageProblemsTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = sys_get_temp_dir().'/slate-storage-'.bin2hex(random_bytes(4)).'.sqlite';
        touch($this->file);
        config([
            'database.connections.sqlite.database' => $this->file,
            'database.connections.sqlite.busy_timeout' => 50,
        ]);
        DB::purge();
        Schema::create('things', function ($table): void {
            $table->id();
            $table->text('words');
        });
        $this->app
            ?->make('router')
            ->post(
                'keep',
                fn () => [
                    'id' => DB::transaction(fn () => DB::table('things')->insertGetId(['words' => request('words')])),
                ],
            );
        $this->app?->make('router')->middleware('web')->get('door', fn () => 'open');
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_a_full_disk_is_said_and_what_was_saved_is_safe(): void
    {
        $this->postJson('/keep', ['words' => 'saved'])->assertOk();
        // The database may not grow any more: what SQLite says then is what it says on a full disk.
        DB::statement('PRAGMA max_page_count = '.DB::selectOne('PRAGMA page_count')->page_count);
        $began = microtime(true);
        $this->postJson('/keep', ['words' => str_repeat('long ', 5000)])
            ->assertStatus(507)
            ->assertJsonPath('code', 'storage')
            ->assertSee('What was saved before is safe');
        $this->assertLessThan(5, microtime(true) - $began);
        $this->post('/keep', ['words' => str_repeat('long ', 5000)])
            ->assertStatus(507)
            ->assertSee('There is no room left')
            ->assertSee('<!doctype html>', false);

        $this->get('/door')->assertOk();
        $this->assertSame(['saved'], DB::table('things')->pluck('words')->all());
    }

    public function test_a_database_that_is_held_is_said_and_can_be_tried_again(): void
    {
        $other = new PDO("sqlite:{$this->file}");
        $other->exec('BEGIN EXCLUSIVE');
        $this->postJson('/keep', ['words' => 'later'])
            ->assertStatus(503)
            ->assertHeader('Retry-After')
            ->assertSee('Nothing was lost');
        $this->get('/door')->assertOk();
        $other->exec('ROLLBACK');
        $this->postJson('/keep', ['words' => 'later'])->assertOk();
    }

    public function test_what_is_sent_is_held_to_what_its_address_is_for(): void
    {
        $send = fn (string $method, string $address, int $megabytes) => $this->call(
            $method,
            $address,
            server: ['CONTENT_LENGTH' => $megabytes * 1024 * 1024, 'HTTP_ACCEPT' => 'application/json'],
        )->getStatusCode();

        $this->assertSame(413, $send('PATCH', '/my/copies/1', 90));
        $this->assertSame(413, $send('POST', '/sign-in', 2));
        $this->assertSame(413, $send('POST', '/pages/1/edits', 5));
        $this->assertNotSame(413, $send('PATCH', '/my/copies/1', 7));
        $this->assertNotSame(413, $send('POST', '/worksheets/1/files', 7));
    }
}
