<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FileStore;
use App\Models\Backdrop;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** The pictures of printed pages. They never change, so that a browser keeps them once it was let in. */
final class BackdropController
{
    public function __invoke(Request $request, string $source, int $page, string $size, FileStore $files): Response
    {
        $backdrop = Backdrop::where('source', $source)->where('page', $page)->firstOrFail();
        Gate::authorize('view', $backdrop);
        $sha256 = $size === 'page' ? $backdrop->image : $backdrop->thumbnail;
        $response = new BinaryFileResponse($files->path($sha256), 200, ['Content-Type' => 'image/jpeg'], public: false);
        $response->setEtag($sha256)->headers->set('Cache-Control', 'private, max-age=31536000, immutable');
        $response->isNotModified($request);

        return $response;
    }
}
