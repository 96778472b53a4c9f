<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FindOnShelf;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\View\HandedOutWords;
use App\View\ShelfRow;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All of a teacher's worksheets by unit, the latest first, each master with its sets. */
final class ShelfController
{
    public function show(#[CurrentUser('teacher')] Teacher $teacher, HandedOutWords $handedOut): View
    {
        $worksheets = $teacher
            ->worksheets()
            ->shelved()
            ->with([
                'master:id,name',
                'original:id,name',
                'pages' => fn ($pages) => $pages->where('position', 1)->with('backdrop'),
            ])
            ->withCount('pages')
            ->latest('updated_at')
            ->latest('id')
            ->get();
        $units = $teacher->units()->get();

        return view('shelf', [
            'units' => $units,
            'rows' => ShelfRow::byUnit($worksheets, $units),
            'worksheets' => $worksheets,
            'handedOut' => $handedOut->of($teacher),
            'shared' => Worksheet::query()->sharedWith($teacher)->count(),
        ]);
    }

    /** By what is said on their pages; by their names the shelf finds them itself. */
    public function find(Request $request, #[CurrentUser('teacher')] Teacher $teacher, FindOnShelf $find): JsonResponse
    {
        $sought = $request->query('sought');

        return response()->json(['pages' => (object) $find($teacher, is_string($sought) ? $sought : '')]);
    }
}
