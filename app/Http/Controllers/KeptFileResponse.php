<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FileStore;
use App\Models\StoredFile;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * Sends a kept file to somebody who was let in. It never changes, so that their browser keeps it, and nobody between.
 */
final class KeptFileResponse
{
    public static function of(Request $request, FileStore $files, StoredFile $file): BinaryFileResponse
    {
        $response = new BinaryFileResponse(
            $files->path($file->sha256),
            200,
            ['Content-Type' => $file->media_type],
            public: false,
        );
        $response->setEtag($file->sha256)->headers->set('Cache-Control', 'private, max-age=31536000, immutable');
        $response->isNotModified($request);

        return $response;
    }
}
