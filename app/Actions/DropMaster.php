<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Models\Original;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
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
            $unread = $master->original !== null && $master->original->pages === [] ? $master->original : null;
            $master->update(
                ['state' => WorksheetState::Failed, 'problem' => $problem, 'stage' => null] +
                    ($unread === null ? [] : ['original_id' => null]),
            );
            if ($unread !== null) {
                $unread->delete();
                $this->forget($unread);
            }
        });
    }

    private function forget(Original $unread): void
    {
        $others = Original::where('sha256', $unread->sha256);
        if ((clone $others)->where('teacher_id', $unread->teacher_id)->doesntExist()) {
            TeacherFile::query()
                ->where(['teacher_id' => $unread->teacher_id, 'sha256' => $unread->sha256])
                ->delete();
        }
        $others->exists() || $this->files->forget($unread->sha256);
    }
}
