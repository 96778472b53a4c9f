<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Comment;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/**
 * Says something of a place of some copies, or of the whole of them. Each teacher has one comment there; what a
 * colleague said stays beside it.
 */
final class WriteComment
{
    /**
     * @param  list<int>  $copies
     * @param  string|null  $place  null for the whole
     * @param  string  $words  nothing takes the comment away
     */
    public function __invoke(Teacher $teacher, array $copies, ?string $place, string $words): void
    {
        DB::transaction(function () use ($teacher, $copies, $place, $words): void {
            Comment::query()
                ->whereIn('copy_id', $copies)
                ->where(['place' => $place, 'page' => null, 'teacher_id' => $teacher->id])
                ->whereNull('sound')
                ->delete();
            if ($words !== '') {
                Comment::query()->insert(array_map(
                    fn (int $copy): array => [
                        'copy_id' => $copy,
                        'place' => $place,
                        'words' => $words,
                        'teacher_id' => $teacher->id,
                        'created_at' => now(),
                        'updated_at' => now(),
                    ],
                    $copies,
                ));
            }
        });
        DiskSync::of(DB::connection())?->__invoke();
    }
}
