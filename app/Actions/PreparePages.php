<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\DrawnPage;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PagePaper;
use App\Documents\PageRenderer;
use App\Documents\PdfPage;
use App\Models\Backdrop;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\Revision;
use OpenSlate\Page\Backdrop as Printed;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageCodec;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;

/**
 * Makes the pages of a new master: each gets its pictures and its first revision as soon as it is drawn.
 *
 * Started again after being killed, it goes on with the pages that are missing. A file that was brought in before,
 * by whomever, is not drawn again.
 */
final class PreparePages
{
    public function __construct(
        private PageRenderer $renderer,
        private PagePaper $paper,
        private FileStore $files,
        private ReadPack $readPack,
    ) {
    }

    /** @throws FileRefused when a page cannot be drawn */
    public function __invoke(Worksheet $master): void
    {
        $original = $master->original()->firstOrFail();
        $source = $original->sha256;
        $path = $this->files->path($source);
        $there = $master->pages()->pluck('position')->all();
        foreach (Backdrop::where('source', $source)->whereNotIn('page', $there)->orderBy('page')->get() as $backdrop) {
            $this->addPage($master, fn (): Backdrop => $backdrop);
            $there[] = $backdrop->page;
        }
        $missing = array_values(array_filter($original->pdfPages(), fn (PdfPage $page): bool => ! in_array($page->number, $there, true)));
        if ($missing !== []) {
            $this->files->inWorkFolder(function (string $folder) use ($path, $missing, $master, $source): void {
                foreach ($this->renderer->draw($path, $missing, $folder) as $drawn) {
                    $this->addPage($master, fn (): Backdrop => $this->backdrop($source, $drawn));
                }
            });
        }
        ($this->readPack)($master, $path);
        $master->update(['state' => WorksheetState::Ready, 'pages_total' => $master->pages()->count()]);
    }

    private function backdrop(string $source, DrawnPage $drawn): Backdrop
    {
        return Backdrop::firstOrCreate(['source' => $source, 'page' => $drawn->page->number], [
            'width' => $drawn->page->size->width,
            'height' => $drawn->page->size->height,
            'paper' => $this->paper->of($drawn->thumbnail)->hex,
            'image' => $this->files->take($drawn->image, 'image/jpeg')->sha256,
            'thumbnail' => $this->files->take($drawn->thumbnail, 'image/jpeg')->sha256,
        ]);
    }

    /**
     * Adds a page with its first revision, both or neither: whoever looks meanwhile sees no page without content.
     *
     * @param  Closure(): Backdrop  $backdrop
     */
    private function addPage(Worksheet $master, Closure $backdrop): void
    {
        DB::transaction(function () use ($master, $backdrop): void {
            $printed = $backdrop();
            $page = WorksheetPage::firstOrCreate(
                ['worksheet_id' => $master->id, 'position' => $printed->page],
                ['backdrop_id' => $printed->id, 'revision' => 1],
            );
            if ($page->wasRecentlyCreated) {
                PageRevision::record($page->id, Revision::first(), PageCodec::encode(new Page(
                    Size::of($printed->width, $printed->height),
                    Colour::of($printed->paper),
                    Printed::of($printed->source, $printed->page),
                )));
            }
        });
    }
}
