<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Edit\CoveredPrompts;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;

/** Applies one edit to a page, as its next revision. */
final class ApplyEdit
{
    public function __construct(private RevisePage $revise, private PrintedPage $printed)
    {
    }

    /**
     * @param  int  $base  the revision that the edit was made on
     *
     * @throws StaleEdit|EditRefused
     */
    public function __invoke(WorksheetPage $page, int $base, Edit $edit): PageRevision
    {
        return ($this->revise)(
            $page,
            $base,
            fn (PageRevision $now): array => [
                $now->revision()->edited(),
                CoveredPrompts::cleared($now->page(), $edit->apply($now->page()), $this->printed->on($page)),
            ],
        );
    }
}
