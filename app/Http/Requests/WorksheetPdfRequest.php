<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Printing\Grey;
use App\Documents\Printing\PerSheet;
use App\Models\ExportKind;
use App\Models\Worksheet;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;

/** Which pages of a worksheet leave, and how. */
final class WorksheetPdfRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(ExportKind::class)->only(ExportKind::ofWorksheets())],
            'keys' => ['nullable', 'in:1'],
            'grey' => ['nullable', 'in:1'],
            'sheets' => ['nullable', Rule::enum(PerSheet::class)],
            'pages' => [
                'exclude_if:kind,package',
                'required',
                'string',
                'max:500',
                function (string $name, mixed $value, Closure $fail): void {
                    try {
                        $this->parsed((string) $value);
                    } catch (UnusableRange $problem) {
                        $fail($problem->getMessage());
                    }
                },
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sheets.*' => 'Choose how the pages lie on the paper.',
            'kind.*' => 'Choose what it is for.',
            'pages.*' => 'Say which pages: “1–3, 5”.',
        ];
    }

    public function kind(): ExportKind
    {
        return ExportKind::from($this->string('kind')->toString());
    }

    /** @return array<string, mixed> */
    public function choices(Worksheet $worksheet): array
    {
        return $this->kind() === ExportKind::Package
            ? ['worksheets' => [$worksheet->id], 'keys' => $this->boolean('keys')]
            : [
                'pages' => $this->parsed($this->string('pages')->toString()),
                'sheets' => $this->kind() === ExportKind::Form
                    ? PerSheet::One->value
                    : ($this->string('sheets')->toString() ?: PerSheet::One->value),
                'grey' => $this->boolean('grey') && $this->kind() !== ExportKind::Form && Grey::isThere(),
            ];
    }

    /**
     * @return non-empty-list<int>
     *
     * @throws UnusableRange
     */
    private function parsed(string $text): array
    {
        $worksheet = $this->route('worksheet');

        return PageRange::parse($text, $worksheet instanceof Worksheet ? $worksheet->pages_total : 0);
    }
}
