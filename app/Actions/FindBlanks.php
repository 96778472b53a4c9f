<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PageMarks;
use App\Documents\PageTexts;
use App\Models\Backdrop;
use App\Models\Original;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Proposals;

/** Notes the blanks of a file's printed pages, as far as nobody has yet. */
final class FindBlanks
{
    /** Pages whose marks are held at one time. */
    private const AT_ONCE = 8;

    public function __construct(private FileStore $files, private PageTexts $texts, private PageMarks $marks)
    {
    }

    /** @throws FileRefused when reading takes too much */
    public function __invoke(Original $original): void
    {
        $missing = array_values(Backdrop::where('source', $original->sha256)->whereNull('blanks')->orderBy('page')->pluck('page')->all());
        if ($missing === []) {
            return;
        }
        $path = $this->files->path($original->sha256);
        $pages = $original->pdfPages();
        $texts = $this->texts->read($path, $pages);
        foreach (array_chunk($missing, self::AT_ONCE) as $numbers) {
            foreach ($this->marks->read($path, $pages, $texts, $numbers) as $number => $marks) {
                Backdrop::where('source', $original->sha256)->where('page', $number)->update(['blanks' => Proposals::encode(BlankFinder::find($marks))]);
            }
        }
    }
}
