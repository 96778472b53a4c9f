<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The bin: worksheets thrown away, to be put back within thirty days. */
final class BinController
{
    public function index(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('bin', [
            'worksheets' => $teacher->worksheets()->onlyTrashed()->latest('deleted_at')->get(),
            'units' => $teacher->units()->onlyTrashed()->get(),
        ]);
    }

    public function store(Worksheet $worksheet): RedirectResponse
    {
        if ($worksheet->joins_id !== null) {
            $worksheet->forceDelete(); // A file on its way in that is wanted no longer: the file itself is kept.

            return to_route('worksheets.show', $worksheet->joins_id);
        }
        $worksheet->delete();

        return to_route('shelf')->with('binned', ['ids' => [$worksheet->id], 'name' => $worksheet->name]);
    }

    public function putBack(Worksheet $worksheet): RedirectResponse
    {
        $worksheet->restore();

        return to_route('shelf');
    }
}
