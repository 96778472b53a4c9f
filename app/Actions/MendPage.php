<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PagePiece;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\History\Mend;
use OpenSlate\Edit\History\PageProperty;

/**
 * Gives a page of a set what has changed in the page it was cut from, as one edit that can be undone; or leaves it as
 * it is.
 */
final class MendPage
{
    public function __construct(private ApplyEdit $apply)
    {
    }

    /**
     * @param  list<string>  $fromMaster  ids of the elements for which, where both changed them, the master's is taken
     * @param  list<PageProperty>  $properties  those of which it is taken likewise
     *
     * @throws StaleEdit|MasterLocked|EditRefused
     */
    public function __invoke(MendingOffer $offer, array $fromMaster = [], array $properties = []): void
    {
        DB::transaction(function () use ($offer, $fromMaster, $properties): void {
            ($this->apply)(
                $offer->page,
                $offer->page->revision,
                new Mend($offer->base, $offer->master, $fromMaster, $properties),
            );
            $this->leave($offer);
        });
    }

    /** It will be offered again when the master changes again. */
    public function leave(MendingOffer $offer): void
    {
        foreach ($offer->revisions as $source => $revision) {
            WorksheetPage::whereKey($offer->page->id)
                ->where('source_page_id', $source)
                ->update(['source_revision' => $revision]);
            PagePiece::where(['page_id' => $offer->page->id, 'source_page_id' => $source])
                ->update(['source_revision' => $revision]);
        }
    }
}
