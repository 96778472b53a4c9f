<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandedClass;
use App\Models\Handout;
use App\Models\Recipient;
use Illuminate\Support\Facades\DB;
use OpenSlate\Handout\Times;

/**
 * Writes down for each student from when and until when they have a handout: the times of their class, or of the
 * handout where the class has none of its own, and their own due time where they have more time.
 */
final class SetTimes
{
    private const ROWS_AT_ONCE = 500;

    /** @param  list<int>|null  $students  ids; null for all who have it */
    public function __invoke(Handout $handout, ?array $students = null): void
    {
        $ofHandout = $handout->times();
        $own = HandedClass::where('handout_id', $handout->id)
            ->where('own_times', true)
            ->get()
            ->keyBy('school_class_id');
        $given = Recipient::where('handout_id', $handout->id)
            ->when($students !== null, fn ($recipients) => $recipients->whereIn('student_id', $students ?? []))
            ->get();
        $classes = $own->isEmpty() ? [] : $this->classes($handout);
        $alike = [];
        foreach ($given as $recipient) {
            $times = null;
            foreach ($classes[$recipient->student_id] ?? [] as $class) {
                $here = $own->get($class)?->times() ?? $ofHandout;
                $times = $times?->with($here) ?? $here;
            }
            $times ??= $ofHandout;
            if ($recipient->extended_to !== null) {
                $times = $times->extendedTo($recipient->extended_to->toDateTimeImmutable());
            }
            $alike[serialize($times)] ??= [$times, []];
            $alike[serialize($times)][1][] = $recipient->student_id;
        }
        foreach ($alike as [$times, $ids]) {
            $this->write($handout, $times, $ids);
        }
    }

    /** @return array<int, list<int>> of each student the classes by which they have it */
    private function classes(Handout $handout): array
    {
        $classes = [];
        $rows = DB::table('enrolments')
            ->join('handout_classes', 'handout_classes.school_class_id', '=', 'enrolments.school_class_id')
            ->where('handout_classes.handout_id', $handout->id)
            ->get(['enrolments.student_id', 'enrolments.school_class_id']);
        foreach ($rows as $row) {
            $classes[(int) $row->student_id][] = (int) $row->school_class_id;
        }

        return $classes;
    }

    /** @param  list<int>  $students */
    private function write(Handout $handout, Times $times, array $students): void
    {
        foreach (array_chunk($students, self::ROWS_AT_ONCE) as $some) {
            Recipient::where('handout_id', $handout->id)
                ->whereIn('student_id', $some)
                ->update(Recipient::columns($times));
        }
    }
}
