<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;

/** Makes a colleague's worksheet a master of one's own, as it stands now. From then on the two never touch again. */
final class TakeAsOwn
{
    public function __construct(private CopyPages $copy)
    {
    }

    public function __invoke(Worksheet $shared, Teacher $teacher, string $name): Worksheet
    {
        return DB::transaction(function () use ($shared, $teacher, $name): Worksheet {
            $original = $shared->original;
            // What pages were made of stays with whom it belongs to: it may say more than they do.
            $own = $original
                ?->replicate(['made_from', 'choices', 'layout', 'pictures', 'seen_at'])
                ->fill(['teacher_id' => $teacher->id]);
            $own?->save();
            $pages = $shared->pages()->with('current')->get();
            $master = Worksheet::create([
                'teacher_id' => $teacher->id,
                'original_id' => $own?->id,
                'name' => $name,
                'state' => WorksheetState::Ready,
                'pages_total' => $pages->count(),
            ]);
            ($this->copy)(array_values($pages->all()), $master, tied: false);
            foreach ($pages as $page) {
                TeacherFile::give($teacher->id, ...$page->current->files());
            }

            return $master;
        });
    }
}
