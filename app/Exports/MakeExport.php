<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Export;
use App\Models\ExportKind;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes what a teacher has asked for; begun anew where a worker died at it. */
final class MakeExport implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public function __construct(public readonly int $exportId)
    {
    }

    public function handle(
        FileStore $files,
        Deadline $deadline,
        WorksheetPdf $worksheet,
        CopiesPdf $copies,
        PackageZip $package,
        StudentZip $student,
    ): void {
        $export = Export::with(['worksheet', 'item'])->find($this->exportId);
        if ($export === null || ! $export->state->isUnderWay()) {
            return;
        }
        $deadline->start((float) config('slate.printing.seconds'));
        try {
            $files->inWorkFolder(function (string $folder) use (
                $export,
                $files,
                $worksheet,
                $copies,
                $package,
                $student,
            ): void {
                $made = match ($export->kind) {
                    ExportKind::Form, ExportKind::Paper, ExportKind::Key => $worksheet->make($export, $folder),
                    ExportKind::Student => $student->make($export, $folder),
                    ExportKind::Package => $package->make($export, $folder),
                    default => $copies->make($export, $folder),
                };
                $export->isMade($files->take($made, $export->kind->mediaType()));
            });
        } catch (FileRefused $refusal) {
            $export->isRefused(
                $refusal->reason === 'too_much_work' ? FileRefused::notPrinted()->getMessage() : $refusal->getMessage(),
            );
        } finally {
            $deadline->stop();
        }
    }

    public function failed(?Throwable $problem): void
    {
        Export::find($this->exportId)?->isRefused('It could not be made. Ask for it once more; if that does not help, '
            .'say so to whoever looks after this program.');
    }
}
