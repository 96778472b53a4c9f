<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Comment;
use Illuminate\Foundation\Http\FormRequest;

/** Reads what is said of a place, or of the whole, and on which copies. */
final class CommentRequest extends FormRequest
{
    use ChoosesCopies;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->copyRules(),
            'words' => ['nullable', 'string', 'max:'.Comment::LONGEST],
            'keep' => ['boolean'],
        ];
    }

    public function words(): string
    {
        return trim((string) $this->input('words'));
    }
}
