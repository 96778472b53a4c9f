<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The settings of the school. */
final class SchoolRequest extends FormRequest
{
    use DescribesSchool;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->schoolRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->schoolWords();
    }
}
