<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LookThrough;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\FoundRow;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The Check station: what may be wrong with a worksheet before it goes out. */
final class CheckController
{
    public function __invoke(Worksheet $worksheet, LookThrough $look): View|RedirectResponse
    {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $findings = $look($worksheet);
        $worksheet->load(['pages.current', 'pages.backdrop']);

        return view('bench.check', [
            'job' => JobSheet::of($worksheet, Station::Check),
            'worksheet' => $worksheet,
            'found' => FoundRow::byPage($findings, $worksheet),
        ]);
    }
}
