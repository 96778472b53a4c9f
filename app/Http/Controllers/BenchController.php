<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FileTurns;
use App\Models\FileStage;
use App\Models\Kit;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\ShippedKits;
use App\View\BenchPage;
use App\View\JobSheet;
use App\View\MendingNotice;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;

/** The Boxes and the Parts station: one page of a worksheet, to lay things on. */
final class BenchController
{
    /** @return Collection<int, Worksheet> what clips can be taken from, the worksheet itself first */
    private function clippable(Worksheet $worksheet): Collection
    {
        $teacher = $worksheet->teacher()->firstOrFail();

        return Worksheet::query()
            ->where('state', WorksheetState::Ready)
            ->where(
                fn (Builder $query) => $query
                    ->where('teacher_id', $teacher->id)
                    ->orWhereIn('id', Worksheet::query()->sharedWith($teacher)->select('worksheets.id')),
            )
            ->orderByRaw('id = ? desc', [$worksheet->id])
            ->latest('updated_at')
            ->get(['id', 'name']);
    }

    public function show(Worksheet $worksheet, int $number = 1): View|RedirectResponse
    {
        return $this->station(Station::Boxes, $worksheet, $number);
    }

    public function parts(Worksheet $worksheet, int $number = 1): View|RedirectResponse
    {
        return $this->station(Station::Parts, $worksheet, $number);
    }

    private function station(Station $station, Worksheet $worksheet, int $number): View|RedirectResponse
    {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }
        $worksheet->load(['sets:id,master_id,name,cut_from', 'pages.backdrop']);
        $page = $worksheet->pages->firstWhere('position', $number) ?? abort(404);

        $shown = BenchPage::of($page);
        if ($shown->proposals === null) {
            // Brought in before blanks were looked for, or still waiting for its turn.
            FileTurns::add($worksheet, FileStage::Blanks);
        }

        return view(
            'bench.station',
            [
                'job' => JobSheet::of($worksheet, $station, $number),
                'worksheet' => $worksheet,
                'row' => $page,
                'shown' => $shown,
                'locked' => $worksheet->isLocked(),
                'mending' => MendingNotice::of($worksheet),
                'shelf' => $this->clippable($worksheet),
                'leads' => $this->others($worksheet),
            ] +
                ($station === Station::Parts
                    ? [
                        'shipped' => ShippedKits::all(),
                        'kits' => Kit::where('teacher_id', $worksheet->teacher_id)
                            ->orderBy('name')
                            ->get(['id', 'name']),
                    ]
                    : []),
        );
    }

    /** @return array<int, string> names of the teacher's other worksheets, by number: links may lead to them */
    private function others(Worksheet $worksheet): array
    {
        return Worksheet::query()
            ->shelved()
            ->where('teacher_id', $worksheet->teacher_id)
            ->whereKeyNot($worksheet->id)
            ->orderBy('name')
            ->pluck('name', 'id')
            ->all();
    }
}
