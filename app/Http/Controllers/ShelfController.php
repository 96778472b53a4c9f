<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Teacher;
use App\Models\Worksheet;
use App\View\HandedOutWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** All of a teacher's worksheets by unit, the latest first. */
final class ShelfController
{
    public function __invoke(#[CurrentUser('teacher')] Teacher $teacher, HandedOutWords $handedOut): View
    {
        $worksheets = $teacher
            ->worksheets()
            ->shelved()
            ->with([
                'master:id,name',
                'original:id,name',
                'pages' => fn ($pages) => $pages->where('position', 1)->with('backdrop'),
            ])
            ->withCount(['pages', 'sets', 'editions'])
            ->latest('updated_at')
            ->latest('id')
            ->get();
        $units = $teacher->units()->get();

        return view('shelf', [
            'units' => $units,
            // Those of a unit that was thrown away stand in none.
            'byUnit' => $worksheets->groupBy(
                fn (Worksheet $worksheet): int => $units->contains('id', $worksheet->unit_id)
                    ? (int) $worksheet->unit_id
                    : 0,
            ),
            'worksheets' => $worksheets,
            'handedOut' => $handedOut->of($teacher),
            'shared' => Worksheet::query()->sharedWith($teacher)->count(),
        ]);
    }
}
