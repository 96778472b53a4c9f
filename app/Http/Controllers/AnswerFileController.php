<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutFile;
use App\Http\AtCopy;
use App\Http\Requests\PutFileRequest;
use App\Models\Copy;
use Illuminate\Http\JsonResponse;

/** Takes in what a student puts in a place of their copy: a picture, or what they say. */
final class AnswerFileController
{
    public function __invoke(PutFileRequest $request, Copy $copy, PutFile $put): JsonResponse
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

        return response()->json(
            [
                'revision' => $saved->work->revision,
                'filled' => $saved->work->filled($edition->placesToFill()),
                'value' => $saved->work->text($request->place()),
            ],
            201,
        );
    }
}
