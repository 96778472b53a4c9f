<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

/** A page with one box, "1.a", handed out to a class of a teacher's. */
trait HandsOutOneSheet
{
    /** @param  list<string>  $students  their names */
    private function handOutOneSheet(Teacher $teacher, array $students): Handout
    {
        $class = SchoolClass::factory()->of($teacher)->create();
        foreach ($students as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $worksheet = Worksheet::factory()
            ->withPages(new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 1.0, key: ['quoxle']))
            ->create(['teacher_id' => $teacher->id]);

        return app(HandOutWorksheets::class)(
            $teacher,
            new HandoutPlan('Tides', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        );
    }
}
