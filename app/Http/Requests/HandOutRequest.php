<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\HandoutPlan;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\School;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenSlate\Handout\Mode;

/** Reads the Hand out form. Only the teacher's own worksheets and classes count; others are as if they were not. */
final class HandOutRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'directions' => ['nullable', 'string', 'max:2000'],
            'due_date' => ['nullable', 'date_format:Y-m-d'],
            'due_time' => ['nullable', 'required_with:due_date', 'date_format:H:i'],
            'points' => ['nullable', 'integer', 'between:0,1000'],
            'reads_aloud' => ['boolean'],
            'mode' => ['required', Rule::enum(Mode::class)],
            'also' => ['array', 'max:20'],
            'also.*.worksheet' => [
                'nullable',
                'integer',
                Rule::exists('worksheets', 'id')
                    ->where('teacher_id', $this->teacher()->id)
                    ->where('state', WorksheetState::Ready->value)
                    ->whereNull('deleted_at'),
            ],
            'also.*.mode' => ['required_with:also.*.worksheet', Rule::enum(Mode::class)],
            'to' => ['array'],
            'to.*' => [Rule::in(['none', 'whole', 'chosen'])],
            'students' => ['array'],
            'students.*' => ['array'],
            'students.*.*' => ['integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.required' => 'Give it a title, so that students know it on their list.',
            'title.max' => 'That title is too long: at most 120 letters.',
            'directions.max' => 'The directions are too long: at most 2000 letters.',
            'due_date.*' => 'Choose the day it is due, or leave both day and time empty.',
            'due_time.*' => 'Choose the time it is due on that day.',
            'points.*' => 'Points are a whole number up to 1000, or nothing.',
            'also.*.worksheet.*' => 'That worksheet cannot be handed out. Choose another.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach ($this->classes() as $class) {
                    if ($this->wanted($class) === 'chosen' && $this->chosenFrom($class)->isEmpty()) {
                        $validator
                            ->errors()
                            ->add('to', "Choose at least one student of {$class->name}, or leave the class out.");
                    }
                }
                if ($this->classes()->every(fn (SchoolClass $class): bool => $this->wanted($class) === 'none')) {
                    $validator->errors()->add('to', 'Choose who gets it: a class, or students of it.');
                }
                if (! $validator->errors()->hasAny(['due_date', 'due_time']) && $this->due()?->isPast() === true) {
                    $validator
                        ->errors()
                        ->add('due_date', 'That time has passed. Choose a later one, or leave it empty.');
                }
                if ($this->anItemTwice()) {
                    $validator->errors()->add('also', 'The same worksheet is on the list twice. Take one of them off.');
                }
            },
        ];
    }

    public function plan(Worksheet $worksheet): HandoutPlan
    {
        return new HandoutPlan(
            title: trim((string) $this->string('title')),
            directions: trim((string) $this->string('directions')),
            due: $this->due(),
            points: $this->filled('points') ? $this->integer('points') : null,
            items: $this->items($worksheet),
            classes: array_values(
                $this->classes()->filter(fn (SchoolClass $class): bool => $this->wanted($class) === 'whole')->all(),
            ),
            chosen: array_values(
                $this->classes()
                    ->filter(fn (SchoolClass $class): bool => $this->wanted($class) === 'chosen')
                    ->map(fn (SchoolClass $class): array => [$class, array_values($this->chosenFrom($class)->all())])
                    ->all(),
            ),
            readsAloud: $this->boolean('reads_aloud'),
        );
    }

    private function due(): ?CarbonImmutable
    {
        return $this->filled('due_date')
            ? app(School::class)->at((string) $this->string('due_date'), (string) $this->string('due_time'))
            : null;
    }

    /** @return non-empty-list<array{Worksheet, Mode}> */
    private function items(Worksheet $first): array
    {
        $items = [[$first, Mode::from((string) $this->string('mode'))]];
        foreach ($this->also() as [$id, $mode]) {
            $items[] = [$this->teacher()->worksheets()->findOrFail($id), Mode::from($mode)];
        }

        return $items;
    }

    /** @return list<array{int, string}> worksheet and mode */
    private function also(): array
    {
        $also = [];
        foreach ((array) $this->input('also', []) as $row) {
            if (is_array($row) && is_numeric($row['worksheet'] ?? null) && is_string($row['mode'] ?? null)) {
                $also[] = [(int) $row['worksheet'], $row['mode']];
            }
        }

        return $also;
    }

    private function anItemTwice(): bool
    {
        /** @var Worksheet $first */
        $first = $this->route('worksheet');
        $ids = [$first->id, ...array_column($this->also(), 0)];

        return count($ids) !== count(array_unique($ids));
    }

    /** @return Collection<int, SchoolClass> */
    private function classes(): Collection
    {
        return once(fn () => $this->teacher()->classes()->with('students')->get());
    }

    private function wanted(SchoolClass $class): string
    {
        $wanted = $this->input("to.{$class->id}");

        return is_string($wanted) ? $wanted : 'none';
    }

    /** @return Collection<int, Student> */
    private function chosenFrom(SchoolClass $class): Collection
    {
        return $class->students->whereIn(
            'id',
            array_map(intval(...), (array) $this->input("students.{$class->id}", [])),
        );
    }

    private function teacher(): Teacher
    {
        /** @var Teacher */
        return $this->user();
    }
}
