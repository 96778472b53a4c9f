<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BringInFile;
use App\Actions\BringInPackage;
use App\Actions\FindBlanks;
use App\Actions\ReadScans;
use App\Actions\StartBlank;
use App\Http\Requests\PaperRequest;
use App\Http\Requests\ProgressRequest;
use App\Http\Requests\UploadRequest;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use App\View\ContactSheet;
use App\View\JobSheet;
use App\View\MendingNotice;
use App\View\Station;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Brings a file in, and shows a worksheet's pages: the Pages station. */
final class WorksheetController
{
    public function store(
        UploadRequest $request,
        BringInFile $bringIn,
        BringInPackage $package,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): JsonResponse {
        $file = $request->upload();
        $worksheet = BringInPackage::takes($file->getPathname())
            ? $package($teacher, $file->getPathname())[0]
            : $bringIn($teacher, $file->getPathname(), $file->getClientOriginalName());

        return response()->json(
            ['url' => route('worksheets.show', $worksheet), 'add' => route('files.store', $worksheet)],
            201,
        );
    }

    /** Starts a worksheet from a page with nothing printed on it. */
    public function blank(
        PaperRequest $request,
        StartBlank $start,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): RedirectResponse {
        $name = trim((string) $request->string('name'));

        return to_route(
            'bench',
            $start($teacher, $name === '' ? 'New worksheet' : $name, $request->size(), $request->theme()),
        );
    }

    /** Adds a file's pages to a worksheet, before a page or at the end. */
    public function add(
        UploadRequest $request,
        Worksheet $worksheet,
        BringInFile $bringIn,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): JsonResponse {
        $file = $request->upload();
        $before = $request->filled('before') ? $request->integer('before') : null;
        $arriving = $bringIn($teacher, $file->getPathname(), $file->getClientOriginalName(), $worksheet, $before);

        return response()->json(
            ['progress' => route('worksheets.progress', $arriving), 'remove' => route('bin.store', $arriving)],
            201,
        );
    }

    public function show(Worksheet $worksheet, #[CurrentUser('teacher')] Teacher $teacher): View|RedirectResponse
    {
        if ($worksheet->joins_id !== null) {
            return to_route('worksheets.show', $worksheet->joins_id);
        }
        $worksheet->load(['pages.current', 'pages.backdrop', 'sets.pages.pieces', 'arriving', 'arrangement']);
        ReadScans::ask($worksheet);
        FindBlanks::ask($worksheet);

        return view('bench.pages', [
            'job' => JobSheet::of($worksheet, Station::Pages),
            'worksheet' => $worksheet,
            'locked' => $worksheet->isLocked(),
            'sheet' => ContactSheet::of($worksheet)->weighing($worksheet->pages),
            'mending' => MendingNotice::of($worksheet),
            'documents' => $worksheet->documents()->whereNull('seen_at'),
            'others' => $teacher
                ->worksheets()
                ->shelved()
                ->where('state', WorksheetState::Ready)
                ->whereKeyNot($worksheet->id)
                ->orderBy('name')
                ->get(['id', 'name', 'pages_total']),
        ]);
    }

    public function rename(Request $request, Worksheet $worksheet): JsonResponse
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:120']],
            ['name.*' => 'Give it a name of at most 120 letters.'],
        );
        $worksheet->update(['name' => trim((string) $request->string('name'))]);

        return response()->json(['name' => $worksheet->name]);
    }

    /**
     * How far the preparing has come; the pages that have come since the caller, who has some, last asked are sent
     * drawn.
     */
    public function progress(ProgressRequest $request, Worksheet $worksheet): JsonResponse
    {
        $have = $request->have();

        return response()->json([
            'state' => $worksheet->state->value,
            'looking' => $worksheet->stage?->value,
            'done' => $worksheet->pages()->count(),
            'total' => $worksheet->pages_total,
            'problem' => $worksheet->problem,
            'alone' => $worksheet->joins_id === null,
            'pages' => $have === null || $worksheet->state === WorksheetState::Failed
                ? []
                : $this->drawn($worksheet, $have),
        ]);
    }

    /**
     * @param  list<int>  $have
     * @return list<array{number: int|null, html: string}> the pages that have come besides these
     */
    private function drawn(Worksheet $worksheet, array $have): array
    {
        $new = $worksheet->pages()->whereNotIn('position', $have)->with('current')->get();
        $sheet = ContactSheet::of($worksheet->load(['pages', 'pages.backdrop', 'sets.pages.pieces']))->weighing($new);

        return array_values(
            $new
                ->map(
                    fn (WorksheetPage $page): array => [
                        'number' => $page->position,
                        'html' => view('bench.contact-page', [
                            'row' => $page,
                            'worksheet' => $worksheet,
                            'sheet' => $sheet,
                        ])->render(),
                    ],
                )
                ->all(),
        );
    }
}
