<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Http\Requests\UploadRequest;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\WorksheetPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;

/** Pictures: a teacher's are taken in for a page, all are shown to those who may see them. */
final class PictureController
{
    public function show(Request $request, StoredFile $file, FileStore $files): Response
    {
        return KeptFileResponse::of($request, $files, $file);
    }

    /** Takes a picture in for a page; the window then lays it there with an edit. */
    public function store(UploadRequest $request, WorksheetPage $page, Pictures $pictures): JsonResponse
    {
        [$file, $width, $height] = $pictures->take($request->upload()->getPathname());
        TeacherFile::give($page->worksheet->teacher_id, new PageFile($file->sha256));

        return response()->json(['source' => $file->sha256, 'width' => $width, 'height' => $height], 201);
    }
}
