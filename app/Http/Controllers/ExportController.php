<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SweepPictures;
use App\Documents\FileStore;
use App\Models\Export;
use App\View\ExportRow;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A file that was made to leave: how far it is, the file itself, and away with it. */
final class ExportController
{
    public function show(Export $export): View
    {
        return view('leaving.made-row', ['row' => ExportRow::of($export)]);
    }

    public function file(Export $export, FileStore $files): BinaryFileResponse
    {
        $file = $export->file ?? abort(404);

        return response()->download($files->path($file->sha256), $export->fileName(), [
            'Content-Type' => $export->kind->mediaType(),
            'Cache-Control' => 'private, no-store',
        ]);
    }

    public function destroy(Export $export, SweepPictures $sweep): RedirectResponse
    {
        $export->delete();
        $export->sha256 === null || $sweep->now($export->sha256);

        return back()->with('done', 'Thrown away.');
    }
}
