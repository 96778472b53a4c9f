<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Scans\PaperPages;
use App\Events\PaperArrived;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\PaperFile;
use App\Models\Teacher;

/** Takes in a scan or a photo of sheets that were filled in by hand; a worker reads it. */
final class BringInPaper
{
    /** Of one item, that nobody has read yet. */
    private const MOST_AT_ONCE = 60;

    private const LONGEST_NAME = 200;

    public function __construct(private FileStore $files, private PaperPages $pages)
    {
    }

    /**
     * @param  string  $path  of the file that was sent
     *
     * @throws FileRefused when it is no such thing, or too many wait
     */
    public function __invoke(HandoutItem $item, Teacher $teacher, string $path, string $name): PaperFile
    {
        $waiting = $item->papers()->whereIn('state', [ExportState::Waiting, ExportState::Working])->count();
        if ($waiting >= self::MOST_AT_ONCE) {
            throw FileRefused::tooManyWait(self::MOST_AT_ONCE);
        }
        $this->pages->check($path);
        $paper = PaperFile::create([
            'handout_item_id' => $item->id,
            'teacher_id' => $teacher->id,
            'sha256' => $this->files->keep($path, 'application/octet-stream')->sha256,
            'name' => mb_substr(mb_scrub($name), 0, self::LONGEST_NAME),
            'state' => ExportState::Waiting,
        ]);
        PaperArrived::dispatch($paper->id);

        return $paper;
    }
}
