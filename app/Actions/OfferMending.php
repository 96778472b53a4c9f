<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;

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
            if ($page->source !== null) {
                $base = PageRevision::where('page_id', $page->source->id)
                    ->where('number', $page->source_revision)
                    ->sole();
                $offers[] = new MendingOffer($page, $page->source, $base->page());
            }
        }

        return $offers;
    }
}
