<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\FileRefused;
use Illuminate\Http\UploadedFile;

/** Of requests that come with one file, whole. */
trait CarriesFile
{
    /** @throws FileRefused */
    public function upload(): UploadedFile
    {
        $file = $this->file('file');
        if (! $file instanceof UploadedFile) {
            throw FileRefused::notSent();
        }
        if ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getError() === UPLOAD_ERR_FORM_SIZE) {
            throw FileRefused::tooLarge((int) $this->header('Content-Length'), (int) config('slate.files.most_bytes'));
        }

        return $file->isValid() ? $file : throw FileRefused::notWhole();
    }
}
