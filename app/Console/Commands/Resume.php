<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\FileTurns;
use App\Jobs\TakeTurn;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Takes up jobs that a stopped worker was in the middle of: those of one that has just died, or, before any is started,
 * those of all.
 */
final class Resume extends Command
{
    protected $signature = 'slate:resume {--worker= : the number of the one that died}';

    protected $description = 'Take up jobs that stopped workers left half done';

    private const SECONDS_TO_SIGN = 5;

    public function handle(): int
    {
        $worker = $this->option('worker');
        DB::table('jobs')
            ->whereNotNull('reserved_at')
            // One that was killed just when it had taken a job had no time to put its name to it.
            ->when(
                $worker !== null,
                fn (Builder $jobs) => $jobs->where(
                    fn (Builder $its) => $its
                        ->where('worker', $worker)
                        ->orWhere(
                            fn (Builder $nobodys) => $nobodys
                                ->whereNull('worker')
                                ->where('reserved_at', '<', now()->getTimestamp() - self::SECONDS_TO_SIGN),
                        ),
                ),
            )
            ->update(['reserved_at' => null, 'worker' => null]);
        FileTurns::forget($worker);
        $worker === null &&
            FileTurns::isAnyLeft() &&
            DB::table('worksheets')->whereNotNull('stage')->pluck('id')->each(fn () => TakeTurn::dispatch());
        $worker === null && Storage::disk('local')->deleteDirectory('work');

        return self::SUCCESS;
    }
}
