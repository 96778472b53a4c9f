<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveWork;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Http\Requests\PutPictureRequest;
use App\Http\Requests\UploadRequest;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\WorksheetPage;
use App\School;
use App\View\PictureAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Copies\Draft;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of teachers and students: taken in, and shown to those who may see them. */
final class PictureController
{
    private const MEGABYTE = 1048576;

    public function show(Request $request, StoredFile $file, FileStore $files): Response
    {
        return KeptFileResponse::of($request, $files, $file);
    }

    /** Takes a picture in for a page; the window then lays it there with an edit. */
    public function store(UploadRequest $request, WorksheetPage $page, Pictures $pictures): JsonResponse
    {
        [$file, $width, $height] = $pictures->take(
            $request->upload()->getPathname(),
            (int) config('slate.pictures.most_megabytes') * self::MEGABYTE,
        );
        TeacherFile::give($page->worksheet->teacher_id, new PageFile($file->sha256));

        return response()->json(['source' => $file->sha256, 'width' => $width, 'height' => $height], 201);
    }

    /** Puts a student's picture on their copy; one for a part is only taken in, and laid on it with the next move. */
    public function put(PutPictureRequest $request, Copy $copy, Pictures $pictures, SaveWork $save): JsonResponse
    {
        $edition = $copy->item->edition;
        $places = $edition->placesToFill();
        $place = $places->find($request->place());
        if ($place === null || ! in_array($place->form->kind(), [AnswerKind::Picture, AnswerKind::Model], true)) {
            throw InvalidJson::at('place', 'is no place for a picture');
        }
        $copy->standing()->written();
        $most = (int) config('slate.pictures.most_a_day');
        if ($copy->student->picturesSince(app(School::class)->local(now())->startOfDay()) >= $most) {
            throw FileRefused::tooManyPictures($most);
        }
        [$file] = $pictures->take(
            $request->upload()->getPathname(),
            (int) config('slate.pictures.most_megabytes') * self::MEGABYTE,
        );
        $copy->givePicture($file);
        if ($place->form->kind() === AnswerKind::Model) {
            return response()->json(['value' => $file->sha256], 201);
        }
        $draft = new Draft($request->base(), $request->window(), [$place->id => $file->sha256]);
        $saved = $save($copy, $draft, $places, max(1, min($edition->pages_count, $request->integer('page', 1))));

        return response()->json(
            [
                'revision' => $saved->work->revision,
                'filled' => $saved->work->filled($places),
                'value' => $saved->work->text($place->id),
                'address' => PictureAddress::of($saved->work->text($place->id)),
            ],
            201,
        );
    }
}
