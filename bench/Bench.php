<?php

declare(strict_types=1);

namespace Bench;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What the benchmarks share: the program on data of its own, a clock, a server, and the report. */
final class Bench
{
    public bool $passed = true;

    public readonly string $data;

    public function __construct()
    {
        $this->data = sys_get_temp_dir().'/open-slate-bench-'.getmypid();
        mkdir($this->data);
        foreach (['sessions', 'cache', 'logs', 'run'] as $folder) {
            mkdir("{$this->data}/{$folder}");
        }
        register_shutdown_function(fn () => (new Process(['rm', '-rf', $this->data]))->run());
        touch("{$this->data}/open-slate.sqlite");
        foreach (
            [
                'SLATE_DATA' => $this->data,
                'APP_CONFIG_CACHE' => "{$this->data}/config.php",
                'APP_ROUTES_CACHE' => "{$this->data}/routes.php",
                'APP_EVENTS_CACHE' => "{$this->data}/events.php",
                'APP_ENV' => 'production',
                'APP_DEBUG' => 'false',
                'SLATE_KEEP_CONNECTIONS' => '1',
            ] as $name => $value
        ) {
            putenv("{$name}={$value}");
            $_ENV[$name] = $_SERVER[$name] = $value;
        }
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        Artisan::call('migrate', ['--force' => true]);
    }

    public function report(string $name, float $ratio, float $limit, string $note = ''): void
    {
        $this->passed = $this->passed && $ratio <= $limit;
        printf(
            "%s ratio=%.2f limit=%s%s\n",
            $name,
            $ratio,
            rtrim(rtrim(sprintf('%.2f', $limit), '0'), '.'),
            $note === '' ? '' : "  ({$note})",
        );
    }

    /** Seconds that the work takes: the median of several runs. */
    public function seconds(callable $work, int $runs = 5): float
    {
        $times = [];
        for ($n = 0; $n < $runs; $n++) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e9;
        }
        sort($times);

        return $times[intdiv(count($times), 2)];
    }

    /**
     * Runs the work beside the web server and the workers of bin/start, with the benchmark's own bare routes.
     *
     * @param  callable(string): void  $work  is given the address
     */
    public function withServer(int $port, callable $work): void
    {
        $server = $this->start($port);
        try {
            $work("http://127.0.0.1:{$port}");
        } finally {
            $server->stop(10);
        }
    }

    private function start(int $port): Process
    {
        // As bin/start does.
        foreach (['config:cache', 'route:cache', 'event:cache'] as $command) {
            Artisan::call($command);
        }
        $server = new Process(
            [dirname(__DIR__).'/bin/serve', '--listen', "127.0.0.1:{$port}", '--front', __DIR__.'/front.php'],
            dirname(__DIR__),
            null,
            null,
            null,
        );
        $server->disableOutput()->start();
        for ($n = 0; $n < 1200; $n++) { // a minute: it starts before it is measured
            usleep(50000);
            if (@fsockopen('127.0.0.1', $port) !== false) {
                return $server;
            }
        }
        throw new RuntimeException('The server did not start.');
    }

    /** @return array<string, mixed> */
    public function node(string $script, string ...$arguments): array
    {
        $process = new Process(['node', __DIR__.'/'.$script, ...$arguments], dirname(__DIR__), null, null, 300);
        $process->mustRun();

        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
