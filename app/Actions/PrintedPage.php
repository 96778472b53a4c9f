<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Documents\Sources;
use App\Models\Backdrop;
use App\Models\Original;
use App\Models\WorksheetPage;
use OpenSlate\Blanks\Printed;
use OpenSlate\Page\Page;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Reads what is printed on a page of a worksheet, where the page shows it, once an edit asks for it. */
final class PrintedPage
{
    public function __construct(private FileStore $files, private Sources $sources)
    {
    }

    public function on(WorksheetPage $page): Printed
    {
        return new Printed(
            fn (): array => $page->blanksShown($page->current->page()),
            fn (): array => $this->words($page, $page->current->page()),
        );
    }

    /** @return list<Word> */
    private function words(WorksheetPage $row, Page $page): array
    {
        $original =
            $page->backdrop === null ? null : Original::where('sha256', $page->backdrop->source)->oldest('id')->first();
        $printed = $row->backdrop?->size();
        if ($page->backdrop === null || $original === null || $printed === null) {
            return [];
        }
        $path = $this->files->path($original->sha256);
        $words = $this->sources->of($path)->words($path, $original->sourcePages(), $page->backdrop->page);
        if ($words === []) {
            // What was read in its picture, perhaps.
            $read = Backdrop::where(['source' => $page->backdrop->source, 'page' => $page->backdrop->page])->first();
            $lines = $read?->text()->lines ?? [];
            $words = array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $lines));
        }

        return array_map(
            fn (Word $word): Word => new Word(
                $word->text,
                $page->backdrop->shown($word->frame, $printed, $page->frame()),
            ),
            $words,
        );
    }
}
