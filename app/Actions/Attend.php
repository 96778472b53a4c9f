<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\Student;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who is at a shared copy at this moment, and in which place of it: each window says so with every pulse. */
final class Attend
{
    /** Seconds without a pulse after which nobody is there any more. */
    private const THERE = 6;

    /** Seconds after which it is written down anew that somebody is still there. */
    private const ANEW = 2;

    /** @param  string  $place  empty where they are in none */
    public function __invoke(Copy $copy, Student $student, string $window, string $place): void
    {
        $row = DB::table('presences')->where(['copy_id' => $copy->id, 'window' => $window])->first();
        $isThere = $row !== null && Carbon::parse($row->seen_at)->diffInSeconds(now()) < self::ANEW;
        if ($isThere && $row->place === $place) {
            return;
        }
        DB::table('presences')->upsert(
            [
                'copy_id' => $copy->id,
                'student_id' => $student->id,
                'window' => $window,
                'place' => $place,
                'seen_at' => now(),
            ],
            ['copy_id', 'window'],
        );
        DB::table('presences')->where('copy_id', $copy->id)->where('seen_at', '<', now()->subMinute())->delete();
    }

    /** @return Collection<int, stdClass> student_id and place of the others who are there */
    public function others(Copy $copy, Student $than): Collection
    {
        return DB::table('presences')
            ->where('copy_id', $copy->id)
            ->where('student_id', '!=', $than->id)
            ->where('seen_at', '>=', now()->subSeconds(self::THERE))
            ->orderBy('seen_at')
            ->get(['student_id', 'place'])
            ->keyBy('student_id')
            ->values();
    }
}
