<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CutManySets;
use App\Http\Requests\CutManyRequest;
use App\Models\Worksheet;
use App\View\Count;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The sets of a pack, many at once. */
final class PackController
{
    /** Shows what would be cut. */
    public function preview(CutManyRequest $request, Worksheet $worksheet): View
    {
        return view('bench.cut-preview', [
            'plan' => $request->plan(),
            'leftOut' => $request->leftOut(),
            'worksheet' => $worksheet,
        ]);
    }

    public function cut(CutManyRequest $request, Worksheet $worksheet, CutManySets $cut): RedirectResponse
    {
        $plan = $request->plan();
        if ($plan === []) {
            return to_route('worksheets.show', $worksheet)->withErrors([
                'by' => $request->leftOut() > 0
                    ? 'Nothing was cut: all of these sets are cut already.'
                    : 'Nothing would be cut: no page is marked for students. Mark the pages first.',
            ]);
        }
        $cut($worksheet, $plan);

        return to_route('worksheets.show', $worksheet)->with('done', 'Cut: '.Count::of(count($plan), 'set').'.');
    }
}
