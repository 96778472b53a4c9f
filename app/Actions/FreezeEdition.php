<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Edition;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\Places;
use OpenSlate\Page\Page;

/** Freezes a worksheet as it stands, by reference to the revisions of its pages. */
final class FreezeEdition
{
    public function __invoke(Worksheet $worksheet): Edition
    {
        $pages = $worksheet->pages()->with('current')->get();
        $places = Places::of(
            array_values($pages->map(fn (WorksheetPage $page): Page => $page->current->page())->all()),
        );
        $edition = Edition::create([
            'worksheet_id' => $worksheet->id,
            'name' => $worksheet->name,
            'places' => $places->toJson(),
            'places_count' => $places->count(),
            'pages_count' => $pages->count(),
        ]);
        DB::table('edition_pages')->insert(
            $pages
                ->map(
                    fn (WorksheetPage $page): array => [
                        'edition_id' => $edition->id,
                        'position' => $page->position,
                        'page_revision_id' => $page->current->id,
                        'backdrop_id' => $page->backdrop_id,
                    ],
                )
                ->all(),
        );

        return $edition;
    }
}
