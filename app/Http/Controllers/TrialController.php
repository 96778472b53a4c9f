<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EndTrials;
use App\Actions\TryWorksheet;
use App\Models\Copy;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\Station;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A worksheet tried by its teacher as a student has it. At the copy itself CopyController is, as for students. */
final class TrialController
{
    private const FROM = 'trial.from';

    public function store(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Worksheet $worksheet,
        TryWorksheet $try,
    ): RedirectResponse {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $station = Station::named($request->input('station') ?: 'pages');
        $number = $request->integer('number');
        $at = $station->isOfOnePage() ? array_filter([$worksheet->id, $number]) : $worksheet->id;
        $request->session()->put(self::FROM, route($station->route(), $at));
        $copy = $try($teacher, $worksheet);

        return redirect()->to(route('trial.show', $copy).($number > 1 ? "#page-{$number}" : ''));
    }

    public function end(Request $request, Copy $copy, EndTrials $end): RedirectResponse
    {
        $worksheet = $copy->item->edition->worksheet_id;
        $end($copy->item->handout->newQuery()->whereKey($copy->item->handout_id));

        return redirect()->to((string) $request->session()->pull(self::FROM, route('worksheets.show', $worksheet)));
    }
}
