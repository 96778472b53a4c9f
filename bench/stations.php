<?php

// Each station, until it can be worked at: of a pack of 34 pages, and of a page with 200 things on it; against the
// shelf in the same run.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Walk', 'email' => 'walk@school.example', 'password' => 'walk-password']);
    $at = fn (int $n): Frame => Frame::of(30 + 54 * ($n % 10), 30 + 36 * intdiv($n, 10), 44, 20);
    $boxes = fn (int $count, string $on): array => array_map(
        fn (int $n): AnswerBox => new AnswerBox("{$on}{$n}", $at($n), prompt: "Number {$n}"),
        range(0, $count - 1),
    );
    $pack = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf(array_map(fn (int $page): array => $boxes(12, "p{$page}b"), range(1, 34)))
        ->create(['name' => 'Pack of 34']);
    $full = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf([
            [...$boxes(100, 'b'), ...array_map(fn (int $n): Part => new Part("m{$n}", $at($n + 100)), range(0, 99))],
        ])
        ->create(['name' => 'Full page']);
    // A shelf as teachers have it.
    foreach (range(1, 30) as $n) {
        WorksheetFactory::new()
            ->for($teacher)
            ->withPagesOf([$boxes(8, "s{$n}b")])
            ->create(['name' => "Worksheet {$n}"]);
    }
    $times = [];
    $bench->withServer(8396, function (string $address) use ($bench, $pack, $full, &$times): void {
        $times = $bench->node(
            'stations.mjs',
            $address,
            'walk@school.example',
            'walk-password',
            (string) $pack->id,
            (string) $full->id,
        );
    });
    foreach ($times['stations'] as $name => $time) {
        $bench->report(
            "station-{$name}",
            $time / $times['shelf'],
            2,
            sprintf('%.0f ms against %.0f ms for the shelf', $time, $times['shelf']),
        );
    }
};
