<?php

declare(strict_types=1);

namespace App\View;

use App\Models\WorksheetPage;

/** A page as the station draws it from which somebody asks. */
final class StationPage
{
    /**
     * @param  mixed  $station  as the window names it; any but "key" lays things
     * @return array<string, mixed>
     */
    public static function drawn(WorksheetPage $page, mixed $station): array
    {
        return $station === 'key' ? KeyPage::of($page)->drawn() : BenchPage::of($page)->drawn();
    }
}
