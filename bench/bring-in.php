<?php

// Bringing in a 40-page PDF, to all thumbnails and page images ready, against pdftoppm making the same pixels (as raw
// pixels, both sizes) on the same cores.

declare(strict_types=1);

use App\Actions\BringInFile;
use App\Actions\WorkOnFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Bench\Bench;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\Process\Process;

return function (Bench $bench): void {
    $pack = dirname(__DIR__).'/database/demo/working-harbour-pack.pdf';
    $file = "{$bench->data}/forty.pdf";
    (new Process(['qpdf', '--empty', '--pages', $pack, '1-z', $pack, '1-z', '--', $file]))->mustRun();

    $cores = max(1, (int) shell_exec('nproc'));
    $pixels = function () use ($bench, $file, $cores): void {
        $waiting = [];
        foreach ([['-scale-to-x', '300', '-scale-to-y', '-1'], ['-r', '144']] as $size) {
            for ($n = 0; $n < $cores; $n++) {
                $share = (int) ceil(40 / $cores);
                $waiting[] = [
                    'pdftoppm',
                    ...$size,
                    '-f',
                    (string) ($n * $share + 1),
                    '-l',
                    (string) min(40, ($n + 1) * $share),
                    $file,
                    "{$bench->data}/raw",
                ];
            }
        }
        foreach (array_chunk($waiting, $cores) as $together) {
            $processes = array_map(fn (array $command): Process => new Process($command), $together);
            array_walk($processes, fn (Process $process) => $process->start());
            array_walk($processes, fn (Process $process) => $process->wait());
        }
        array_map(unlink(...), glob("{$bench->data}/raw*") ?: []);
    };

    // Blanks are looked for when the pages are there; see blanks.php.
    $teacher = Teacher::create(['name' => 'Bench', 'email' => 'bench@school.example', 'password' => 'x']);
    $first = [];
    $bringIn = function () use ($bench, $teacher, $file, &$first): void {
        $start = hrtime(true);
        $seen = null;
        DB::listen(function ($query) use ($start, &$seen): void {
            if ($seen === null && str_contains($query->sql, 'insert into "page_revisions"')) {
                $seen = (hrtime(true) - $start) / 1e9;
            }
        });
        Queue::fake();
        $master = app(BringInFile::class)($teacher, $file, 'forty.pdf');
        $work = app(WorkOnFile::class);
        while ($master->state !== WorksheetState::Ready) {
            $work($master);
        }
        $first[] = $seen;
        assert($master->pages()->count() === 40);
        // Back to nothing, so that the next run draws everything again.
        Worksheet::query()->update(['original_id' => null]);
        $tables = ['teacher_files', 'page_revisions', 'pages', 'worksheets', 'backdrops', 'originals', 'stored_files'];
        foreach ($tables as $table) {
            DB::table($table)->delete();
        }
        (new Process(['rm', '-rf', "{$bench->data}/private"]))->run();
    };

    $pixels();
    $bringIn();
    $first = [];
    $baseline = $bench->seconds($pixels, 7);
    $ours = $bench->seconds($bringIn, 7);
    sort($first);
    $bench->report(
        'bring-in',
        $ours / $baseline,
        1.5,
        sprintf('%.2f s against %.2f s of pdftoppm', $ours, $baseline),
    );
    $bench->report(
        'first-page',
        $first[intdiv(count($first), 2)] / $baseline,
        0.2,
        sprintf('seen after %.2f s', $first[intdiv(count($first), 2)]),
    );
};
