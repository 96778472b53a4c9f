<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SayComment;
use App\Documents\FileStore;
use App\Http\Requests\SoundRequest;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Comments that a teacher says aloud. */
final class SoundController
{
    public function store(
        SoundRequest $request,
        Copy $copy,
        #[CurrentUser('teacher')] Teacher $teacher,
        SayComment $say,
    ): Response {
        $say($copy, $teacher, $request->placeOn($copy), $request->upload()->getPathname());

        return response()->noContent();
    }

    public function destroy(
        SoundRequest $request,
        Copy $copy,
        #[CurrentUser('teacher')] Teacher $teacher,
        SayComment $say,
    ): Response {
        $say->takeAway($copy, $teacher, $request->placeOn($copy));

        return response()->noContent();
    }

    public function show(Request $request, Comment $comment, FileStore $files): BinaryFileResponse
    {
        return KeptFileResponse::of($request, $files, StoredFile::findOrFail((string) $comment->sound));
    }
}
