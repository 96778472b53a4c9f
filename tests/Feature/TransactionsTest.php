<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Many writers at once wait for each other; none is turned away. */
final class TransactionsTest extends TestCase
{
    public function test_transactions_that_read_and_then_write_wait_their_turn(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'slate');
        config(['database.connections.sqlite.database' => $path]);
        DB::purge();
        // As the product's own file is: with a journal each commit waits for the disk, and a slow one can keep a writer
        // from its turn for longer than anybody is let wait.
        DB::statement('PRAGMA journal_mode = WAL');
        DB::statement('create table counts (number integer)');
        DB::table('counts')->insert(['number' => 0]);
        $script = sprintf(
            <<<'PHP'
            require "vendor/autoload.php";
            $app = require "bootstrap/app.php";
            $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            use Illuminate\Support\Facades\DB;
            config(["database.connections.sqlite.database" => %s]);
            foreach (range(1, 40) as $n) {
                DB::transaction(function () {
                    $number = DB::table("counts")->value("number");
                    usleep(500);
                    DB::table("counts")->update(["number" => $number + 1]);
                });
            }
            PHP,
            var_export($path, true),
        );
        $writers = array_map(fn (): Process => new Process(['php', '-r', $script], base_path()), range(1, 4));
        array_walk($writers, fn (Process $writer) => $writer->start());
        foreach ($writers as $writer) {
            $this->assertSame(0, $writer->wait(), $writer->getErrorOutput().$writer->getOutput());
        }

        $this->assertSame(160, (int) DB::table('counts')->value('number'));
        DB::purge();
        array_map(unlink(...), glob("{$path}*") ?: []);
    }
}
