<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Documents\FileRefused;
use App\Documents\Recordings;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** A comment that a teacher says aloud, on a place of a copy or on the whole; each teacher has one there. */
final class SayComment
{
    public function __construct(private Recordings $recordings)
    {
    }

    /**
     * @param  string|null  $place  null for the whole
     * @param  string  $path  of what was recorded; it is taken from there
     *
     * @throws FileRefused where it is no sound, or too long
     */
    public function __invoke(Copy $copy, Teacher $teacher, ?string $place, string $path): void
    {
        $file = $this->recordings->take($path, heard: true)->file;
        DB::transaction(function () use ($copy, $teacher, $place, $file): void {
            $this->takeAway($copy, $teacher, $place);
            if ($copy->comments()->count() >= Comment::MOST) {
                throw MarkRefused::noMoreRemarks(Comment::MOST);
            }
            Comment::create([
                'copy_id' => $copy->id,
                'place' => $place,
                'teacher_id' => $teacher->id,
                'sound' => $file->sha256,
                'words' => '',
            ]);
        });
        DiskSync::of(DB::connection())?->__invoke();
    }

    /** The file goes with the next sweep, where nothing else names it. */
    public function takeAway(Copy $copy, Teacher $teacher, ?string $place): void
    {
        Comment::query()
            ->where(['copy_id' => $copy->id, 'place' => $place, 'page' => null, 'teacher_id' => $teacher->id])
            ->whereNotNull('sound')
            ->delete();
    }
}
