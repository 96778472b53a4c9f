<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\TrustedNames;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\URL;
use Tests\TestCase;

/** The program as it is run: published passwords, proxies, logs, jobs that a dead worker leaves. */
final class RunForRealTest extends TestCase
{
    use RefreshDatabase;

    public function test_nobody_else_reaches_the_demo_while_its_passwords_are_the_published_ones(): void
    {
        $this->artisan('slate:published-passwords')->assertSuccessful();
        $teacher = Teacher::factory()->create(['email' => DemoSeeder::TEACHERS[0], 'password' => DemoSeeder::PASSWORD]);
        $class = SchoolClass::factory()
            ->of($teacher)
            ->create(['code' => 'HERN26']);
        $class->students()->attach(Student::factory()->create(['pin' => DemoSeeder::PIN]));
        $this->artisan('slate:published-passwords')
            ->assertFailed()
            ->expectsOutputToContain('slate:password '.DemoSeeder::TEACHERS[0]);

        $this->artisan('slate:password', ['email' => DemoSeeder::TEACHERS[0]])
            ->expectsQuestion('New password', 'lighthouse-99')
            ->expectsQuestion('Once more', 'lighthouse-99')
            ->assertSuccessful();
        $this->artisan('slate:published-passwords')->assertFailed()->expectsOutputToContain('slate:pins HERN26');
        // A new PIN may be the old one by chance, once in ten thousand times.
        $this->artisan('slate:pins', ['code' => 'HERN26'])->assertSuccessful();
        Student::sole()->update(['pin' => '1357']);
        $this->artisan('slate:published-passwords')->assertSuccessful();
    }

    public function test_a_password_is_long_enough_and_typed_twice_alike(): void
    {
        $teacher = Teacher::factory()->create(['email' => 't@school.example']);
        $was = $teacher->refresh()->password;
        $this->artisan('slate:password', ['email' => 't@school.example'])
            ->expectsQuestion('New password', 'short')
            ->assertFailed();
        $this->artisan('slate:password', ['email' => 't@school.example'])
            ->expectsQuestion('New password', 'long enough')
            ->expectsQuestion('Once more', 'long enouhg')
            ->assertFailed();
        $this->artisan('slate:password', ['email' => 'nobody@school.example'])->assertFailed();
        $this->assertSame($was, $teacher->refresh()->password);
    }

    public function test_behind_a_proxy_that_speaks_https_addresses_and_cookies_are_https(): void
    {
        config(['trustedproxy.proxies' => ['10.0.0.5']]);
        $forwarded = ['HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_FOR' => '203.0.113.9'];
        $page = $this->call('GET', '/sign-in', server: ['REMOTE_ADDR' => '10.0.0.5'] + $forwarded);
        $this->assertStringContainsString('action="https://', (string) $page->getContent());
        $page->assertHeader('Strict-Transport-Security');

        $other = $this->call('GET', 'http://localhost/sign-in', server: ['REMOTE_ADDR' => '10.0.0.6'] + $forwarded);
        $this->assertStringContainsString('action="http://', (string) $other->getContent(), 'nobody else is believed');
        $other->assertHeaderMissing('Strict-Transport-Security');
    }

    public function test_the_address_that_people_type_is_the_one_in_every_link(): void
    {
        config(['slate.url' => 'https://slate.school.example', 'slate.hosts' => ['127.0.0.1']]);
        $this->app?->getProvider(\App\Providers\AppServiceProvider::class)?->boot();
        $this->assertSame('https://slate.school.example/sign-in', route('sign-in'));
        $this->assertSame(['^127\.0\.0\.1$', '^slate\.school\.example$'], TrustedNames::patterns());
        URL::forceRootUrl(null);
        URL::forceScheme(null);
    }

    public function test_the_log_holds_nothing_that_somebody_typed(): void
    {
        $lines = [];
        Log::listen(function ($message) use (&$lines): void {
            $lines[] = $message->message.json_encode($message->context);
        });
        $this->app
            ?->make('router')
            ->middleware('web')
            ->post(
                'break',
                fn () => DB::table('students')->insert(['name' => request('pin'), 'no_such' => 'what a child wrote']),
            );
        $this->post('/break', ['pin' => '8642-secret'])->assertServerError();

        $this->assertCount(1, $lines);
        $this->assertStringContainsString('no_such', $lines[0]);
        $this->assertStringNotContainsString('8642-secret', $lines[0]);
        $this->assertStringNotContainsString('what a child wrote', $lines[0]);
    }

    public function test_what_a_dead_worker_was_at_is_taken_up_and_what_a_living_one_is_at_is_left(): void
    {
        $job = fn (?string $worker, int $ago): int => DB::table('jobs')->insertGetId([
            'queue' => 'default',
            'payload' => '{}',
            'attempts' => 1,
            'reserved_at' => now()->getTimestamp() - $ago,
            'available_at' => 0,
            'created_at' => 0,
            'worker' => $worker,
        ]);
        [$its, $others, $unsigned, $new] = [$job('1', 2), $job('2', 2), $job(null, 60), $job(null, 1)];
        $this->artisan('slate:resume', ['--worker' => '1']);

        $free = fn (): array => DB::table('jobs')->whereNull('reserved_at')->pluck('id')->all();
        $this->assertSame([$its, $unsigned], $free());
        $this->artisan('slate:resume');
        $this->assertSame([$its, $others, $unsigned, $new], $free());
    }

    public function test_logs_of_the_servers_are_turned_over(): void
    {
        $folder = sys_get_temp_dir().'/slate-logs-'.bin2hex(random_bytes(4));
        mkdir($folder);
        config(['logging.channels.daily.path' => "{$folder}/slate.log"]);
        file_put_contents("{$folder}/web.log", str_repeat('x', 5 * 1024 * 1024));
        file_put_contents("{$folder}/php.log", 'short');
        $this->artisan('slate:tidy')->assertSuccessful();

        $this->assertSame(
            [0, 5 * 1024 * 1024, 5],
            array_map(fn (string $log): int => (int) filesize("{$folder}/{$log}"), ['web.log', 'web.log.1', 'php.log']),
        );
        $this->assertSame('0600', substr(sprintf('%o', (int) fileperms("{$folder}/web.log.1")), -4));
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }
}
