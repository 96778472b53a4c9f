<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CutPageSet;
use App\Actions\CutQuestions;
use App\Http\Requests\CutPageSetRequest;
use App\Models\Worksheet;
use App\View\Count;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use OpenSlate\Cutting\UnusableRange;

/** Cuts a set from a worksheet: pages of it, or questions of these pages. */
final class PageSetController
{
    public function store(
        CutPageSetRequest $request,
        Worksheet $worksheet,
        CutPageSet $cut,
        CutQuestions $cutQuestions,
    ): RedirectResponse {
        $which = $request->questions();
        try {
            if ($request->boolean('apart')) {
                $cut = $cutQuestions->each($worksheet, $request->pages(), $which, $request->name());

                return to_route('worksheets.show', $worksheet)->with('done', 'Cut: '.Count::of($cut, 'set').'.');
            }
            $set =
                $which === ''
                    ? $cut($worksheet, $request->pages(), $request->name())
                    : $cutQuestions($worksheet, $request->pages(), $which, $request->name());
        } catch (UnusableRange $problem) {
            throw ValidationException::withMessages(['questions' => $problem->getMessage()]);
        }

        return to_route('worksheets.show', $worksheet)->with('cut', $set->id);
    }
}
