<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Handout;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use OpenSlate\Page\PageFile;

/** Whether a teacher was given a file, or a colleague shows them a page with it at present. */
final class GivenFiles
{
    public function to(Teacher $teacher, PageFile $file): bool
    {
        return TeacherFile::has($teacher->id, $file) ||
            $this->shownTo($teacher, $file) ||
            $this->handedOutBeside($teacher, $file);
    }

    /** It is on a page that a colleague handed to classes that are theirs, too. */
    private function handedOutBeside(Teacher $teacher, PageFile $file): bool
    {
        return DB::table('revision_files')
            ->join('edition_pages', 'edition_pages.page_revision_id', '=', 'revision_files.page_revision_id')
            ->join('handout_items', 'handout_items.edition_id', '=', 'edition_pages.edition_id')
            ->whereIn('handout_items.handout_id', Handout::query()->watchedBy($teacher)->select('handouts.id'))
            ->where('revision_files.sha256', $file->sha256)
            ->where('revision_files.page', $file->page)
            ->exists();
    }

    private function shownTo(Teacher $teacher, PageFile $file): bool
    {
        return DB::table('revision_files')
            ->join('page_revisions', 'page_revisions.id', '=', 'revision_files.page_revision_id')
            ->join(
                'pages',
                fn (JoinClause $join) => $join
                    ->on('pages.id', '=', 'page_revisions.page_id')
                    ->on('pages.revision', '=', 'page_revisions.number'),
            )
            ->where('revision_files.sha256', $file->sha256)
            ->where('revision_files.page', $file->page)
            ->whereNotNull('pages.position')
            ->whereIn('pages.worksheet_id', Worksheet::query()->sharedWith($teacher)->select('worksheets.id'))
            ->exists();
    }
}
