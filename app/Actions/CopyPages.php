<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;

/** Lays pages into a new worksheet, one after another. Keys among them stay tied to the pages they answer. */
final class CopyPages
{
    public function __construct(private CopyPage $copy)
    {
    }

    /**
     * @param  list<WorksheetPage>  $pages  with their current revisions loaded
     * @param  bool  $tied  whether mending of these pages will be offered to the copies
     * @param  int  $from  the number that the first of them gets
     */
    public function __invoke(array $pages, Worksheet $to, bool $tied, int $from = 1): void
    {
        $copies = [];
        foreach ($pages as $index => $page) {
            $copies[] = ($this->copy)($page, $to, $from + $index, $tied ? [$page->id, $page->revision] : null);
        }
        $ids = array_combine(
            array_map(fn (WorksheetPage $page): int => $page->id, $pages),
            array_map(fn (WorksheetPage $copy): int => $copy->id, $copies),
        );
        foreach ($pages as $index => $page) {
            $answers = array_values(array_intersect_key($ids, array_flip($page->answers ?? [])));
            if ($answers !== []) {
                $copies[$index]->update(['answers' => $answers]);
            }
        }
    }
}
