<?php

// An edit of one element among 300 on a page, as the bench sends it, against a bare route of the framework's for people
// who are signed in (its session, cookies, forgery check and sign-in) that reads and writes one row. How it stands to a
// route that knows nobody is said beside it. The limit was 2 while the bare route took 18 ms and the edit 34; since web
// workers begin with the framework loaded, and this measures them as they ship, it is 9 and 20.

declare(strict_types=1);

use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;

return function (Bench $bench): void {
    Schema::dropIfExists('bare');
    Schema::create('bare', function ($table): void {
        $table->id();
        $table->text('text')->nullable();
    });
    DB::table('bare')->insert(['text' => null]);
    $teacher = Teacher::create(['name' => 'Edit', 'email' => 'edit@school.example', 'password' => 'edit-password']);
    $boxes = array_map(
        fn (int $n): AnswerBox => new AnswerBox(
            "b{$n}",
            Frame::of(30 + 36 * ($n % 15), 30 + 38 * intdiv($n, 15), 30, 18),
            prompt: "Number {$n}",
        ),
        range(0, 299),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPages(...$boxes)
        ->create(['name' => 'Edit']);
    $page = $worksheet->pages()->sole();
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
