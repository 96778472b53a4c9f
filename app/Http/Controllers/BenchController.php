<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\BenchPage;
use App\View\MendingNotice;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The Boxes station: one page of a worksheet, to lay things on. */
final class BenchController
{
    public function show(Worksheet $worksheet, int $number = 1): View|RedirectResponse
    {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $worksheet->load(['pages.current', 'pages.backdrop', 'master:id,name,teacher_id,deleted_at', 'original', 'sets:id,master_id,name'])->loadCount('editions');
        $page = $worksheet->pages->firstWhere('position', $number) ?? abort(404);

        return view('bench.boxes', ['worksheet' => $worksheet, 'row' => $page, 'shown' => BenchPage::of($page), 'locked' => $worksheet->isLocked(), 'mending' => MendingNotice::of($worksheet)]);
    }
}
