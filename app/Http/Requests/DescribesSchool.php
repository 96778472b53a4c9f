<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\View\Languages;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** Of requests with what the school says of itself. */
trait DescribesSchool
{
    /** @return array<string, list<string|In>> */
    private function schoolRules(): array
    {
        return [
            'school' => ['required', 'string', 'max:80'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'language' => ['required', 'string', Rule::in(array_keys(Languages::names()))],
        ];
    }

    /** @return array<string, string> */
    private function schoolWords(): array
    {
        return [
            'school.*' => 'Give the school a name of at most 80 letters.',
            'timezone.*' => 'Choose the time zone of the school.',
            'language.*' => 'Choose the language of your worksheets.',
        ];
    }

    /** @return array{name: string, timezone: string, language: string} */
    public function school(): array
    {
        return [
            'name' => trim((string) $this->string('school')),
            'timezone' => (string) $this->string('timezone'),
            'language' => (string) $this->string('language'),
        ];
    }
}
