<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Models\Original;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Ends the preparing of a master that cannot be finished: no half-made page is left, only the reason. A file that
 * nobody can read is not kept.
 */
final class DropMaster
{
    public function __construct(private FileStore $files)
    {
    }

    public function __invoke(Worksheet $master, string $problem): void
    {
        DB::transaction(function () use ($master, $problem): void {
            $master->pages()->delete();
            $original = $master->original()->first();
            $unread = $original?->pages === [] ? $original : null;
            $master->update(
                ['state' => WorksheetState::Failed, 'problem' => $problem, 'stage' => null] +
                    ($unread === null ? [] : ['original_id' => null]),
            );
            if ($unread !== null) {
                $unread->delete();
                foreach (array_unique([$unread->sha256, $unread->untouched()]) as $sha256) {
                    $this->forget($unread->teacher_id, $sha256);
                }
            }
        });
    }

    private function forget(int $teacherId, string $sha256): void
    {
        $others = Original::query()->where(
            fn (Builder $any) => $any->where('sha256', $sha256)->orWhere('made_from', $sha256),
        );
        if ((clone $others)->where('teacher_id', $teacherId)->doesntExist()) {
            TeacherFile::query()
                ->where(['teacher_id' => $teacherId, 'sha256' => $sha256])
                ->delete();
        }
        $others->exists() || $this->files->forget($sha256);
    }
}
