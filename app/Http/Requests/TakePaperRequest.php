<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which sheets of paper go into which copies. */
final class TakePaperRequest extends FormRequest
{
    /** As many as one file may have, several times over. */
    private const MOST = 2000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'sheets' => ['required', 'array', 'max:'.self::MOST],
            'sheets.*.wanted' => ['nullable', 'in:1'],
            'sheets.*.copy' => ['nullable', 'integer'],
            'sheets.*.page' => ['nullable', 'integer'],
            'in' => ['nullable', 'in:1'],
            'over' => ['nullable', 'in:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['sheets*' => 'There is no sheet here to be put anywhere.'];
    }

    protected function getRedirectUrl(): string
    {
        return route('on-paper', $this->route('item'));
    }

    /** @return list<ChosenSheet> those that are ticked */
    public function sheets(): array
    {
        $sheets = [];
        foreach ((array) $this->validated('sheets') as $id => $sheet) {
            if (is_array($sheet) && ($sheet['wanted'] ?? null) !== null) {
                $sheets[] = new ChosenSheet(
                    (int) $id,
                    (int) ($sheet['copy'] ?? 0),
                    (int) ($sheet['page'] ?? 0),
                );
            }
        }

        return $sheets;
    }
}
