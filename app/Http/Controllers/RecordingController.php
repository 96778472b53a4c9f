<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FileStore;
use App\Documents\Recordings;
use App\Http\Requests\UploadRequest;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\WorksheetPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;

/** Recordings: a teacher's are taken in for a page, all are played to those who may hear them. */
final class RecordingController
{
    public function show(Request $request, StoredFile $recording, FileStore $files): Response
    {
        return KeptFileResponse::of($request, $files, $recording);
    }

    /** Takes a recording in for a page; the window then lays it there with an edit. */
    public function store(UploadRequest $request, WorksheetPage $page, Recordings $recordings): JsonResponse
    {
        $kept = $recordings->take($request->upload()->getPathname(), heard: false);
        TeacherFile::give($page->worksheet->teacher_id, new PageFile($kept->file->sha256));

        return response()->json(
            ['source' => $kept->file->sha256, 'film' => $kept->isFilm, 'seconds' => round($kept->seconds, 1)],
            201,
        );
    }
}
