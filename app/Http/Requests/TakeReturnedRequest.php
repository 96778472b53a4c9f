<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What of PDFs that came back is to be taken, and into whose copies. */
final class TakeReturnedRequest extends FormRequest
{
    private const MOST_VALUES = 5000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'returned' => ['required', 'array', 'max:'.ReturnedRequest::MOST],
            'returned.*.name' => ['nullable', 'string', 'max:200'],
            'returned.*.copy' => ['nullable', 'integer'],
            'returned.*.shown' => ['nullable', 'integer'],
            'returned.*.values' => ['nullable', 'json', 'max:2000000'],
            'returned.*.found' => ['nullable', 'json', 'max:4000000'],
            'returned.*.wanted' => ['nullable', 'in:1'],
            'returned.*.against' => ['nullable', 'array'],
            'returned.*.against.*' => ['string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['returned*' => 'This has not arrived whole. Choose the files again.'];
    }

    /** Where it was sent from cannot be gone back to. */
    protected function getRedirectUrl(): string
    {
        return route('copies.leaving', $this->route('item'));
    }

    /** @return list<ReturnedFile> */
    public function returned(): array
    {
        $files = [];
        foreach ((array) $this->validated('returned') as $file) {
            if (is_array($file)) {
                $files[] = new ReturnedFile(
                    is_string($file['name'] ?? null) ? $file['name'] : '',
                    (int) ($file['copy'] ?? 0),
                    (int) ($file['shown'] ?? 0),
                    array_filter(self::decoded($file['values'] ?? null), is_string(...)),
                    $this->answers($file),
                );
            }
        }

        return $files;
    }

    /**
     * What is new is taken with the file; what stands against something only where that was asked for.
     *
     * @param  array<array-key, mixed>  $file
     * @return array<string, array{string, string}>
     */
    private function answers(array $file): array
    {
        if (($file['wanted'] ?? null) === null) {
            return [];
        }
        $against = array_filter((array) ($file['against'] ?? []), is_string(...));
        $answers = [];
        foreach (self::decoded($file['found'] ?? null) as $place => $found) {
            [$was, $is] = is_array($found) ? [$found[0] ?? null, $found[1] ?? null] : [null, null];
            if (is_string($was) && is_string($is) && ($was === '' || in_array($place, $against, true))) {
                $answers[$place] = [$was, $is];
            }
        }

        return $answers;
    }

    /** @return array<string, mixed> */
    private static function decoded(mixed $json): array
    {
        $decoded = is_string($json) ? json_decode($json, true, 4) : null;
        $named = [];
        foreach (is_array($decoded) ? array_slice($decoded, 0, self::MOST_VALUES, true) : [] as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }
}
