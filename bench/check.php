<?php

// The ready check of twenty pages with 300 elements, against drawing the first of them at the Boxes station.

declare(strict_types=1);

use App\Actions\LookThrough;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Check', 'email' => 'check@school.example', 'password' => 'x']);
    $boxes = fn (int $page): array => array_map(
        fn (int $n): AnswerBox => new AnswerBox(
            "p{$page}b{$n}",
            Frame::of(50, 40 + 45 * $n, 300, 22),
            prompt: "Question {$n}",
        ),
        range(0, 14),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf(array_map($boxes, range(1, 20)))
        ->create(['name' => 'Twenty pages']);
    $draw = function () use ($teacher, $worksheet): void {
        Auth::guard('teacher')->setUser($teacher);
        $answer = app(Kernel::class)->handle(Request::create("/worksheets/{$worksheet->id}/boxes/1"));
        $answer->getStatusCode() === 200 || throw new RuntimeException("Answered {$answer->getStatusCode()}.");
    };
    $look = fn () => app(LookThrough::class)($worksheet);
    $draw();
    $look();
    $baseline = $bench->seconds($draw, 15);
    $took = $bench->seconds($look, 15);
    $bench->report(
        'ready-check',
        $took / $baseline,
        1,
        sprintf('%.0f ms against %.0f ms of drawing the first page', $took * 1000, $baseline * 1000),
    );
};
