<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;

/** Applies one edit to many pages of a worksheet, as one step that can be undone. */
final class EditPages
{
    public function __construct(private Rearrange $rearrange, private ApplyEdit $apply)
    {
    }

    /**
     * @param  list<int>  $ids
     *
     * @throws StaleArrangement|MasterLocked|ArrangementRefused|EditRefused
     */
    public function __invoke(Worksheet $worksheet, int $base, array $ids, Edit $edit): Worksheet
    {
        return ($this->rearrange)($worksheet, $base, function (Arrangement $is, Worksheet $locked) use (
            $ids,
            $edit,
        ): Arrangement {
            if ($locked->isLocked()) {
                throw new MasterLocked;
            }
            $pages = $locked->pages()->whereIn('id', $ids)->get();
            if ($ids === [] || $pages->count() !== count(array_unique($ids))) {
                throw $ids === [] ? ArrangementRefused::nothingChosen() : ArrangementRefused::missing();
            }

            return $is->revised(
                $pages
                    ->mapWithKeys(
                        fn (WorksheetPage $page): array => [
                            $page->id => ($this->apply)($page, $page->revision, $edit)->number,
                        ],
                    )
                    ->all(),
            );
        });
    }
}
