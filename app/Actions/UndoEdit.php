<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Edit\EditRefused;

/** Steps back to what a page was before the last edit, or forward again. */
final class UndoEdit
{
    public function __construct(private RevisePage $revise)
    {
    }

    /** @throws StaleEdit|EditRefused */
    public function __invoke(WorksheetPage $page, int $base): PageRevision
    {
        return ($this->revise)($page, $base, function (PageRevision $now) use ($page): array {
            $target =
                $this->revision($page, $now->undo_to) ??
                throw new EditRefused('There is nothing to undo on this page.');

            return [$now->revision()->undone($target->revision()), $target->content];
        });
    }

    /** @throws StaleEdit|EditRefused */
    public function redo(WorksheetPage $page, int $base): PageRevision
    {
        return ($this->revise)($page, $base, function (PageRevision $now) use ($page): array {
            $target =
                $this->revision($page, $now->redo_to) ??
                throw new EditRefused('There is nothing to redo on this page.');

            return [$now->revision()->redone($target->revision()), $target->content];
        });
    }

    private function revision(WorksheetPage $page, ?int $number): ?PageRevision
    {
        return $number === null ? null : $page->revisions()->where('number', $number)->first();
    }
}
