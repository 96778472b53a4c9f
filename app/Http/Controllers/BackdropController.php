<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FileStore;
use App\Models\Backdrop;
use App\Models\StoredFile;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** The pictures of whole printed pages, for teachers. */
final class BackdropController
{
    public function __invoke(Request $request, string $source, int $page, string $size, FileStore $files): Response
    {
        $backdrop = Backdrop::where('source', $source)->where('page', $page)->firstOrFail();
        Gate::authorize('view', $backdrop);

        return KeptFileResponse::of(
            $request,
            $files,
            StoredFile::findOrFail(
                match ($size) {
                    'page' => $backdrop->image,
                    'light' => $backdrop->light ?? $backdrop->image,
                    default => $backdrop->thumbnail,
                },
            ),
        );
    }
}
