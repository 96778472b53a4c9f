<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;

/**
 * Whether something that pages name is on a page that somebody may see: one of a teacher's own, or of a worksheet that
 * a colleague shares; one that they handed out, or that was handed to them.
 */
final class NamedOnPages
{
    /** @param  string  $name  as it stands in the page format */
    public function for(Teacher|Student $user, string $name): bool
    {
        $like = '%'.$name.'%';

        return $user instanceof Teacher
            ? $this->onShelf($user, $like) || $this->sharedWith($user, $like) || $this->handedOut($like)->where('handouts.teacher_id', $user->id)->exists()
            : $this->handedOut($like)->join('recipients', 'recipients.handout_id', '=', 'handouts.id')->where('recipients.student_id', $user->id)->exists();
    }

    private function onShelf(Teacher $teacher, string $like): bool
    {
        return DB::table('page_revisions')->join('pages', 'pages.id', '=', 'page_revisions.page_id')->join('worksheets', 'worksheets.id', '=', 'pages.worksheet_id')
            ->where('worksheets.teacher_id', $teacher->id)->whereLike('content', $like)->exists();
    }

    private function sharedWith(Teacher $teacher, string $like): bool
    {
        return Worksheet::query()->sharedWith($teacher)->whereHas('pages.current', fn (Builder $current) => $current->whereLike('content', $like))->exists();
    }

    private function handedOut(string $like): Query
    {
        return DB::table('handouts')->join('handout_items', 'handout_items.handout_id', '=', 'handouts.id')->join('edition_pages', 'edition_pages.edition_id', '=', 'handout_items.edition_id')
            ->join('page_revisions', 'page_revisions.id', '=', 'edition_pages.page_revision_id')->whereLike('page_revisions.content', $like);
    }
}
