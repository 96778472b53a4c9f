<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\DrawnPage;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PagePaper;
use App\Documents\Sources;
use App\Models\Backdrop;
use Generator;
use OpenSlate\Paper\SourcePage;

/** Makes the pictures of printed pages, each once, whoever brings the file in. */
final class PrintBackdrops
{
    public function __construct(private Sources $sources, private PagePaper $paper, private FileStore $files)
    {
    }

    /**
     * @param  string  $source  SHA-256 of the file
     * @param  list<SourcePage>  $pages  of it, that have none yet
     * @return Generator<Backdrop> each as soon as it is there, not always in order
     *
     * @throws FileRefused when a page cannot be drawn
     */
    public function of(string $source, array $pages, string $folder): Generator
    {
        $path = $this->files->path($source);
        foreach ($this->sources->of($path)->draw($path, $pages, $folder) as $drawn) {
            yield $this->kept($source, $drawn);
        }
    }

    private function kept(string $source, DrawnPage $drawn): Backdrop
    {
        return Backdrop::firstOrCreate(
            ['source' => $source, 'page' => $drawn->page->number],
            [
                'width' => $drawn->page->size->width,
                'height' => $drawn->page->size->height,
                'paper' => $this->paper->of($drawn->thumbnail)->hex,
                'image' => $this->files->take($drawn->image, 'image/jpeg')->sha256,
                'thumbnail' => $this->files->take($drawn->thumbnail, 'image/jpeg')->sha256,
            ],
        );
    }
}
