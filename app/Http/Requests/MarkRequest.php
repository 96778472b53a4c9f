<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenSlate\Marking\Pile;
use OpenSlate\Marking\Points;

/** Reads which question of which item is marked, and what is given to whom. */
final class MarkRequest extends FormRequest
{
    use ChoosesCopies;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->isMethod('get')
            ? []
            : [
                ...$this->copyRules(),
                'pile' => ['required', 'in:key,'.implode(',', array_column(Pile::cases(), 'value'))],
                'points' => ['nullable', 'string', 'max:10'],
                'seen' => ['required', 'integer', 'min:0'],
            ];
    }

    /** Whether copies that are not handed in are marked, too. */
    public function withWorking(): bool
    {
        return $this->word('with') === 'working';
    }

    /** What is given: null puts it off. */
    public function points(Points $full): ?Points
    {
        return match (Pile::tryFrom($this->word('pile'))) {
            Pile::Right => $full,
            Pile::Wrong => Points::none(),
            Pile::Part => Points::read($this->word('points')) ??
                throw ValidationException::withMessages(['points' => 'Give points as a number, such as 1.5.']),
            default => null,
        };
    }

    /** Whether the key is to say again. */
    public function leavesToKey(): bool
    {
        return $this->word('pile') === 'key';
    }
}
