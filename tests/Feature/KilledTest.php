<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What was said to be written is there, when the program is killed (kill -9) the moment after. */
final class KilledTest extends TestCase
{
    public function test_marks_comments_and_what_is_handed_back_outlive_it(): void
    {
        $data = sys_get_temp_dir().'/slate-killed-'.getmypid();
        mkdir($data);
        touch("{$data}/open-slate.sqlite");
        try {
            foreach ([3, 11, 24] as $after) {
                $said = $this->killedAfter($after, $data);
                [$points, $words, $back] = $this->kept("{$data}/open-slate.sqlite");
                // What was on its way may have arrived, in the order in which it is done.
                $this->assertContains($points, [$said, $said + 1]);
                $this->assertContains($words, ["remark {$said}", 'remark '.($said + 1)]);
                $this->assertContains($back, [1_800_000_000 + $said, 1_800_000_001 + $said]);
            }
        } finally {
            array_map(unlink(...), (array) glob("{$data}/open-slate.sqlite*"));
            (new Process(['rm', '-rf', $data]))->run();
        }
    }

    /** The number of the last round that was said to be done. */
    private function killedAfter(int $rounds, string $data): int
    {
        array_map(unlink(...), (array) glob("{$data}/open-slate.sqlite*"));
        touch("{$data}/open-slate.sqlite");
        $marking = new Process(
            [PHP_BINARY, dirname(__DIR__).'/Support/mark-forever.php'],
            env: [
                'APP_ENV' => 'testing',
                'APP_KEY' => 'base64:MDEyMzQ1Njc4OTAxMjM0NTY3ODkwMTIzNDU2Nzg5MDE=',
                'CACHE_STORE' => 'array',
                'DB_DATABASE' => "{$data}/open-slate.sqlite",
                'QUEUE_CONNECTION' => 'sync',
                'SLATE_DATA' => $data,
            ],
            timeout: 60,
        );
        $marking->start();
        $last = 0;
        $marking->waitUntil(function (string $type, string $some) use ($rounds, &$last): bool {
            $this->assertSame(Process::OUT, $type, $some);
            $last = (int) last(explode("\n", trim($some)));

            return $last >= $rounds;
        });
        $marking->signal(SIGKILL);
        $marking->wait();
        // Said before it was dead, and not read yet.
        $rest = trim($marking->getIncrementalOutput());

        return $rest === '' ? $last : (int) last(explode("\n", $rest));
    }

    /** @return array{int, string, int} points, comment, and when it is handed back */
    private function kept(string $file): array
    {
        $read = fn (string $query): string => (string) (new PDO("sqlite:{$file}"))->query($query)->fetchColumn();
        $this->assertSame('ok', $read('pragma integrity_check'));

        return [
            intdiv((int) $read('select points from hand_marks'), 10000),
            $read('select words from comments'),
            (int) strtotime($read('select returned_at from copies').' UTC'),
        ];
    }
}
