<?php

declare(strict_types=1);

namespace App\Actions;

use App\Access\Code;
use App\Models\Handout;
use App\Models\Pass;
use App\Models\PassKind;
use App\Models\Recipient;
use App\Models\SchoolClass;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/** Passes to a handout. A new one in place of an old one ends the old one at once. */
final class GivePass
{
    /**
     * @param  SchoolClass|null  $class  of a class pass
     * @param  bool  $anew  also in place of personal passes that are there; else those last as long as the new ones
     */
    public function __invoke(
        Handout $handout,
        PassKind $kind,
        ?SchoolClass $class,
        DateTimeInterface $ends,
        bool $anew = true,
    ): void {
        DB::transaction(function () use ($handout, $kind, $class, $ends, $anew): void {
            $there = Pass::where(['handout_id' => $handout->id, 'kind' => $kind, 'school_class_id' => $class?->id]);
            $kept = [];
            if ($kind === PassKind::Personal && ! $anew) {
                (clone $there)->update(['ends_at' => $ends]);
                $kept = $there->pluck('student_id')->all();
            } else {
                $there->delete();
            }
            $for = $kind === PassKind::Personal ? array_diff($this->students($handout), $kept) : [null];
            foreach ($for as $student) {
                Pass::create([
                    'handout_id' => $handout->id,
                    'kind' => $kind,
                    'school_class_id' => $class?->id,
                    'student_id' => $student,
                    'code' => Code::new($kind->letters()),
                    'ends_at' => $ends,
                ]);
            }
        });
    }

    /** @return list<int> ids of all who have it, but for guests */
    private function students(Handout $handout): array
    {
        return array_values(
            Recipient::where('handout_id', $handout->id)
                ->whereNull('withdrawn_at')
                ->join('students', 'students.id', '=', 'recipients.student_id')
                ->where('students.guest', false)
                ->pluck('recipients.student_id')
                ->map(intval(...))
                ->all(),
        );
    }
}
