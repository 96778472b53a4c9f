<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PagePiece;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Cutting\SheetMending;
use OpenSlate\Page\Page;

/** Finds the pages that could take what has changed in a worksheet since they were cut from it. */
final class OfferMending
{
    /** @return list<MendingOffer> set by set, in the order of their pages */
    public function __invoke(Worksheet $master): array
    {
        $pages = $master
            ->behind()
            ->with(['worksheet', 'current', 'source.current'])
            ->orderBy('pages.worksheet_id')
            ->orderBy('pages.position')
            ->get();
        $offers = [];
        foreach ($pages as $page) {
            if ($page->source !== null && $page->source_revision !== null) {
                $offers[] = new MendingOffer(
                    $page,
                    self::before($page->source, $page->source_revision),
                    $page->source->current->page(),
                    [$page->source->id => $page->source->revision],
                );
            }
        }

        return [...$offers, ...self::ofPieces($master)];
    }

    /**
     * Of pages with chosen questions, where what has changed lies on one of these.
     *
     * @return list<MendingOffer>
     */
    public static function ofPieces(Worksheet $master): array
    {
        $offers = [];
        foreach ($master->behindInPieces()->with(['worksheet', 'current', 'pieces.source.current'])->get() as $page) {
            [$base, $now] = SheetMending::sides(
                $page->current->page(),
                array_values(
                    $page->pieces
                        ->map(
                            fn (PagePiece $one): array => [
                                $one->piece(),
                                self::before($one->source, $one->source_revision),
                                $one->source->current->page(),
                            ],
                        )
                        ->all(),
                ),
            );
            if ($base->elements() != $now->elements()) {
                $offers[] = new MendingOffer(
                    $page,
                    $base,
                    $now,
                    $page->pieces->mapWithKeys(
                        fn (PagePiece $one): array => [$one->source_page_id => $one->source->revision],
                    )->all(),
                );
            }
        }

        return $offers;
    }

    private static function before(WorksheetPage $source, int $revision): Page
    {
        return PageRevision::where('page_id', $source->id)->where('number', $revision)->sole()->page();
    }
}
