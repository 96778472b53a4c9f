<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\JobSheet;
use App\View\KeyPage;
use App\View\MendingNotice;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The Key station: the right answers of one page of a worksheet. */
final class KeyController
{
    public function __invoke(Worksheet $worksheet, int $number = 1): View|RedirectResponse
    {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $worksheet->load(['sets:id,master_id,name,cut_from', 'pages.backdrop']);
        $page = $worksheet->pages->firstWhere('position', $number) ?? abort(404);

        return view('bench.key', [
            'job' => JobSheet::of($worksheet, Station::Key, $number),
            'worksheet' => $worksheet,
            'row' => $page,
            'shown' => KeyPage::of($page),
            'locked' => $worksheet->isLocked(),
            'mending' => MendingNotice::of($worksheet),
        ]);
    }
}
