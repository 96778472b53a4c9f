<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Trim\PackPage;
use OpenSlate\Trim\Sectioning;

/** Starts a section at a page under a name, or, without a name, joins the section there to the one before. */
final class SetSections
{
    public function __invoke(Worksheet $worksheet, int $number, ?string $name): void
    {
        DB::transaction(function () use ($worksheet, $number, $name): void {
            $rows = $worksheet->pages()->lockForUpdate()->get();
            $pages = array_values($rows->map(fn (WorksheetPage $page): PackPage => $page->packPage())->all());
            $sections = $name === null ? Sectioning::joinedAt($pages, $number) : Sectioning::startedAt($pages, $number, $name);
            $rows->each(fn (WorksheetPage $page) => $page->update(['section' => $sections[$page->position]]));
        });
    }
}
