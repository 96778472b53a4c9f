<?php

// Thirty, 150 and 300 students typing at once, each saving about once a second, on the server that ships: the 95th
// percentiles against those of a bare signed-in route under the same load, how much longer 150 wait than 30, and the
// longest wait of 300.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Bench\Rows;

return function (Bench $bench): void {
    $most = 300;
    Rows::bare($most);
    $teacher = Teacher::create(['name' => 'Load', 'email' => 'load@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Many', 'code' => 'BENCH4']);
    $pairs = Rows::typists($class, $most);
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
