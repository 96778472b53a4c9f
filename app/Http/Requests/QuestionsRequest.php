<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\MendedQuestions;
use OpenSlate\Questions\Question;

/** Reads which questions a page has, as a teacher marked them on it. */
final class QuestionsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $inPoints = ['required', 'numeric', 'between:'.-Size::LARGEST.','.Size::LARGEST];

        return [
            'base' => ['required', 'integer'],
            'page' => ['required', 'integer'],
            'questions' => ['present', 'nullable', 'array', 'max:'.MendedQuestions::MOST],
            'questions.*.number' => ['present', 'nullable', 'string', 'max:40'],
            'questions.*.x' => $inPoints,
            'questions.*.y' => $inPoints,
            'questions.*.width' => [...$inPoints, 'min:0'],
            'questions.*.height' => [...$inPoints, 'min:0'],
            'questions.*.goes_on' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $unread = 'These questions cannot be read. Close the page and try again.';

        return [
            'questions.*.number.*' => 'A number has at most '.MendedQuestions::LONGEST_NUMBER.' letters and digits.',
            'questions.max' => 'A page holds at most '.MendedQuestions::MOST.' questions. Take some out first.',
            'questions.*' => $unread,
            'page.*' => $unread,
        ] + array_fill_keys(
            array_map(
                fn (string $side): string => "questions.*.{$side}.*",
                ['x', 'y', 'width', 'height', 'goes_on'],
            ),
            $unread,
        );
    }

    /** @return list<Question>|null as they show on the page; null for those that were found */
    public function marked(): ?array
    {
        $given = $this->input('questions');

        return is_array($given)
            ? array_values(array_map(
                fn (array $one): Question => new Question(
                    (string) $one['number'],
                    Frame::of(
                        (float) $one['x'],
                        (float) $one['y'],
                        (float) $one['width'],
                        (float) $one['height'],
                    ),
                    [],
                    (bool) ($one['goes_on'] ?? false),
                ),
                $given,
            ))
            : null;
    }
}
