<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** A picture is for whoever may see a page with it, for the student who put it on a copy, and for the teacher of that copy. */
final class StoredFilePolicy
{
    public function __construct(private NamedOnPages $pages)
    {
    }

    public function see(Teacher|Student $user, StoredFile $file): bool
    {
        return str_starts_with($file->media_type, 'image/') && ($this->pages->for($user, "\"source\":\"{$file->sha256}\"") || $this->onCopy($user, $file));
    }

    private function onCopy(Teacher|Student $user, StoredFile $file): bool
    {
        $copies = DB::table('copies')->whereLike('work', "%{$file->sha256}%");

        return $user instanceof Student
            ? $copies->where('student_id', $user->id)->exists()
            : $copies->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
                ->where('handouts.teacher_id', $user->id)->exists();
    }
}
