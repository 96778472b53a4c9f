<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenSlate\Marking\MissingWork;

/** The settings of the school. */
final class SchoolRequest extends FormRequest
{
    use DescribesSchool;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->schoolRules() + ['missing_work' => ['sometimes', Rule::enum(MissingWork::class)]];
    }

    /** @return array<string, string> */
    public function settings(): array
    {
        return $this->school() + array_filter(['missing_work' => (string) $this->string('missing_work')]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->schoolWords();
    }
}
