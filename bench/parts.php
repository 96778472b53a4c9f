<?php

// A student's page with 150 parts, all of them moved: the longest script of a frame while one is dragged, against 8 ms,
// and with the processor four times as slow, against 25 ms; and saving one move against saving a text answer.

declare(strict_types=1);

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\SaveWork;
use App\Models\Copy;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use OpenSlate\Copies\Draft;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Parts', 'email' => 'parts@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Parts', 'code' => 'BENCH5']);
    $class->students()->attach(Student::create(['name' => 'Builder', 'pin' => '2468']));
    $parts = array_map(
        fn (int $n): Part => new Part("p{$n}", Frame::of(20, 20, 26, 18), text: (string) $n, size: 9),
        range(0, 149),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPages(new AnswerBox('a', Frame::of(60, 700, 300, 20)), ...$parts)
        ->create(['name' => 'Parts']);
    app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Parts', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
    );
    $copy = Copy::whereIn('student_id', $class->students()->pluck('students.id'))->sole();
    $model = array_combine(
        array_map(fn (int $n): string => "p{$n}.1", range(0, 149)),
        array_map(fn (int $n): array => [40 + 34 * ($n % 15), 60 + 40 * intdiv($n, 15)], range(0, 149)),
    );
    app(SaveWork::class)(
        $copy,
        new Draft(0, 'bench', ['1._parts' => (string) json_encode($model)]),
        $copy->item->edition->placesToFill(),
        1,
    );
    $times = [];
    $bench->withServer(8394, function (string $address) use ($bench, $class, $copy, &$times): void {
        $times = $bench->node('parts.mjs', $address, $class->code, '2468', (string) $copy->id);
    });
    $bench->report('parts-drag', $times['plain'] / 8, 1, sprintf('longest script of a frame %.1f ms', $times['plain']));
    $bench->report(
        'parts-drag-slow',
        $times['slow'] / 25,
        1,
        sprintf('longest script of a frame %.1f ms, at a quarter of the speed', $times['slow']),
    );
    $bench->report(
        'parts-save',
        $times['move'] / $times['text'],
        1.5,
        sprintf(
            '%.1f ms against %.1f ms for a text answer; the copy has %.1f KB',
            $times['move'],
            $times['text'],
            strlen((string) $copy->refresh()->work) / 1024,
        ),
    );
};
