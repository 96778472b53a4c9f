<?php

// Saving work with 30 students typing at once, each saving about once a second: the 95th percentile against that of a
// bare framework route (no session, no sign-in) that writes one row under the same load.

declare(strict_types=1);

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

return function (Bench $bench): void {
    Schema::dropIfExists('bare');
    Schema::create('bare', function ($table): void {
        $table->id();
        $table->text('text')->nullable();
    });
    DB::table('bare')->insert(array_fill(0, 30, ['text' => null]));
    $teacher = Teacher::create(['name' => 'Save', 'email' => 'save@school.example', 'password' => 'x']);
    $class = SchoolClass::create(['teacher_id' => $teacher->id, 'name' => 'Thirty', 'code' => 'BENCH3']);
    $pin = bcrypt('2468', ['rounds' => 4]);
    for ($n = 0; $n < 30; $n++) {
        $class->students()->attach(Student::create(['name' => "Student {$n}", 'pin' => $pin]));
    }
    $boxes = array_map(
        fn (int $n): AnswerBox => new AnswerBox("b{$n}", Frame::of(50, 30 + 35 * $n, 300, 30), TextAnswer::lines()),
        range(0, 19),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf([$boxes])
        ->create(['name' => 'Save']);
    app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Save', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
    );
    $copies = Copy::whereIn('student_id', $class->students()->pluck('students.id'))->get(['id', 'student_id']);

    $pairs = $copies->map(fn (Copy $copy): string => "{$copy->student_id}.{$copy->id}")->join(',');
    $times = [];
    $bench->withServer(8391, function (string $address) use ($bench, $class, $pairs, &$times): void {
        $times = $bench->node('save.mjs', $address, $class->code, '2468', $pairs);
    });
    $bench->report(
        'save-p95',
        $times['save'] / $times['bare'],
        3,
        sprintf('%.0f ms against %.0f ms, %d saves', $times['save'], $times['bare'], $times['count']),
    );
};
