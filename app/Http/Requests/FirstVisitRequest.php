<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The school and its first teacher. */
final class FirstVisitRequest extends FormRequest
{
    use ChoosesPassword;
    use DescribesSchool;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...$this->schoolRules(),
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:200'],
            'password' => $this->newPassword(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->schoolWords(),
            'name.*' => 'Type your name as students know it, of at most 80 letters.',
            'email.*' => 'Type your e-mail address.',
            ...$this->passwordWords(),
        ];
    }

    /** @return array{name: string, email: string, password: string} */
    public function teacher(): array
    {
        return [
            'name' => trim((string) $this->string('name')),
            'email' => mb_strtolower(trim((string) $this->string('email'))),
            'password' => (string) $this->string('password'),
        ];
    }
}
