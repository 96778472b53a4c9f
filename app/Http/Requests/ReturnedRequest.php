<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** PDFs that come back filled in. */
final class ReturnedRequest extends FormRequest
{
    /** A class, and some more. */
    public const MOST = 60;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pdfs' => ['required', 'array', 'max:'.self::MOST],
            'pdfs.*' => ['file', 'max:'.intdiv((int) config('slate.files.most_bytes'), 1024)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pdfs.max' => 'Choose at most '.self::MOST.' files at once.',
            'pdfs.*.*' => 'A file has not arrived whole. Choose them again.',
            'pdfs.*' => 'Choose the PDFs that came back.',
        ];
    }

    /** Where it was sent from, whatever page of it was seen last. */
    protected function getRedirectUrl(): string
    {
        return route('copies.leaving', $this->route('item'));
    }

    /** @return list<UploadedFile> */
    public function pdfs(): array
    {
        return array_values(array_filter(
            (array) $this->file('pdfs'),
            fn (mixed $file): bool => $file instanceof UploadedFile,
        ));
    }
}
