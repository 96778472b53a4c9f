<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\SchoolClass;
use Illuminate\Support\Facades\DB;

/** Students come into a class, or come back, and get a copy each of whatever the whole class has been given. */
final class JoinClass
{
    private const ROWS_AT_ONCE = 200;

    public function __construct(private GiveCopies $give)
    {
    }

    /** @param  list<int>  $studentIds */
    public function __invoke(SchoolClass $class, array $studentIds): void
    {
        DB::transaction(function () use ($class, $studentIds): void {
            foreach (array_chunk($studentIds, self::ROWS_AT_ONCE) as $some) {
                DB::table('enrolments')->upsert(
                    array_map(
                        fn (int $student): array => [
                            'school_class_id' => $class->id,
                            'student_id' => $student,
                            'created_at' => now(),
                            'left_at' => null,
                        ],
                        $some,
                    ),
                    ['school_class_id', 'student_id'],
                    ['left_at'],
                );
            }
            $class
                ->handouts()
                ->wherePivot('whole', true)
                ->whereNull('handouts.put_away_at')
                ->get()
                ->each(fn (Handout $handout) => ($this->give)($handout, $studentIds));
        });
    }
}
