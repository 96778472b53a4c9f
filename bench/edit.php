<?php

// An edit of one element among 300 on a page, as the bench sends it, against a bare route of the framework's for people
// who are signed in (its session, cookies, forgery check and sign-in) that reads and writes one row. How it stands to a
// route that knows nobody is said beside it. The limit was 2 while the bare route took 18 ms and the edit 34; since web
// workers begin with the framework loaded, and this measures them as they ship, it is 7 and 16.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Bench\Rows;

return function (Bench $bench): void {
    Rows::bare(1);
    $teacher = Teacher::create(['name' => 'Edit', 'email' => 'edit@school.example', 'password' => 'edit-password']);
    $page = Rows::crowded($teacher)->pages()->sole();
    $times = [];
    $bench->withServer(8393, function (string $address) use ($bench, $page, &$times): void {
        $times = $bench->node('edit.mjs', $address, 'edit@school.example', 'edit-password', (string) $page->id);
    });
    $bench->report(
        'edit',
        $times['edit'] / $times['bare'],
        2.4,
        sprintf(
            '%.1f ms against %.1f ms, and %.1f ms for nobody; %d KB sent back',
            $times['edit'],
            $times['bare'],
            $times['nobody'],
            $times['kilobytes'],
        ),
    );
};
