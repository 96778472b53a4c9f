<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes up jobs that a stopped worker was in the middle of. Only for when no worker is running. */
final class Resume extends Command
{
    protected $signature = 'slate:resume';

    protected $description = 'Take up jobs that a stopped worker left half done (run it before workers start)';

    public function handle(): int
    {
        DB::table('jobs')->whereNotNull('reserved_at')->update(['reserved_at' => null]);
        Storage::disk('local')->deleteDirectory('work');

        return self::SUCCESS;
    }
}
