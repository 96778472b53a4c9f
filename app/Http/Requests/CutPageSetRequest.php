<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Worksheet;
use App\Models\WorksheetState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;

final class CutPageSetRequest extends FormRequest
{
    /** @var non-empty-list<int>|null */
    private ?array $pages = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'pages' => ['present', 'nullable', 'string', 'max:500'],
            'questions' => ['nullable', 'string', 'max:200'],
            'apart' => ['nullable', 'boolean'],
            'name' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the set a name.',
            'name.max' => 'That name is too long: at most 120 letters.',
            'questions.*' => 'That list of questions is too long. Use ranges such as 1-4.',
            'pages.max' => 'That list of pages is too long. Use ranges such as 1-5.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if (
                    ! $validator->errors()->has('name') &&
                    $this->worksheet()->sets()->where('name', $this->name())->exists()
                ) {
                    $validator
                        ->errors()
                        ->add('name', "There is a set “{$this->name()}” already. Give this one another name.");
                }
                if ($validator->errors()->has('pages')) {
                    return;
                }
                $worksheet = $this->worksheet();
                if ($worksheet->state !== WorksheetState::Ready) {
                    $validator
                        ->errors()
                        ->add('pages', 'The pages are still being prepared. Cut the set when they are all here.');

                    return;
                }
                try {
                    $this->pages = PageRange::parse((string) $this->string('pages'), $worksheet->pages_total);
                } catch (UnusableRange $problem) {
                    $validator->errors()->add('pages', $problem->getMessage());
                }
            },
        ];
    }

    /** @return non-empty-list<int> */
    public function pages(): array
    {
        return $this->pages ?? throw UnusableRange::nothing();
    }

    /** Which of their questions; empty for whole pages. */
    public function questions(): string
    {
        return trim((string) $this->string('questions'));
    }

    public function name(): string
    {
        return trim((string) $this->string('name'));
    }

    private function worksheet(): Worksheet
    {
        /** @var Worksheet */
        return $this->route('worksheet');
    }
}
