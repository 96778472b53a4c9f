<?php

// Saving work with 30 students typing at once, each saving about once a second: the 95th percentile against that of a
// bare framework route (no session, no sign-in) that writes one row under the same load.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Bench\Rows;

return function (Bench $bench): void {
    Rows::bare(30);
    $teacher = Teacher::create(['name' => 'Save', 'email' => 'save@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Thirty', 'code' => 'BENCH3']);
    $pairs = Rows::typists($class, 30);
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
