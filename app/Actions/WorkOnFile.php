<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Sources;
use App\Events\FileArrived;
use App\Models\FileStage;
use App\Models\Worksheet;
use App\Models\WorksheetState;

/**
 * Does what is next for a file that was brought in, a piece at a time, so that others come in between: it is read, its
 * pages are drawn, sorted, and looked through for blanks. Killed at any point, it goes on with what is missing.
 */
final class WorkOnFile
{
    /** A piece that has been begun so often and never ended takes its worker down each time. */
    private const MOST_TRIES = 5;

    public function __construct(
        private Sources $sources,
        private FileStore $files,
        private ConvertFile $convert,
        private PreparePages $prepare,
        private ReadPack $sort,
        private FindBlanks $find,
        private ReadScans $words,
        private DrawPrints $prints,
        private DropMaster $drop,
        private Deadline $deadline,
    ) {
    }

    /** @return float seconds of the file's time that it took */
    public function __invoke(Worksheet $worksheet): float
    {
        $this->deadline->start($this->allowed($worksheet) - $worksheet->spent);
        try {
            if ($worksheet->tries > self::MOST_TRIES) {
                throw FileRefused::tooMuchWork();
            }
            $this->deadline->check();
            $this->piece($worksheet);
        } catch (FileRefused $refusal) {
            $this->giveUp($worksheet, $refusal);
        } finally {
            $spent = $this->deadline->stop();
        }

        return $spent;
    }

    private function piece(Worksheet $worksheet): void
    {
        match ($worksheet->stage) {
            FileStage::Convert => $this->convert($worksheet),
            FileStage::Read => $this->read($worksheet),
            FileStage::Draw => ($this->prepare)($worksheet) ? null : $worksheet->goOnTo(FileStage::Sort),
            FileStage::Sort => $this->sort($worksheet),
            FileStage::Prints => ($this->prints)($worksheet) ? null : $this->ready($worksheet),
            FileStage::Blanks => ($this->find)($worksheet)
                ? null
                : $worksheet->endStage(FileStage::Blanks, FileStage::Words),
            // Its pages may be made anew meanwhile.
            FileStage::Words => ($this->words)($worksheet) ? null : $worksheet->endStage(FileStage::Words),
            null => null,
        };
    }

    private function convert(Worksheet $worksheet): void
    {
        ($this->convert)($worksheet->original()->firstOrFail());
        $this->read($worksheet);
    }

    private function read(Worksheet $worksheet): void
    {
        $original = $worksheet->original()->firstOrFail();
        if ($original->pages === []) {
            $path = $this->files->path($original->sha256);
            $original->note($this->sources->of($path)->pages($path));
        }
        $worksheet->goOnTo(FileStage::Draw, ['pages_total' => count($original->pages)]);
    }

    private function sort(Worksheet $worksheet): void
    {
        ($this->sort)($worksheet, $this->files->path($worksheet->original()->firstOrFail()->sha256));
        $this->ready($worksheet);
        $worksheet->joins_id === null || FileArrived::dispatch($worksheet->id);
    }

    private function ready(Worksheet $worksheet): void
    {
        $worksheet->update([
            'state' => WorksheetState::Ready,
            'pages_total' => $worksheet->pages()->count(),
            'stage' => FileStage::Blanks,
        ]);
    }

    private function giveUp(Worksheet $worksheet, FileRefused $refusal): void
    {
        if ($worksheet->stage === FileStage::Blanks) {
            // Nothing is proposed on what takes too much to look at; boxes can be drawn by hand.
            $this->find->none($worksheet);
            $worksheet->goOnTo(FileStage::Words);

            return;
        }
        if ($worksheet->stage === FileStage::Words) {
            $this->words->none($worksheet);
            $worksheet->goOnTo(null);

            return;
        }
        ($this->drop)($worksheet, $refusal->getMessage());
    }

    /** The time of a file, in seconds of the processor: for reading it, and for each of its pages. */
    private function allowed(Worksheet $worksheet): float
    {
        $each = (float) config('slate.files.seconds_for_each_page') * $worksheet->pages_total;

        $made = $worksheet->original;
        $making = $made?->choices === null ? 0.0 : (float) config('slate.files.seconds_for_converting');
        $making += count($made?->scanned() ?? []) * (float) config('slate.files.seconds_for_each_picture');

        return (float) config('slate.files.seconds_for_reading') +
            $making +
            $each +
            (in_array($worksheet->stage, [FileStage::Blanks, FileStage::Words], true) ? $each : 0.0) +
            ($worksheet->stage === FileStage::Words ? $this->reading($worksheet) : 0.0);
    }

    /** Of pages that are pictures: as much as for making one of a photo. */
    private function reading(Worksheet $worksheet): float
    {
        return (float) config('slate.files.seconds_for_each_picture') * $worksheet->pages_total;
    }
}
