<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeBlanks;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\View\BenchPage;
use App\View\Count;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Blanks\Proposals;

/** Blanks that were found on the print: taken as answer boxes, or refused. */
final class BlankController
{
    public function take(Request $request, WorksheetPage $page, TakeBlanks $take): JsonResponse
    {
        $take(
            $page,
            $request->integer('base'),
            $request->has('which') ? $this->which($request) : null,
            $request->boolean('fills'),
        );

        return response()->json(BenchPage::of($page->refresh())->drawn() + ['new' => []]);
    }

    /** They are proposed on this page no more. */
    public function refuse(Request $request, WorksheetPage $page): JsonResponse
    {
        $proposed = $page->proposals($page->current->page()) ?? [];
        $refused = $request->has('which')
            ? array_intersect(array_keys($proposed), $this->which($request))
            : array_keys(Proposals::sure($proposed));
        $page->update(['refused' => array_values(array_unique([...$page->refused ?? [], ...$refused]))]);

        return response()->json(BenchPage::of($page->refresh())->drawn() + ['new' => []]);
    }

    public function takeAll(Request $request, Worksheet $worksheet, TakeBlanks $take): RedirectResponse
    {
        $laid = $take->onAll($worksheet, $request->integer('base'), $request->boolean('fills'));

        $number = $request->integer('number');

        return to_route('bench', array_filter([$worksheet->id, $number]))->with(
            'done',
            $laid === 0
                ? 'Nothing was laid: every blank that was found has its box, or was refused.'
                : 'Laid on the pages for students: '.
                    Count::of($laid, 'answer box', 'answer boxes').
                    '. Undo at the Pages station takes all of them off again.',
        );
    }

    /** @return list<int> */
    private function which(Request $request): array
    {
        return array_values(array_map(intval(...), (array) $request->input('which')));
    }
}
