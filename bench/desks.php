<?php

// The desks: queries for thirty copies against those for three, and what a look sends when nothing has changed.

declare(strict_types=1);

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Desk', 'email' => 'desk@school.example', 'password' => 'x']);
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPages(new AnswerBox('a', Frame::of(50, 50, 200, 18)))
        ->create(['name' => 'Desk']);
    $look = function (int $students, string $what) use ($teacher, $worksheet): array {
        $class = $teacher->classes()->create(['name' => "{$students}",
            'code' => "D{$students}".strlen($what),
        ]);
        for ($n = 0; $n < $students; $n++) {
            $class->students()->attach(Student::create(['name' => "S {$n}", 'pin' => 'x']));
        }
        $handout = app(HandOutWorksheets::class)(
            $teacher,
            new HandoutPlan('Desk', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
        );
        $seen = $handout
            ->items()
            ->firstOrFail()
            ->copies()
            ->get()
            ->map(fn (Copy $copy): string => "{$copy->id}.{$copy->version}")
            ->join(',');
        Auth::guard('teacher')->setUser($teacher);
        DB::flushQueryLog();
        DB::enableQueryLog();
        $response = app(Kernel::class)->handle(
            Request::create(strtr($what, ['{handout}' => (string) $handout->id, '{seen}' => $seen])),
        );
        $queries = count(DB::getQueryLog());
        assert($response->isSuccessful());

        return [$queries, strlen((string) $response->getContent())];
    };
    [$few] = $look(3, '/handouts/{handout}');
    [$many] = $look(30, '/handouts/{handout}');
    $bench->report('desks-queries', $many / $few, 1, "{$many} queries for 30 copies, {$few} for 3");
    [$queries, $bytes] = $look(31, '/handouts/{handout}/changes?seen={seen}');
    $bench->report('desks-unchanged', (float) $bytes, 0, "{$bytes} bytes, {$queries} queries");
};
