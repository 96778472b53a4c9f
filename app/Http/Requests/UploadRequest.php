<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** One file that came with a request, whole. */
final class UploadRequest extends FormRequest
{
    use CarriesFile;
}
