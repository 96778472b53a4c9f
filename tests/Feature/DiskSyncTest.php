<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\DiskSync;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Commits of many are put on the disk together, and each is there before it is told. */
final class DiskSyncTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/slate-sync-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        touch("{$this->folder}/db-wal");
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_sync_that_began_after_the_commit_is_enough_and_one_from_before_is_not(): void
    {
        $sync = new DiskSync("{$this->folder}/db-wal", "{$this->folder}/db-sync");
        $sync();
        $first = $this->synced();
        $sync();
        $this->assertGreaterThan($first, $this->synced(), 'it began after the sync before it had begun');

        // Somebody else's sync, begun while this one was waiting: it is enough, and none is made besides.
        $lock = fopen("{$this->folder}/db-sync", 'r+');
        assert($lock !== false);
        flock($lock, LOCK_EX);
        $waiting = new Process([PHP_BINARY, '-r', $this->syncs()]);
        $waiting->start();
        $this->untilWaiting(1);
        fwrite($lock, sprintf('%020d', $others = hrtime(true)));
        flock($lock, LOCK_UN);
        fclose($lock);
        $waiting->wait();
        $this->assertSame($others, $this->synced());
    }

    public function test_what_was_written_down_before_the_machine_was_started_anew_means_nothing(): void
    {
        file_put_contents("{$this->folder}/db-sync", sprintf('%020d', hrtime(true) * 1000));
        (new DiskSync("{$this->folder}/db-wal", "{$this->folder}/db-sync"))();

        $this->assertLessThan(hrtime(true), $this->synced());
    }

    public function test_twelve_that_commit_at_once_share_a_few_syncs(): void
    {
        // Each child waits for a sync that lasts: the lock is held while all of them come.
        $lock = fopen("{$this->folder}/db-sync", 'c+');
        assert($lock !== false);
        flock($lock, LOCK_EX);
        $children = [];
        for ($n = 0; $n < 12; $n++) {
            $children[] = $child = new \Symfony\Component\Process\Process([PHP_BINARY, '-r', $this->syncs()]);
            $child->start();
        }
        $this->untilWaiting(12);
        flock($lock, LOCK_UN);
        fclose($lock);
        array_walk($children, fn ($child) => $child->wait());
        $syncs = array_unique(array_map(fn ($child): string => $child->getOutput(), $children));

        $this->assertLessThan(6, count($syncs));
        $this->assertNotContains('', $syncs);
    }

    public function test_a_database_that_is_on_no_disk_is_not_synced(): void
    {
        $this->assertNull(DiskSync::of(DB::connection()));
    }

    /** A program that has committed, syncs, and says when the last sync had begun. */
    private function syncs(): string
    {
        [$log, $lock] = [var_export("{$this->folder}/db-wal", true), var_export("{$this->folder}/db-sync", true)];

        return 'require '.
            var_export(base_path('vendor/autoload.php'), true).
            "; (new App\\Database\\DiskSync({$log}, {$lock}))(); echo file_get_contents({$lock});";
    }

    /** On a busy machine it takes as long as it takes until so many wait for the lock: proc_locks(5) has them. */
    private function untilWaiting(int $programs): void
    {
        $lock = fileinode("{$this->folder}/db-sync");
        for ($n = 0; $n < 6000; $n++) {
            $waiting = preg_match_all("/-> FLOCK .*:{$lock} /", (string) file_get_contents('/proc/locks'));
            if ($waiting >= $programs) {
                return;
            }
            usleep(10_000);
        }
        $this->fail("{$waiting} of {$programs} wait for the lock after a minute.");
    }

    private function synced(): int
    {
        return (int) file_get_contents("{$this->folder}/db-sync");
    }
}
