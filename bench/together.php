<?php

// Six students who type in one copy in six browsers: how long it takes until a letter is seen in the others', against
// how long the typist's own is on its way to the server and back.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Bench\Rows;
use OpenSlate\Handout\Mode;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Together', 'email' => 'together@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Six', 'code' => 'BENCH6']);
    $pairs = Rows::typists($class, 6, Mode::ClassCopy);
    $times = [];
    $bench->withServer(8396, function (string $address) use ($bench, $class, $pairs, &$times): void {
        $times = $bench->node('together.mjs', $address, $class->code, '2468', $pairs);
    });
    $bench->report(
        'together-seen',
        $times['seen'] / $times['saved'],
        6,
        sprintf('p95 %.0f ms until it is seen, %.0f ms until it is saved', $times['seen'], $times['saved']),
    );
    $bench->report('together-longest', $times['longest'] / 2000, 1, 'of two seconds');
    $bench->report('together-lost', (float) $times['lost'], 0, "letters of {$times['typed']}");
};
