<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Source;
use App\Documents\Sources;
use App\Models\FileStage;
use App\Models\Original;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Keeps a file byte for byte and starts a master from it. Here no more is looked at than its size and its signature:
 * what takes time, and what a bad file could make take time, is done by turns on the queue. A file that is added to a
 * worksheet is prepared on the side, and joins it when it is ready.
 */
final class BringInFile
{
    public function __construct(private Sources $sources, private FileStore $files)
    {
    }

    /**
     * @param  string  $name  the file's name as the teacher knows it
     * @param  Worksheet|null  $into  the worksheet to which the pages are added
     * @param  int|null  $before  id of its page before which they go; null is at the end
     *
     * @throws FileRefused|MasterLocked and nothing is kept
     */
    public function __invoke(
        Teacher $teacher,
        string $path,
        string $name,
        ?Worksheet $into = null,
        ?int $before = null,
    ): Worksheet {
        if ($into?->isLocked() === true) {
            throw new MasterLocked;
        }
        $name = mb_scrub($name);
        $kind = $this->sources->kindOf($path);
        $file = $this->files->keep($path, $kind->mediaType());
        $choices = $kind instanceof Source ? null : [];

        return DB::transaction(function () use ($teacher, $name, $file, $choices, $into, $before): Worksheet {
            $original = Original::of($teacher, $file, Str::limit($name, 250, ''), $choices);
            TeacherFile::give($teacher->id, ...$original->files());
            $worksheet = Worksheet::create([
                'teacher_id' => $teacher->id,
                'original_id' => $original->id,
                'name' => self::title($name),
                'state' => WorksheetState::Preparing,
                'pages_total' => count($original->pages),
                'joins_id' => $into?->id,
                'joins_before' => $before,
            ]);
            FileTurns::add($worksheet, $original->isToBeMade() ? FileStage::Convert : FileStage::Read);

            return $worksheet;
        });
    }

    /** "working-harbour_pack.pdf" is for machines, "Working harbour pack" for people. */
    private static function title(string $name): string
    {
        $words = trim(
            (string) preg_replace('/[\s_-]+/u', ' ', (string) preg_replace('/\.[a-z0-9]{1,5}$/i', '', $name)),
        );

        return Str::limit(Str::ucfirst($words === '' ? 'Untitled' : $words), 120, '');
    }
}
