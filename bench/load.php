<?php

// Thirty, 150 and 300 students typing at once, each saving about once a second, on the server that ships: the 95th
// percentiles against those of a bare signed-in route under the same load, how much longer 150 wait than 30, and the
// longest wait of 300.

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
    $most = 300;
    Schema::dropIfExists('bare');
    Schema::create('bare', function ($table): void {
        $table->id();
        $table->text('text')->nullable();
    });
    DB::table('bare')->insert(array_fill(0, $most, ['text' => null]));
    $teacher = Teacher::create(['name' => 'Load', 'email' => 'load@school.example', 'password' => 'x']);
    $class = SchoolClass::create(['teacher_id' => $teacher->id, 'name' => 'Many', 'code' => 'BENCH4']);
    $pin = bcrypt('2468', ['rounds' => 4]);
    for ($n = 0; $n < $most; $n++) {
        $class->students()->attach(Student::create(['name' => "Student {$n}", 'pin' => $pin]));
    }
    $boxes = array_map(
        fn (int $n): AnswerBox => new AnswerBox("b{$n}", Frame::of(50, 30 + 35 * $n, 300, 30), TextAnswer::lines()),
        range(0, 19),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf([$boxes])
        ->create(['name' => 'Load']);
    app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Load', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
    );
    $pairs = Copy::whereIn('student_id', $class->students()->pluck('students.id'))
        ->get(['id', 'student_id'])
        ->map(fn (Copy $copy): string => "{$copy->student_id}.{$copy->id}")
        ->join(',');
    $figures = [];
    $bench->withServer(8394, function (string $address) use ($bench, $class, $pairs, &$figures): void {
        $figures = $bench->node('load.mjs', $address, $class->code, '2468', $pairs);
    });
    foreach ($figures as $many => ['bare' => $bare, 'save' => $save]) {
        // With 30 nobody waits for anybody, and the ratio is that of the work; with more it is also how near each comes
        // to all that the machine can do.
        $bench->report(
            "load-{$many}",
            $save['p95'] / $bare['p95'],
            $many === 30 ? 2 : 4,
            sprintf(
                'p95 %.0f against %.0f ms, p50 %.0f against %.0f, longest %.0f against %.0f, %.0f against %.0f a '
                    .'second',
                $save['p95'],
                $bare['p95'],
                $save['p50'],
                $bare['p50'],
                $save['longest'],
                $bare['longest'],
                $save['perSecond'],
                $bare['perSecond'],
            ),
        );
    }
    $bench->report('load-150-against-30', $figures[150]['save']['p95'] / $figures[30]['save']['p95'], 5);
    $bench->report('load-300-longest', $figures[300]['save']['longest'] / 2000, 1, 'of two seconds');
};
