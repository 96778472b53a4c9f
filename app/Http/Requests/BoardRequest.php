<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\BoardSources;
use App\Models\Worksheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;

/** Reads a choice board as its form has it: pages by their numbers in the worksheet they are of, and each option's place. */
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
            'options.*.of' => ['nullable', 'integer'],
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
        $rows = array_map(fn (mixed $given): array => (array) $given, array_values((array) $this->input('options')));
        $of = array_map(fn (array $given): ?int => is_numeric($given['of'] ?? null) ? (int) $given['of'] : null, $rows);
        $sources = BoardSources::of($master, array_values(array_filter($of)));
        $places = array_fill(0, $this->integer('count'), null);
        $options = [];
        foreach ($rows as $index => $given) {
            $name = trim($this->words($given['name'] ?? ''));
            $option = new ChoiceOption(
                $this->words($given['id'] ?? ''),
                $name,
                trim($this->words($given['line'] ?? '')),
                $this->pages(
                    $this->words($given['pages'] ?? ''),
                    $sources,
                    $of[$index],
                    "options.{$index}.pages",
                    $name,
                ),
                $of[$index],
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

    /** @return list<int> */
    private function pages(string $range, BoardSources $sources, ?int $of, string $field, string $name): array
    {
        $called = $name === '' ? 'An option without a name' : "“{$name}”";
        if ($sources->worksheet($of) === null) {
            throw ValidationException::withMessages([
                $field => "{$called} comes from a worksheet that is not on your shelf any more. Put that back from the "
                    .'bin, or remove the option.',
            ]);
        }
        if (trim($range) === '') {
            return [];
        }
        $ids = $sources->pages($of);
        try {
            return array_map(fn (int $number): int => $ids[$number], PageRange::parse($range, count($ids)));
        } catch (UnusableRange $problem) {
            throw ValidationException::withMessages([$field => "{$called}: {$problem->getMessage()}"]);
        }
    }

    private function words(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
