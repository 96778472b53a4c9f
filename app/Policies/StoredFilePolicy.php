<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OpenSlate\Page\PageFile;

/**
 * A picture or a recording is for the teacher who was given it or is shown a page with it, for the student who put it
 * on a copy and their teacher, and for students on whose pages it lies uncovered.
 */
final class StoredFilePolicy
{
    public function __construct(private GivenFiles $given)
    {
    }

    public function see(Teacher|Student $user, StoredFile $file): bool
    {
        return $file->isOf(StoredFile::PICTURES) && $this->isFor($user, $file);
    }

    public function hear(Teacher|Student $user, StoredFile $file): bool
    {
        return $file->isOf(StoredFile::RECORDINGS) && $this->isFor($user, $file);
    }

    private function isFor(Teacher|Student $user, StoredFile $file): bool
    {
        return $user instanceof Teacher
            ? $this->given->to($user, new PageFile($file->sha256)) || $this->onCopyFor($user, $file)
            : $this->onCopyOf($user, $file) || $this->handedTo($user, $file);
    }

    private function onCopyOf(Student $student, StoredFile $file): bool
    {
        return DB::table('copy_files')
            ->join('copies', 'copies.id', '=', 'copy_files.copy_id')
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->where('copy_files.sha256', $file->sha256)
            ->where(fn (Builder $own) => $own
                ->where('copies.student_id', $student->id)
                ->orWhereIn(
                    'copies.id',
                    DB::table('copy_students')->where('student_id', $student->id)->select('copy_id'),
                ))
            ->pluck('handout_items.handout_id')
            ->contains(fn (mixed $handout): bool => $student->mayOpen((int) $handout));
    }

    private function onCopyFor(Teacher $teacher, StoredFile $file): bool
    {
        return DB::table('copy_files')
            ->join('copies', 'copies.id', '=', 'copy_files.copy_id')
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->join('handouts', 'handouts.id', '=', 'handout_items.handout_id')
            ->where('copy_files.sha256', $file->sha256)
            ->whereIn('handouts.id', Handout::query()->watchedBy($teacher)->select('handouts.id'))
            ->exists();
    }

    private function handedTo(Student $student, StoredFile $file): bool
    {
        return DB::table('revision_files')
            ->join('edition_pages', 'edition_pages.page_revision_id', '=', 'revision_files.page_revision_id')
            ->join('handout_items', 'handout_items.edition_id', '=', 'edition_pages.edition_id')
            ->whereIn('handout_items.id', HandoutItem::query()->for($student)->select('handout_items.id'))
            ->whereIn('handout_items.handout_id', $student->given()->select('recipients.handout_id'))
            ->where([
                'revision_files.sha256' => $file->sha256,
                'revision_files.page' => 0,
                'revision_files.whole' => true,
            ])
            ->exists();
    }
}
