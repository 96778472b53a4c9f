<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\Student;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A handout as one of its students will see it once it is out, with copies that are thrown away. */
final class TryHandout
{
    /** What students see of a handout besides its items and times. */
    private const SEEN = [
        'title',
        'directions',
        'marks_late',
        'points',
        'attempts',
        'best_attempt',
        'reads_aloud',
        'answers_shown_at',
    ];

    public function __construct(private GiveCopies $give, private EndTrials $end)
    {
    }

    public function __invoke(Teacher $teacher, Handout $handout, Student $as): Handout
    {
        return DB::transaction(function () use ($teacher, $handout, $as): Handout {
            ($this->end)($teacher->trials());
            $times = $handout->timesByStudent()[$as->id] ?? $handout->times();
            $trial = Handout::create([
                ...$handout->only(self::SEEN),
                ...Handout::columns($times),
                'out_at' => now(),
                'teacher_id' => $teacher->id,
                'trial' => true,
                'preview_of' => $handout->id,
            ]);
            foreach ($handout->items()->for($as)->orderBy('position')->get() as $item) {
                $trial->items()->create($item->only(['edition_id', 'position', 'mode', 'points']));
            }
            // Nobody can come in as this student: it is in no class, and its PIN is known to nobody.
            $student = Student::create(['name' => $as->name, 'pin' => Str::random(32)]);
            ($this->give)($trial, [$student->id]);

            return $trial;
        });
    }
}
