<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\Original;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Page\PageFile;
use OpenSlate\Paper\SourcePage;

/** Draws what is printed on the pages of a worksheet that came in a package, some at a time; then it is ready. */
final class DrawPrints
{
    private const AT_ONCE = 40;

    public function __construct(private PrintBackdrops $print, private FileStore $files)
    {
    }

    /**
     * @return bool whether there are more
     *
     * @throws FileRefused when a page cannot be drawn
     */
    public function __invoke(Worksheet $worksheet): bool
    {
        $pages = $worksheet->pages()->with('current')->get();
        $wanted = [];
        foreach ($pages as $page) {
            foreach (PageFile::of($page->current->page()) as $file) {
                $file->page === 0 || ($wanted[$file->sha256][$file->page] = true);
            }
        }
        foreach ($wanted as $source => $numbers) {
            $there = Backdrop::where('source', $source)->pluck('page')->all();
            $missing = array_values(array_diff(array_keys($numbers), $there));
            if ($missing !== []) {
                $this->draw((string) $source, array_slice($missing, 0, self::AT_ONCE));

                return true;
            }
        }
        foreach ($pages as $page) {
            $this->name($page, $page->current);
        }

        return false;
    }

    /** @param  list<int>  $numbers */
    private function draw(string $source, array $numbers): void
    {
        $of = Original::where('sha256', $source)->where('pages', '!=', '[]')->firstOrFail()->sourcePages();
        $pages = array_values(array_filter(
            $of,
            fn (SourcePage $page): bool => in_array($page->number, $numbers, true),
        ));
        $this->files->inWorkFolder(function (string $folder) use ($source, $pages): void {
            iterator_to_array($this->print->of($source, $pages, $folder), false);
        });
    }

    private function name(WorksheetPage $page, PageRevision $revision): void
    {
        $print = $revision->page()->backdrop;
        if ($print !== null) {
            $page->update([
                'backdrop_id' => Backdrop::where(['source' => $print->source, 'page' => $print->page])
                    ->firstOrFail()->id,
            ]);
        }
    }
}
