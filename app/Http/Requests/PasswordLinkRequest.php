<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A password, and the name as students know it. */
final class PasswordLinkRequest extends FormRequest
{
    use ChoosesPassword;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'password' => $this->newPassword()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Type your name as students know it, of at most 80 letters.',
            ...$this->passwordWords(),
        ];
    }
}
