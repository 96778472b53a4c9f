<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutPicture;
use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Http\AtCopy;
use App\Http\Requests\PutPictureRequest;
use App\Http\Requests\UploadRequest;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\WorksheetPage;
use App\View\PictureAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of teachers and students: taken in, and shown to those who may see them. */
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

    public function put(PutPictureRequest $request, Copy $copy, PutPicture $put): JsonResponse
    {
        $edition = $copy->item->edition;
        [$file, $saved] = $put(
            $copy,
            AtCopy::student($request, $copy),
            $request->place(),
            $request->upload()->getPathname(),
            $request->base(),
            $request->window(),
            max(1, min($edition->pages_count, $request->integer('page', 1))),
        );
        if ($saved === null) {
            return response()->json(['value' => $file->sha256], 201);
        }
        $value = $saved->work->text($request->place());

        return response()->json(
            [
                'revision' => $saved->work->revision,
                'filled' => $saved->work->filled($edition->placesToFill()),
                'value' => $value,
                'address' => PictureAddress::of($value),
            ],
            201,
        );
    }
}
