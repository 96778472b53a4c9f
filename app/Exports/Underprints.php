<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\FileStore;
use App\Documents\Printing\HiddenLayers;
use App\Documents\Printing\Underprint;
use App\Models\Backdrop;
use App\Models\PageRevision;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Showing;

/**
 * Which prints can be laid beneath a page as they are. Where something of one is covered or cut off, it could be lifted
 * out of the file; where it has layers that are hidden, they would show: then it goes as a picture of what is seen.
 */
final class Underprints
{
    public function __construct(private FileStore $files, private HiddenLayers $layers)
    {
    }

    /**
     * @param  array<int, PageRevision>  $revisions  by page number
     * @return array<int, Underprint> likewise
     */
    public function of(array $revisions): array
    {
        $under = [];
        $hides = [];
        foreach ($revisions as $number => $revision) {
            $page = $revision->page();
            $showing = Showing::ofPrint($page);
            if ($page->backdrop === null || $showing === null || $page->backdrop->light || ! $showing->isWhole()) {
                continue;
            }
            $source = $page->backdrop->source;
            $path = $this->files->path($source);
            $printed = Backdrop::where(['source' => $source, 'page' => $page->backdrop->page])->first();
            if ($printed !== null && ! ($hides[$source] ??= $this->layers->areIn($path))) {
                $under[$number] = new Underprint(
                    $path,
                    $page->backdrop->page,
                    Frame::of(0, 0, $printed->width, $printed->height),
                    $page->backdrop->turn,
                    $showing->frame,
                );
            }
        }

        return $under;
    }
}
