<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\SweepPictures;
use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Scans\PaperPages;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use OpenSlate\Paper\SourcePage;
use Throwable;

/** Reads the sheets of paper in a file that came back; begun anew where a worker died at it. */
final class ReadPaper implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public function __construct(public readonly int $paperFileId)
    {
    }

    public function handle(
        FileStore $files,
        Deadline $deadline,
        PaperPages $pages,
        RecogniseSheet $recognise,
        SweepPictures $sweep,
    ): void {
        $paper = PaperFile::with('item.edition.revisions')->find($this->paperFileId);
        if ($paper === null || ! $paper->state->isUnderWay()) {
            return;
        }
        $paper->sheets()->delete();
        $whole = (string) $paper->sha256;
        $deadline->start((float) config('slate.files.seconds_for_converting'));
        try {
            $files->inWorkFolder(function (string $folder) use ($paper, $files, $pages, $recognise): void {
                [$pdf, $all] = $pages->open($files->path((string) $paper->sha256), $folder);
                $paper->goesOn(0, count($all));
                foreach ($all as $page) {
                    $this->read($paper, $pdf, $page, $folder, $files, $pages, $recognise);
                    $paper->goesOn($page->number, count($all));
                }
            });
            $paper->isRead();
        } catch (FileRefused $refusal) {
            $paper->isRefused($refusal->getMessage());
        } finally {
            $deadline->stop();
        }
        $sweep->now($whole);
    }

    private function read(
        PaperFile $paper,
        string $pdf,
        SourcePage $page,
        string $folder,
        FileStore $files,
        PaperPages $pages,
        RecogniseSheet $recognise,
    ): void {
        $picture = $pages->draw($pdf, $page, $folder);
        $sheet = $recognise($paper->item, $picture, $folder);
        $pages->straightened($picture, $sheet->straight, $sheet->size ?? $page->size, "{$folder}/sheet.jpg", $folder);
        PaperSheet::create([
            'paper_file_id' => $paper->id,
            'position' => $page->number,
            'sha256' => $files->take("{$folder}/sheet.jpg", 'image/jpeg')->sha256,
            'copy_id' => $sheet->copy,
            'page_id' => $sheet->page,
            'doubt' => $sheet->doubt,
        ]);
    }

    public function failed(?Throwable $problem): void
    {
        PaperFile::find($this->paperFileId)?->isRefused('It could not be read. Bring it in once more; if that does not '
            .'help, say so to whoever looks after this program.');
    }
}
