<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\HandOutWorksheets;
use App\Http\Requests\HandOutRequest;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\HandedIn;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The Hand out station, and what was handed out. */
final class HandoutController
{
    public function index(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        $handouts = $teacher
            ->handouts()
            ->with('classes')
            ->latest('id')
            ->get();

        return view('handouts', ['handouts' => $handouts, 'handedIn' => HandedIn::of($handouts)]);
    }

    public function create(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Worksheet $worksheet,
    ): View|RedirectResponse {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }

        return view('bench.hand-out', [
            'job' => JobSheet::of($worksheet, Station::HandOut),
            'ways' => [
                'none' => 'Not this class',
                'whole' => 'The whole class, and whoever joins it',
                'chosen' => 'Chosen students',
            ],
            'worksheet' => $worksheet,
            // What was chosen on the shelf to be handed out with it.
            'with' => self::with($request),
            'classes' => $teacher->classes()->with('students')->orderBy('name')->get(),
            'others' => $teacher
                ->worksheets()
                ->shelved()
                ->where('state', WorksheetState::Ready)
                ->whereKeyNot($worksheet->id)
                ->latest('updated_at')
                ->get(['id', 'name', 'pages_total']),
        ]);
    }

    /** @return list<string> keys of worksheets */
    private static function with(Request $request): array
    {
        $with = $request->query('with');

        return is_string($with) ? array_slice(array_values(array_filter(explode('-', $with))), 0, 20) : [];
    }

    public function store(
        HandOutRequest $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        Worksheet $worksheet,
        HandOutWorksheets $handOut,
    ): RedirectResponse {
        $handout = $handOut($teacher, $request->plan($worksheet));

        return to_route('desks', $handout)->with('done', 'Handed out. Each student now has it.');
    }
}
