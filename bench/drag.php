<?php

// Dragging on a page with 300 elements, all of them selected and one of them alone: the longest script of a frame
// against 8 ms.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Bench\Rows;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Drag', 'email' => 'drag@school.example', 'password' => 'drag-password']);
    $worksheet = Rows::crowded($teacher);
    $times = [];
    $bench->withServer(8392, function (string $address) use ($bench, $worksheet, &$times): void {
        $times = $bench->node('drag.mjs', $address, 'drag@school.example', 'drag-password', (string) $worksheet->id);
    });
    $bench->report(
        'drag-one',
        $times['one'] / 8,
        1,
        sprintf('longest script of a frame %.1f ms, %d frames', $times['one'], $times['frames']),
    );
    $bench->report('drag-all', $times['all'] / 8, 1, sprintf('longest script of a frame %.1f ms', $times['all']));
};
