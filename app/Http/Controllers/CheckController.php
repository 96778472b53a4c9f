<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LookThrough;
use App\Actions\MendFindings;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\Count;
use App\View\FoundRow;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Check\Finding;

/** The Check station: what may be wrong with a worksheet before it goes out. */
final class CheckController
{
    public function show(Worksheet $worksheet, LookThrough $look): View|RedirectResponse
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
            'notForStudents' => $worksheet->isLocked()
                ? 0
                : count(array_filter($findings, MendFindings::takesOut(...))),
            'locked' => $worksheet->isLocked(),
        ]);
    }

    /** Mends what was found: one thing, or all pages that are not for students. */
    public function mend(
        Request $request,
        Worksheet $worksheet,
        LookThrough $look,
        MendFindings $mend,
    ): RedirectResponse {
        [$code, $page, $element] = [$request->input('code'), $request->integer('page'), $request->input('element')];
        $findings = array_values(array_filter(
            $look($worksheet),
            fn (Finding $one): bool => $code === MendFindings::NOT_FOR_STUDENTS
                ? MendFindings::takesOut($one)
                : MendFindings::mends($one) &&
                    [$one->code, $one->page ?? 0, $one->element ?? ''] === [$code, $page, $element ?? ''],
        ));
        $mend($worksheet, $findings);

        return to_route('check', $worksheet)->with(
            'done',
            match (true) {
                $findings === [] => 'That is mended already.',
                MendFindings::renames($findings[0]) => "It is called “{$worksheet->name}” now.",
                MendFindings::takesOut($findings[0]) => 'Taken out: '.Count::of(count($findings), 'page')
                    .'. Undo at Pages puts them back.',
                default => 'Brought back on to the page. Undo at Boxes or Parts puts it where it was.',
            },
        );
    }
}
