<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenSlate\Edit\Paper\Fit;
use OpenSlate\Edit\Paper\Repaper;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\Length;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\UnusableSize;

/** Reads a size of paper: a standard one either way up, or one's own in millimetres or inches. */
final class PaperRequest extends FormRequest
{
    private ?Size $size = null;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'base' => ['integer'],
            'pages' => ['array', 'max:600'],
            'pages.*' => ['integer'],
            'paper' => [
                'required',
                Rule::in([...array_map(fn (PaperSize $paper): string => $paper->value, PaperSize::cases()), 'own']),
            ],
            'landscape' => ['boolean'],
            'width' => ['required_if:paper,own', 'nullable', 'numeric'],
            'height' => ['required_if:paper,own', 'nullable', 'numeric'],
            'unit' => [Rule::in(['mm', 'in'])],
            'fit' => [Rule::enum(Fit::class)],
            'count' => ['integer', 'between:1,50'],
            'before' => ['nullable', 'integer'],
            'theme' => [Rule::enum(Theme::class)],
            'name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'paper.*' => 'Choose a size of paper.',
            'width.*' => 'Type how wide and how high the paper is.',
            'height.*' => 'Type how wide and how high the paper is.',
            'theme.*' => 'Choose one of the looks.',
            'name.*' => 'Give it a name of at most 120 letters.',
            'count.*' => 'Type how many pages, from 1 to 50.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                try {
                    $this->size = $this->wanted();
                } catch (UnusableSize $problem) {
                    $validator->errors()->add('width', $problem->getMessage());
                }
            },
        ];
    }

    public function size(): Size
    {
        return $this->size ?? $this->wanted();
    }

    public function repaper(): Repaper
    {
        return new Repaper($this->size(), Fit::from((string) $this->string('fit', Fit::Scale->value)));
    }

    public function theme(): Theme
    {
        return Theme::from((string) $this->string('theme', Theme::Empty->value));
    }

    public function before(): ?int
    {
        return $this->filled('before') ? $this->integer('before') : null;
    }

    /** @return list<int> */
    public function pages(): array
    {
        return array_values(array_map(intval(...), (array) $this->input('pages')));
    }

    /** @throws UnusableSize */
    private function wanted(): Size
    {
        $paper = PaperSize::tryFrom((string) $this->string('paper'));
        if ($paper === null) {
            $points = $this->string('unit')->value() === 'in' ? Length::fromInches(...) : Length::fromMillimetres(...);

            return Size::of($points($this->float('width')), $points($this->float('height')));
        }
        [$short, $long] = $paper->points();

        return $this->boolean('landscape') ? Size::of($long, $short) : Size::of($short, $long);
    }
}
