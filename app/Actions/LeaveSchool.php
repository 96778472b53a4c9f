<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Teacher;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A teacher leaves: all that they made, handed out and kept is a colleague's from then on, with the students' work on
 * it, and their sign-in ends wherever it is open.
 */
final class LeaveSchool
{
    /** What names its teacher, and goes over as it is. */
    private const THEIRS = ['worksheets', 'originals', 'units', 'kits', 'handouts'];

    public function __invoke(Teacher $leaver, Teacher $colleague): void
    {
        DB::transaction(function () use ($leaver, $colleague): void {
            DB::table('units')
                ->where('teacher_id', $leaver->id)
                ->increment('position', (int) DB::table('units')->where('teacher_id', $colleague->id)->max('position'));
            foreach (self::THEIRS as $table) {
                DB::table($table)
                    ->where('teacher_id', $leaver->id)
                    ->update(['teacher_id' => $colleague->id]);
            }
            $this->goOver('class_teachers', $leaver, $colleague);
            $this->goOver('teacher_files', $leaver, $colleague);
            // What was shared with either of them, and is the colleague's own now, or nobody's to look at.
            $theirs = DB::table('worksheets')->where('teacher_id', $colleague->id)->select('id');
            DB::table('shares')->where('teacher_id', $leaver->id)->delete();
            DB::table('shares')
                ->where('teacher_id', $colleague->id)
                ->whereIn('worksheet_id', $theirs)
                ->delete();
            $leaver->endSecondFactor();
            $leaver->update(['left_at' => now(), 'office' => false, 'password' => Str::random(40)]);
        });
    }

    /** What the colleague may have already. */
    private function goOver(string $table, Teacher $leaver, Teacher $colleague): void
    {
        $rows = DB::table($table)->where('teacher_id', $leaver->id)->get();
        foreach ($rows->chunk(200) as $chunk) {
            DB::table($table)->insertOrIgnore(
                $chunk->map(fn (object $row): array => ['teacher_id' => $colleague->id] + (array) $row)->all(),
            );
        }
        DB::table($table)->where('teacher_id', $leaver->id)->delete();
    }
}
