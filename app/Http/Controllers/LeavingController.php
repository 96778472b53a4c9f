<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AskForExport;
use App\Documents\Printing\Browser;
use App\Exports\CopiesPdf;
use App\Http\Requests\CopiesPdfRequest;
use App\Http\Requests\WorksheetPdfRequest;
use App\Models\Copy;
use App\Models\ExportKind;
use App\Models\HandoutItem;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\ExportRow;
use App\View\JobSheet;
use App\View\LeavingForm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Worksheets and copies as PDF: what is asked for here is made by the queue. */
final class LeavingController
{
    public function __construct(private AskForExport $ask)
    {
    }

    public function worksheet(Worksheet $worksheet, #[CurrentUser('teacher')] Teacher $teacher): View|RedirectResponse
    {
        if ($worksheet->state !== WorksheetState::Ready) {
            return to_route('worksheets.show', $worksheet);
        }

        return view('leaving.worksheet', [
            'job' => JobSheet::of($worksheet),
            'worksheet' => $worksheet,
            'form' => LeavingForm::of($worksheet),
            'made' => ExportRow::all($teacher, fn (Builder $of) => $of->where('worksheet_id', $worksheet->id)),
            'canPrint' => Browser::isThere(),
        ]);
    }

    public function makeOfWorksheet(
        WorksheetPdfRequest $request,
        Worksheet $worksheet,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): RedirectResponse {
        return $this->make($teacher, to_route('leaving', $worksheet), [
            'worksheet_id' => $worksheet->id,
            'kind' => $request->kind(),
            'choices' => $request->choices($worksheet),
            'name' => $worksheet->name,
        ]);
    }

    /** What is to be packed of several worksheets, and what was. */
    public function packages(Request $request, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        $of = $request->query('of');
        $ids = is_string($of) && preg_match('/^\d{1,15}(-\d{1,15})*$/D', $of) === 1 ? explode('-', $of) : [];

        return view('leaving.packages', [
            'chosen' => $teacher->worksheets()
                ->shelved()
                ->where('state', WorksheetState::Ready)
                ->orderBy('name')
                ->findMany(array_map(intval(...), $ids), ['id', 'name', 'pages_total']),
            'made' => ExportRow::all($teacher, fn (Builder $made) => $made
                ->where('kind', ExportKind::Package)
                ->whereNull('worksheet_id')),
        ]);
    }

    public function pack(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $chosen = ChosenController::ready($request, $teacher);

        return $this->make($teacher, to_route('packages'), [
            'kind' => ExportKind::Package,
            'choices' => ['worksheets' => $chosen->modelKeys(), 'keys' => $request->boolean('keys')],
            'name' => $chosen->count() === 1 ? $chosen->sole()->name : 'worksheets',
        ]);
    }

    public function copies(Request $request, HandoutItem $item, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        $copies = CopiesPdf::chosen($item, []);

        return view('leaving.copies', [
            'item' => $item,
            'handout' => $item->handout,
            'copies' => $copies,
            'chosen' => $copies->firstWhere('id', $request->integer('copy')),
            'isMarked' => $copies->contains(fn (Copy $copy): bool => $copy->isReturned() ||
                $copy->handMarks->isNotEmpty() || $copy->comments->isNotEmpty()),
            'made' => ExportRow::all($teacher, fn (Builder $of) => $of->where('handout_item_id', $item->id)),
            'canPrint' => Browser::isThere(),
        ]);
    }

    public function makeOfCopies(
        CopiesPdfRequest $request,
        HandoutItem $item,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): RedirectResponse {
        $copies = CopiesPdf::chosen($item, $request->choices());
        $back = to_route('copies.leaving', $item);
        if ($copies->isEmpty()) {
            return $back->withErrors(['refused' => 'There is no such copy yet.'])->withInput();
        }

        return $this->make($teacher, $back, [
            'handout_item_id' => $item->id,
            'kind' => $request->kind(),
            'choices' => $request->choices(),
            'name' => $copies->count() === 1 ? "{$item->edition->name}, {$copies[0]?->whose()}" : $item->edition->name,
        ]);
    }

    /** @param  array{kind: ExportKind, name: string, choices: array<string, mixed>}  $asked  and what it is of */
    private function make(Teacher $teacher, RedirectResponse $back, array $asked): RedirectResponse
    {
        if ($asked['kind'] !== ExportKind::Package && ! Browser::isThere()) {
            return $back->withErrors(['refused' => LeavingForm::NO_BROWSER]);
        }

        return ($this->ask)($teacher, $asked)
            ? $back
            : $back->withErrors(['refused' => LeavingForm::TOO_MANY])->withInput();
    }
}
