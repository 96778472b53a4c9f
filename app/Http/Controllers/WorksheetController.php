<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BringInFile;
use App\Documents\FileRefused;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Brings a file in, and shows a worksheet's pages: the Pages station. */
final class WorksheetController
{
    public function store(Request $request, BringInFile $bringIn, #[CurrentUser('teacher')] Teacher $teacher): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            return response()->json(['message' => 'No file came with this. Choose a PDF and try again.'], 422);
        }
        if ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getError() === UPLOAD_ERR_FORM_SIZE) {
            throw FileRefused::tooLarge((int) $request->header('Content-Length'), (int) config('slate.files.most_bytes'));
        }
        if (! $file->isValid()) {
            return response()->json(['message' => 'The file did not arrive whole. Check the connection and try again.'], 422);
        }
        $worksheet = $bringIn($teacher, $file->getPathname(), $file->getClientOriginalName());

        return response()->json(['url' => route('worksheets.show', $worksheet)], 201);
    }

    public function show(Worksheet $worksheet): View
    {
        $worksheet->load(['master:id,name', 'original', 'pages.current', 'sets'])->loadCount('editions');

        return view('bench.pages', ['worksheet' => $worksheet]);
    }

    public function rename(Request $request, Worksheet $worksheet): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120']], ['name.*' => 'Give it a name of at most 120 letters.']);
        $worksheet->update(['name' => trim((string) $request->string('name'))]);

        return response()->json(['name' => $worksheet->name]);
    }

    /** How far the preparing has come; the pages that have come since the caller last asked are sent drawn. */
    public function progress(Request $request, Worksheet $worksheet): JsonResponse
    {
        $have = array_map(intval(...), explode(',', $request->query->getString('have')));
        $new = $worksheet->pages()->whereNotIn('position', $have)->with('current')->get();

        return response()->json([
            'state' => $worksheet->state->value,
            'done' => $worksheet->pages()->count(),
            'total' => $worksheet->pages_total,
            'problem' => $worksheet->problem,
            'pages' => $worksheet->state === WorksheetState::Failed ? [] : $new->map(fn (WorksheetPage $page): array => [
                'number' => $page->position,
                'html' => view('bench.contact-page', ['row' => $page, 'worksheet' => $worksheet])->render(),
            ])->all(),
        ]);
    }
}
