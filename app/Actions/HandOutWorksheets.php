<?php

declare(strict_types=1);

namespace App\Actions;

use App\Events\EditionFrozen;
use App\Models\HandedClass;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;

/** Hands worksheets out: freezes an edition of each and gives every student a copy. All of it, or nothing. */
final class HandOutWorksheets
{
    public function __construct(private FreezeEdition $freeze, private GiveCopies $give)
    {
    }

    public function __invoke(Teacher $teacher, HandoutPlan $plan): Handout
    {
        return DB::transaction(function () use ($teacher, $plan): Handout {
            $handout = Handout::create([
                'teacher_id' => $teacher->id,
                'title' => $plan->title,
                'directions' => $plan->directions,
                ...Handout::columns($plan->times()),
                'marks_late' => $plan->marksLate,
                'attempts' => $plan->attempts->most,
                'best_attempt' => $plan->attempts->best,
                'points' => $plan->points,
                'reads_aloud' => $plan->readsAloud,
            ]);
            foreach ($plan->items as $index => [$worksheet, $mode]) {
                $edition = ($this->freeze)($worksheet);
                EditionFrozen::dispatch($edition->id);
                $item = HandoutItem::create([
                    'handout_id' => $handout->id,
                    'edition_id' => $edition->id,
                    'position' => $index + 1,
                    'mode' => $mode,
                    'points' => $plan->itemPoints[$worksheet->id] ?? null,
                ]);
                $item->chosen()->attach($plan->only[$worksheet->id] ?? []);
            }
            ($this->give)($handout, $this->students($handout, $plan));

            return $handout;
        });
    }

    /** @return list<int> */
    private function students(Handout $handout, HandoutPlan $plan): array
    {
        $ids = [];
        foreach ($plan->classes as $class) {
            $handout->classes()->attach($class->id, [
                'whole' => true,
                'team_set_id' => $plan->teams[$class->id] ?? null,
                ...$this->ownTimes($plan, $class),
            ]);
            $ids = [...$ids, ...$class->students()->pluck('students.id')->all()];
        }
        foreach ($plan->chosen as [$class, $students]) {
            $handout->classes()->attach($class->id, [
                'whole' => false,
                'team_set_id' => $plan->teams[$class->id] ?? null,
                ...$this->ownTimes($plan, $class),
            ]);
            $ids = [...$ids, ...array_map(fn (Student $student): int => $student->id, $students)];
        }

        return array_values(array_unique($ids));
    }

    /** @return array<string, mixed> */
    private function ownTimes(HandoutPlan $plan, SchoolClass $class): array
    {
        $own = $plan->ofClasses[$class->id] ?? null;

        return $own === null ? [] : ['own_times' => true, ...HandedClass::columns($own)];
    }
}
