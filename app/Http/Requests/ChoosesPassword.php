<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Teacher;

/** What a new password must be, and what is said where it is not. */
trait ChoosesPassword
{
    /** @return list<string> */
    private function newPassword(): array
    {
        return [
            'required',
            'string',
            'min:'.Teacher::SHORTEST_PASSWORD,
            'max:'.Teacher::LONGEST_PASSWORD,
            'confirmed',
        ];
    }

    /** @return array<string, string> */
    private function passwordWords(): array
    {
        return [
            'password.confirmed' => 'The two are not the same. Type the password twice.',
            'password.*' => 'Choose a password of at least '.Teacher::SHORTEST_PASSWORD.
                ' letters; a few words in a row are good.',
        ];
    }
}
