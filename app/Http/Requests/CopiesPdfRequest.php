<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Printing\Grey;
use App\Models\ExportKind;
use App\Models\HandoutItem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Whose copies leave, and how. */
final class CopiesPdfRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $item = $this->route('item');

        return [
            'who' => ['required', Rule::in(['all', 'begun', 'in', 'one'])],
            'copy' => [
                'required_if:who,one',
                'integer',
                Rule::exists('copies', 'id')->where('handout_item_id', $item instanceof HandoutItem ? $item->id : 0),
            ],
            'files' => ['required', Rule::in(['one', 'each', 'forms'])],
            'marks' => ['nullable', 'in:1'],
            'names' => ['nullable', 'in:1'],
            'codes' => ['nullable', 'in:1'],
            'grey' => ['nullable', 'in:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.*' => 'Choose whose copies are to be in it.',
            'copy.*' => 'Choose whose copy it is.',
            'files.*' => 'Choose what is to be made of them.',
        ];
    }

    public function kind(): ExportKind
    {
        $isOne = $this->input('who') === 'one';

        return match ($this->input('files')) {
            'forms' => $isOne ? ExportKind::CopyForm : ExportKind::CopyForms,
            'each' => $isOne ? ExportKind::Copies : ExportKind::CopiesApart,
            default => ExportKind::Copies,
        };
    }

    /** @return array{who: string|int, marks: bool, names: bool, codes: bool, grey: bool} */
    public function choices(): array
    {
        $who = $this->string('who')->toString();

        return [
            'who' => $who === 'one' ? $this->integer('copy') : $who,
            'marks' => $this->boolean('marks') && ! $this->kind()->hasFields(),
            'names' => $this->boolean('names'),
            'codes' => $this->boolean('codes') && ! $this->kind()->hasFields(),
            'grey' => $this->boolean('grey') && ! $this->kind()->hasFields() && Grey::isThere(),
        ];
    }
}
