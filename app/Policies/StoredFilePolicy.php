<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

/**
 * A picture is for whoever has a page with it, was shown one by a colleague, or was handed one; and for the student who
 * put it on a copy, and the teacher of that copy.
 */
final class StoredFilePolicy
{
    public function see(Teacher|Student $user, StoredFile $file): bool
    {
        if (! str_starts_with($file->media_type, 'image/')) {
            return false;
        }
        $named = "%{$file->sha256}%";

        return $user instanceof Teacher
            ? $this->onShelf($user, $named) || $this->sharedWith($user, $named) || $this->handedOutBy($user, $named) || $this->onCopiesFor($user, $named)
            : $this->handedTo($user, $named) || DB::table('copies')->where('student_id', $user->id)->whereLike('work', $named)->exists();
    }

    private function onShelf(Teacher $teacher, string $named): bool
    {
        return DB::table('page_revisions')->join('pages', 'pages.id', '=', 'page_revisions.page_id')->join('worksheets', 'worksheets.id', '=', 'pages.worksheet_id')
            ->where('worksheets.teacher_id', $teacher->id)->whereLike('content', $named)->exists();
    }

    private function sharedWith(Teacher $teacher, string $named): bool
    {
        return Worksheet::query()->sharedWith($teacher)->whereHas('pages.current', fn (Builder $current) => $current->whereLike('content', $named))->exists();
    }

    private function handedOutBy(Teacher $teacher, string $named): bool
    {
        return $this->handedOut($named)->where('handouts.teacher_id', $teacher->id)->exists();
    }

    private function onCopiesFor(Teacher $teacher, string $named): bool
    {
        return DB::table('copies')->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
            ->where('handouts.teacher_id', $teacher->id)->whereLike('copies.work', $named)->exists();
    }

    private function handedTo(Student $student, string $named): bool
    {
        return $this->handedOut($named)->join('recipients', 'recipients.handout_id', '=', 'handouts.id')->where('recipients.student_id', $student->id)->exists();
    }

    private function handedOut(string $named): Query
    {
        return DB::table('handouts')->join('handout_items', 'handout_items.handout_id', '=', 'handouts.id')->join('edition_pages', 'edition_pages.edition_id', '=', 'handout_items.edition_id')
            ->join('page_revisions', 'page_revisions.id', '=', 'edition_pages.page_revision_id')->whereLike('page_revisions.content', $named);
    }
}
