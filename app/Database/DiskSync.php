<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use RuntimeException;

/**
 * Waits until what was committed is on the disk, so that a power cut takes nothing of it.
 *
 * SQLite in WAL mode with synchronous=NORMAL writes a commit to the log and leaves it to the system when that reaches
 * the disk. To have each commit synced on its own (synchronous=FULL) makes all writers wait for the disk one after the
 * other; here the commits of many requests are synced together: whoever comes while a sync is on its way waits for the
 * next, which is for all who have come by then.
 */
final class DiskSync
{
    /** @param  string  $log  the file that commits are written to */
    public function __construct(private string $log, private string $lock)
    {
    }

    /** Null where the database sees to it itself, or keeps nothing on a disk. */
    public static function of(Connection $connection): ?self
    {
        $file = $connection->getDriverName() === 'sqlite' ? (string) $connection->getDatabaseName() : ':memory:';

        return $file === ':memory:' ? null : new self("{$file}-wal", "{$file}-sync");
    }

    /** Called once the commit has returned. */
    public function __invoke(): void
    {
        $committed = hrtime(true); // of the machine's one clock: processes may compare theirs
        $lock = fopen($this->lock, 'c+') ?: throw new RuntimeException('The database cannot be synced to the disk.');
        try {
            flock($lock, LOCK_EX);
            $began = hrtime(true);
            // When the last sync that ended had begun. A later time than now is from before the machine was started
            // anew.
            $last = (int) stream_get_contents($lock, 20);
            if ($last >= $committed && $last <= $began) {
                return;
            }
            $log = @fopen($this->log, 'r+');
            // Without a log all of it is in the database already, and synced there.
            if ($log !== false && ! fdatasync($log)) {
                throw new RuntimeException('The database could not be synced to the disk.');
            }
            rewind($lock);
            fwrite($lock, sprintf('%020d', $began));
        } finally {
            fclose($lock);
        }
    }
}
