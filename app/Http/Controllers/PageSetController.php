<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CutPageSet;
use App\Http\Requests\CutPageSetRequest;
use App\Models\Worksheet;
use Illuminate\Http\RedirectResponse;

/** Cuts a set from a worksheet. */
final class PageSetController
{
    public function store(CutPageSetRequest $request, Worksheet $worksheet, CutPageSet $cut): RedirectResponse
    {
        $set = $cut($worksheet, $request->pages(), $request->name());

        return to_route('worksheets.show', $worksheet)->with('cut', $set->id);
    }
}
