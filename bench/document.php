<?php

// A document of ten pages brought in, until its pages are on the contact sheet, against what LibreOffice alone takes to
// make the PDF of it, with a new profile, too.

declare(strict_types=1);

use App\Actions\BringInFile;
use App\Actions\WorkOnFile;
use App\Documents\FileStore;
use App\Models\Teacher;
use App\Models\WorksheetState;
use Bench\Bench;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\Process\Process;
use Tests\Support\WordFile;

return function (Bench $bench): void {
    Queue::fake();
    $teacher = Teacher::create(['name' => 'Doc', 'email' => 'doc@school.example', 'password' => 'x']);
    [$ours, $alone] = [[], []];
    for ($round = 0; $round < 4; $round++) {
        $file = new WordFile;
        for ($page = 1; $page <= 10; $page++) {
            $file->paragraph("Day {$page} of the tide diary, {$round}", $page === 1 ? '' : '<w:pageBreakBefore/>');
            for ($n = 1; $n <= 12; $n++) {
                $file->paragraph("{$n}. What did you see at low water? ______________________________");
            }
            $file->table([['Time', 'Height', 'Weather'], ['', '', ''], ['', '', '']]);
        }
        $path = $file->write("{$bench->data}/diary-{$round}.docx");
        $alone[] = app(FileStore::class)->inWorkFolder(
            fn (string $folder): float => $bench->seconds(function () use ($folder, $path): void {
                $program = '/usr/lib/libreoffice/program/soffice.bin';
                $options = ["-env:UserInstallation=file://{$folder}/p", '--headless', '--convert-to', 'pdf'];
                // A new profile asks to be started again.
                (new Process([$program, ...$options, '--outdir', $folder, $path]))->run();
                (new Process([$program, ...$options, '--outdir', $folder, $path]))->mustRun();
            }, 1),
        );
        $ours[] = $bench->seconds(function () use ($teacher, $path): void {
            $master = app(BringInFile::class)($teacher, $path, 'diary.docx');
            while ($master->refresh()->state === WorksheetState::Preparing && $master->pages()->count() < 10) {
                app(WorkOnFile::class)($master);
            }
        }, 1);
    }
    [$ours, $alone] = [min($ours), min($alone)];
    $bench->report('document', $ours / $alone, 1.3, sprintf('%.2f s against %.2f s', $ours, $alone));
};
