<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ConvertAnew;
use App\Documents\FileStore;
use App\Http\Requests\ConvertRequest;
use App\Models\Original;
use App\Models\StoredFile;
use App\Models\Worksheet;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What may look otherwise on pages that were made of a document, and how they are made. */
final class DocumentController
{
    public function show(Worksheet $worksheet): View
    {
        $documents = $worksheet->documents();

        return view('bench.document', [
            'job' => JobSheet::of($worksheet, Station::Pages),
            'worksheet' => $worksheet,
            'documents' => $documents,
            'replaced' => $documents
                ->filter(fn (Original $one): bool => ConvertAnew::replaces($worksheet, $one))
                ->modelKeys(),
        ]);
    }

    /** The teacher has looked at it, and uses the pages as they are. */
    public function seen(Worksheet $worksheet): RedirectResponse
    {
        Original::whereKey($worksheet->documents()->modelKeys())->update(['seen_at' => now()]);

        return to_route('worksheets.show', $worksheet);
    }

    public function anew(
        ConvertRequest $request,
        Worksheet $worksheet,
        Original $original,
        ConvertAnew $convert,
    ): RedirectResponse {
        abort_unless($worksheet->documents()->contains($original), 404);
        $made = $convert(
            $worksheet,
            $original,
            $original->pictures === null ? $request->documentChoices()->kept() : $request->scanChoices()->kept(),
        );

        return to_route('worksheets.show', $made);
    }

    /** The file as it was brought in. */
    public function original(Worksheet $worksheet, Original $original, FileStore $files): BinaryFileResponse
    {
        abort_unless($worksheet->documents()->contains($original), 404);
        $file = StoredFile::findOrFail($original->untouched());

        return response()->download(
            $files->path($file->sha256),
            $original->name,
            ['Content-Type' => $file->media_type],
        );
    }
}
