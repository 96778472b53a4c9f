<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\Ink;
use OpenSlate\Geometry\Point;
use OpenSlate\Json\InvalidJson;

/**
 * What a teacher writes on a page of a copy beside its places. Each teacher draws on a sheet of their own over it; what
 * a colleague wrote stays.
 */
final class WriteOnPage
{
    /**
     * @param  int  $number  of the page, from 1
     * @param  string  $ink  as Answers\Ink has it; nothing takes the drawing away
     *
     * @throws MarkRefused where that is no drawing, or there is no such page, or no room for more
     */
    public function draw(Copy $copy, int $number, Teacher $teacher, string $ink): void
    {
        $this->refuseBeyond($copy, $number);
        try {
            $kept = $ink === '' ? '' : Ink::decode($ink)->encode();
        } catch (InvalidJson) {
            throw MarkRefused::noDrawing();
        }
        $own = Comment::query()
            ->where(['copy_id' => $copy->id, 'page' => $number, 'teacher_id' => $teacher->id])
            ->whereNotNull('ink');
        if ($kept === '') {
            $own->delete();
        } elseif ($own->update(['ink' => $kept]) === 0) {
            $this->add($copy, ['page' => $number, 'teacher_id' => $teacher->id, 'ink' => $kept, 'words' => '']);
        }
        DiskSync::of(DB::connection())?->__invoke();
    }

    /**
     * @param  Point  $spot  in points; it is brought on to the page
     * @param  int|null  $comment  the teacher's own that is changed
     * @param  string  $words  nothing takes it away
     *
     * @throws MarkRefused
     */
    public function say(
        Copy $copy,
        int $number,
        Teacher $teacher,
        Point $spot,
        string $words,
        ?int $comment = null,
    ): void {
        $this->refuseBeyond($copy, $number);
        $size = $copy->item->edition->revision($number)->page()->size;
        $at = [
            'page' => $number,
            'x' => max(0.0, min($size->width, $spot->x)),
            'y' => max(0.0, min($size->height, $spot->y)),
            'words' => $words,
        ];
        $own = Comment::query()
            ->where(['copy_id' => $copy->id, 'teacher_id' => $teacher->id])
            ->whereNotNull('x')
            ->whereKey($comment ?? 0);
        if ($words === '') {
            $own->delete();
        } elseif ($own->update($at) === 0) {
            $this->add($copy, ['teacher_id' => $teacher->id] + $at);
        }
        DiskSync::of(DB::connection())?->__invoke();
    }

    /** @param  array<string, mixed>  $values */
    private function add(Copy $copy, array $values): void
    {
        if ($copy->comments()->count() >= Comment::MOST) {
            throw MarkRefused::noMoreRemarks(Comment::MOST);
        }
        Comment::create(['copy_id' => $copy->id] + $values);
    }

    private function refuseBeyond(Copy $copy, int $number): void
    {
        if ($number < 1 || $number > $copy->item->edition->pages_count) {
            throw MarkRefused::noPage();
        }
    }
}
