<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\FileWaiting;
use App\Models\FileStage;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Shares the workers out between those who brought files in: the turn goes to the teacher who has waited the longest,
 * and of that teacher's files to the one that has. No teacher has two workers at once, so that however many files
 * somebody brings, and however bad one is, the next teacher's is begun at once.
 */
final class FileTurns
{
    /** A worker that has said nothing for so long is dead. */
    private const SECONDS = 900;

    /** There is something to do for a worksheet: for each there is one turn on the queue. */
    public static function add(Worksheet $worksheet, FileStage $stage): void
    {
        $new = $worksheet->stage === null;
        $worksheet->goOnTo($stage);
        $new && FileWaiting::dispatch();
    }

    /** @return Worksheet|null null when nothing can be done just now */
    public function claim(string $worker): ?Worksheet
    {
        return DB::transaction(function () use ($worker): ?Worksheet {
            $busy = Worksheet::withTrashed()
                ->whereNotNull('stage')
                ->where('claimed_at', '>=', now()->getTimestamp() - self::SECONDS)
                ->select('teacher_id');
            $next = Worksheet::withTrashed()
                ->whereNotNull('stage')
                ->where(
                    fn (Builder $free) => $free
                        ->whereNull('claimed_at')
                        ->orWhere('claimed_at', '<', now()->getTimestamp() - self::SECONDS),
                )
                ->whereNotIn('teacher_id', $busy)
                ->orderByRaw(
                    '(select max(served_at) from worksheets as others where others.teacher_id = worksheets.teacher_id)',
                )
                ->orderBy('served_at')
                ->orderBy('id')
                ->lockForUpdate()
                ->first();
            $next === null ||
                Worksheet::withoutTimestamps(
                    fn () => $next->update([
                        'claimed_by' => $worker,
                        'claimed_at' => now()->getTimestamp(),
                        'served_at' => (int) (microtime(true) * 1000),
                        'tries' => $next->tries + 1,
                    ]),
                );

            return $next;
        });
    }

    /** Notes what was spent on it, and lets others have it. */
    public function release(Worksheet $worksheet): void
    {
        // By its key: it may have joined another and be gone.
        DB::table('worksheets')
            ->where('id', $worksheet->id)
            ->update(['claimed_by' => null, 'claimed_at' => null, 'tries' => 0, 'spent' => $worksheet->spent]);
    }

    public static function isAnyLeft(): bool
    {
        return DB::table('worksheets')->whereNotNull('stage')->exists();
    }

    /** What a dead worker had claimed is free again; null is all of them. */
    public static function forget(?string $worker): void
    {
        DB::table('worksheets')
            ->when($worker !== null, fn ($query) => $query->where('claimed_by', $worker))
            ->whereNotNull('claimed_at')
            ->update(['claimed_by' => null, 'claimed_at' => null]);
    }
}
