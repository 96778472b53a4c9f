<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Worksheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;

/** Reads a choice board as its form has it: the master's pages by their numbers, and each option with its place. */
final class BoardRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'base' => ['nullable', 'integer'],
            'title' => ['present', 'nullable', 'string', 'max:'.ChoiceBoard::LONGEST_TITLE],
            'directions' => ['present', 'nullable', 'string', 'max:'.ChoiceBoard::LONGEST_DIRECTIONS],
            'count' => ['required', 'integer', 'between:'.ChoiceBoard::FEWEST.','.ChoiceBoard::MOST],
            'options' => ['present', 'array', 'max:100'],
            'options.*.id' => ['required', 'string', 'distinct', 'regex:/^[a-z0-9]{1,16}$/D'],
            'options.*.name' => ['present', 'nullable', 'string', 'max:'.ChoiceOption::LONGEST_NAME],
            'options.*.line' => ['present', 'nullable', 'string', 'max:'.ChoiceOption::LONGEST_LINE],
            'options.*.pages' => ['present', 'nullable', 'string', 'max:300'],
            'options.*.place' => ['nullable', 'integer', 'between:1,'.ChoiceBoard::MOST, 'distinct'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.*' => sprintf('That title is too long: at most %d letters.', ChoiceBoard::LONGEST_TITLE),
            'directions.*' => sprintf(
                'Those directions are too long: at most %d letters.',
                ChoiceBoard::LONGEST_DIRECTIONS,
            ),
            'count.*' => sprintf('A board has %d to %d places.', ChoiceBoard::FEWEST, ChoiceBoard::MOST),
            'options.*.name.max' => sprintf('That name is too long: at most %d letters.', ChoiceOption::LONGEST_NAME),
            'options.*.line.max' => sprintf('That line is too long: at most %d letters.', ChoiceOption::LONGEST_LINE),
            'options.*.place.distinct' => 'Two options cannot stand in one place.',
        ];
    }

    /** @throws ValidationException naming the option whose pages make no sense */
    public function board(Worksheet $master): ChoiceBoard
    {
        $ids = $master->pages()->pluck('id', 'position')->all();
        $places = array_fill(0, $this->integer('count'), null);
        $options = [];
        foreach (array_values((array) $this->input('options')) as $index => $given) {
            $given = (array) $given;
            $name = trim($this->words($given['name'] ?? ''));
            $option = new ChoiceOption(
                $this->words($given['id'] ?? ''),
                $name,
                trim($this->words($given['line'] ?? '')),
                $this->pages($this->words($given['pages'] ?? ''), $ids, $index, $name),
            );
            $options[] = $option;
            $place = is_numeric($given['place'] ?? null) ? (int) $given['place'] : 0;
            if ($place >= 1 && $place <= count($places)) {
                $places[$place - 1] = $option->id;
            }
        }

        return new ChoiceBoard(
            trim((string) $this->string('title')),
            trim((string) $this->string('directions')),
            $options,
            array_values($places),
        );
    }

    /**
     * @param  array<int, int>  $ids  by number
     * @return list<int>
     */
    private function pages(string $range, array $ids, int $index, string $name): array
    {
        if (trim($range) === '') {
            return [];
        }
        try {
            return array_map(fn (int $number): int => $ids[$number], PageRange::parse($range, count($ids)));
        } catch (UnusableRange $problem) {
            throw ValidationException::withMessages([
                "options.{$index}.pages" => ($name === '' ? 'Option '.($index + 1) : $name).': '.$problem->getMessage(),
            ]);
        }
    }

    private function words(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
