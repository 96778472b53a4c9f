<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Backdrop;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** The picture of a printed page is for whoever has a worksheet, was shown one by a colleague, or was handed an edition, with that page or a clip of it. */
final class BackdropPolicy
{
    public function __construct(private NamedOnPages $pages)
    {
    }

    public function view(Teacher|Student $user, Backdrop $backdrop): bool
    {
        $whole = $user instanceof Teacher
            ? $this->onShelf($user, $backdrop) || $this->handedOutBy($user, $backdrop) || $this->sharedWith($user, $backdrop)
            : $this->handedTo($user, $backdrop);

        return $whole || $this->pages->for($user, "\"source\":\"{$backdrop->source}\",\"page\":{$backdrop->page},");
    }

    private function onShelf(Teacher $teacher, Backdrop $backdrop): bool
    {
        return DB::table('pages')->join('worksheets', 'worksheets.id', '=', 'pages.worksheet_id')
            ->where('pages.backdrop_id', $backdrop->id)->where('worksheets.teacher_id', $teacher->id)->exists();
    }

    private function sharedWith(Teacher $teacher, Backdrop $backdrop): bool
    {
        return Worksheet::query()->sharedWith($teacher)->whereHas('pages', fn (Builder $pages) => $pages->where('backdrop_id', $backdrop->id))->exists();
    }

    private function handedOutBy(Teacher $teacher, Backdrop $backdrop): bool
    {
        return DB::table('edition_pages')->join('handout_items', 'handout_items.edition_id', '=', 'edition_pages.edition_id')
            ->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
            ->where('edition_pages.backdrop_id', $backdrop->id)->where('handouts.teacher_id', $teacher->id)->exists();
    }

    private function handedTo(Student $student, Backdrop $backdrop): bool
    {
        return DB::table('edition_pages')->join('handout_items', 'handout_items.edition_id', '=', 'edition_pages.edition_id')
            ->join('recipients', 'recipients.handout_id', '=', 'handout_items.handout_id')
            ->where('edition_pages.backdrop_id', $backdrop->id)->where('recipients.student_id', $student->id)->exists();
    }
}
