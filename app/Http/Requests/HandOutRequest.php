<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\HandoutPlan;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\School;
use App\View\HandoutForm;
use App\View\HandoutPeople;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Validation\Validator as Checked;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\ClassTerms;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Terms;
use OpenSlate\Handout\Times;
use OpenSlate\Handout\TimesRefused;
use OpenSlate\Packs\Role;

/** Reads the Hand out form. Only the teacher's own worksheets and classes count; others are as if they were not. */
final class HandOutRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $day = ['nullable', 'string', 'date_format:Y-m-d'];
        $time = fn (string $day): array => ['nullable', "required_with:{$day}", 'string', 'date_format:H:i'];

        return [
            'title' => ['required', 'string', 'max:120'],
            'directions' => ['nullable', 'string', 'max:2000'],
            'points' => ['nullable', 'integer', 'between:0,1000'],
            'item_points' => ['nullable', 'array'],
            'item_points.*' => ['nullable', 'integer', 'between:0,1000'],
            'reads_aloud' => ['boolean'],
            ...$this->handout() === null ? $this->itemRules() : ['kept' => ['array'], 'kept.*' => ['integer']],
            'to' => ['array'],
            'to.*' => [Rule::in(['none', 'whole', 'chosen'])],
            'attempts' => ['nullable', 'integer', 'between:1,'.Attempts::MOST],
            'counted' => ['nullable', Rule::in(['best', 'last'])],
            'teams' => ['array'],
            'teams.*' => ['nullable', 'integer'],
            'students' => ['array'],
            'students.*' => ['array'],
            'students.*.*' => ['integer'],
            'out' => ['nullable', Rule::in(['now', 'at', 'prepared', 'since'])],
            'out_date' => [...$day, 'required_if:out,at'],
            'out_time' => $time('out_date'),
            'due_date' => $day,
            'due_time' => $time('due_date'),
            'late' => ['nullable', Rule::in(['marked', 'taken', 'until', 'none'])],
            'closes_date' => [...$day, 'required_if:late,until'],
            'closes_time' => $time('closes_date'),
            'own' => ['array'],
            'own.*' => ['array'],
            'own.*.out_date' => $day,
            'own.*.out_time' => $time('own.*.out_date'),
            'own.*.due_date' => $day,
            'own.*.due_time' => $time('own.*.due_date'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.required' => 'Give it a title, so that students know it on their list.',
            'title.max' => 'That title is too long: at most 120 letters.',
            'directions.max' => 'The directions are too long: at most 2000 letters.',
            'attempts.*' => 'Attempts are a number from 1 to '.Attempts::MOST.', or nothing for as many as they want.',
            'out_date.*' => 'Choose the day from which students have it.',
            'out_time.*' => 'Choose the time from which students have it on that day.',
            'due_date.*' => 'Choose the day it is due, or leave both day and time empty.',
            'due_time.*' => 'Choose the time it is due on that day.',
            'closes_date.*' => 'Choose the day until which late work is taken.',
            'closes_time.*' => 'Choose the time until which late work is taken on that day.',
            'own.*.*.*' => 'Choose both a day and a time for the class, or neither.',
            'points.*' => 'Points are a whole number up to 1000, or nothing.',
            'item_points.*' => 'Points are a whole number up to 1000, or nothing.',
            'items.*.points.*' => 'Points are a whole number up to 1000, or nothing.',
            'items.required' => 'Choose at least one worksheet to hand out.',
            'items.max' => sprintf('At most %d worksheets can be handed out at once.', HandoutForm::MOST_ITEMS),
            'items.*.worksheet.distinct' => 'The same worksheet is on the list twice. Take one of them off.',
            'items.*.worksheet.*' => 'That worksheet cannot be handed out. Take it off, or choose another.',
            'items.*.mode.*' => 'Choose how students get it.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $form = $this->form();
                foreach ($this->classes() as $class) {
                    if ($form->wants($class) === 'chosen' && $this->people()->chosen($class)->isEmpty()) {
                        $validator
                            ->errors()
                            ->add('to', "Choose at least one student of {$class->name}, or leave the class out.");
                    }
                }
                if ($this->classes()->every(fn (SchoolClass $class): bool => $form->wants($class) === 'none')) {
                    $validator->errors()->add('to', 'Choose who gets it: a class, or students of it.');
                }
                $this->checkOnly($validator);
                $this->checkPages($validator);
                if ($validator->errors()->isEmpty()) {
                    $this->checkTimes($validator);
                }
            },
        ];
    }

    /** What the form says, as it was typed. */
    public function form(): HandoutForm
    {
        return once(fn (): HandoutForm => HandoutForm::typed($this->all(), array_values($this->mine()->all())));
    }

    /** @return list<int> ids of the items that students are to have */
    public function kept(): array
    {
        return array_map(intval(...), array_values(array_filter((array) $this->input('kept'), is_numeric(...))));
    }

    /** @return array<string, string> what is wrong with it, by field; nothing when it can be handed out */
    public function problems(): array
    {
        $problems = [];
        foreach ($this->getValidatorInstance()->errors()->messages() as $field => $messages) {
            $problems[(string) $field] = (string) $messages[0];
        }

        return $problems;
    }

    public function plan(): HandoutPlan
    {
        $form = $this->form();
        $times = $this->times();

        return new HandoutPlan(
            title: $form->title,
            directions: $form->directions,
            due: $this->at('due'),
            points: $form->total() === '' ? null : (int) $form->total(),
            items: array_values(
                array_filter(
                    array_map(
                        fn (array $item): ?array => $item[0] instanceof Worksheet ? [$item[0], $item[1]] : null,
                        $form->items,
                    ),
                ),
            ),
            classes: $this->people()->whole(),
            chosen: array_map(
                fn (SchoolClass $class): array => [$class, array_values($this->people()->chosen($class)->all())],
                $this->people()->inPart(),
            ),
            readsAloud: $form->readsAloud,
            out: $form->out === 'at' ? $this->at('out') : null,
            prepared: $form->out === 'prepared',
            closes: $times->closes === null ? null : CarbonImmutable::instance($times->closes),
            marksLate: $form->late !== 'taken',
            attempts: $form->attempts,
            ofClasses: $this->ofClasses($times),
            itemPoints: array_map(intval(...), $form->itemPoints),
            teams: $form->hasTeamCopies() ? $this->people()->teams() : [],
            only: array_filter(array_map(
                fn (array $only): array => array_values(array_intersect($only, $this->people()->students())),
                $form->only,
            )),
        );
    }

    /** What the handout says once it is changed as the form has it. */
    public function terms(Terms $is): Terms
    {
        $form = $this->form();
        $times = $this->times();
        $own = $this->ofClasses($times);
        // Classes that are put away, or a colleague's now, are not on the form: they stay as they are.
        $classes = array_diff_key($is->classes, $this->classes()->keyBy('id')->all());
        foreach ($this->classes() as $class) {
            if ($form->wants($class) !== 'none') {
                $classes[$class->id] = new ClassTerms($form->wants($class) === 'whole', $own[$class->id] ?? null);
            }
        }
        ksort($classes);
        /** @var Handout $handout */
        $handout = $this->handout();
        $kept = $handout->items()->with('edition')->whereKey($this->kept())->get();
        $total = $form->giving($kept)->total();

        return new Terms(
            $form->title,
            $form->directions,
            $total === '' ? null : (int) $total,
            $form->readsAloud,
            $form->late !== 'taken',
            $times,
            $classes,
            $this->students($is),
            $is->extended,
            array_values($handout->items()->whereKeyNot($this->kept())->pluck('id')->all()),
            $is->isPutAway,
            $this->itemPoints($handout),
            $form->attempts,
        );
    }

    /**
     * Those of the classes as they are now; and who has it but has left the class keeps it.
     *
     * @return list<int>
     */
    private function students(Terms $is): array
    {
        $inClasses = $this->classes()->flatMap(fn (SchoolClass $class): array => $class->students->modelKeys())->all();
        $keep = array_diff($is->students, $inClasses);
        $students = array_values(array_unique([...$this->people()->students(), ...$keep]));
        sort($students);

        return $students;
    }

    /** @return array<int, int> by item, also of those that are taken back */
    private function itemPoints(Handout $handout): array
    {
        $points = [];
        foreach ($handout->items()->with('edition')->orderBy('id')->get() as $item) {
            $said = $this->form()->itemPoints[$item->edition->worksheet_id] ?? '';
            if ($said !== '') {
                $points[$item->id] = (int) $said;
            }
        }

        return $points;
    }

    /** What is changed by the form; null where it hands out. */
    private function handout(): ?Handout
    {
        $handout = $this->route('handout');

        return $handout instanceof Handout ? $handout : null;
    }

    /** @return array<string, mixed> */
    private function itemRules(): array
    {
        return [
            'items' => ['required', 'array', 'max:'.HandoutForm::MOST_ITEMS],
            'items.*.worksheet' => ['required', 'integer', 'distinct', Rule::in($this->mine()->modelKeys())],
            'items.*.points' => ['nullable', 'integer', 'between:0,1000'],
            'items.*.mode' => ['required', Rule::enum(Mode::class)->except(Mode::OnRequest)],
        ];
    }

    /** A form that is only looked at says what is wrong with it beside all the rest. */
    protected function failedValidation(Checked $validator): void
    {
        if (! $this->routeIs('*.preview')) {
            parent::failedValidation($validator);
        }
    }

    /** A sheet for chosen students is for somebody, and everybody has one. */
    private function checkOnly(Validator $validator): void
    {
        foreach ($this->form()->items as [$worksheet]) {
            if ($this->people()->only($worksheet) !== [] && $this->people()->getting($worksheet) === []) {
                $validator->errors()->add(
                    'items',
                    "Nobody who gets this gets “{$worksheet->name}”. Choose others for it, or all.",
                );
            }
        }
    }

    /** What no student may ever be handed; see OpenSlate\Check\Severity::Stops. */
    private function checkPages(Validator $validator): void
    {
        foreach ($this->form()->items as [$worksheet]) {
            $keys = $worksheet instanceof Worksheet
                ? $worksheet->pages()->where('role', Role::Key)->pluck('position')
                : collect();
            if ($worksheet instanceof Worksheet && $worksheet->pages_total === 0) {
                $validator->errors()->add('items', "“{$worksheet->name}” has no page to hand out.");
            }
            if ($keys->isNotEmpty()) {
                $validator->errors()->add('items', sprintf(
                    '“%s” has an answer key among its pages (%s). Take it out at Pages, or cut a set without it.',
                    $worksheet->name,
                    PageRange::format(array_values($keys->all())),
                ));
            }
        }
    }

    private function checkTimes(Validator $validator): void
    {
        foreach (['out', 'due', 'closes'] as $which) {
            $isSaid = match ($which) {
                'out' => $this->form()->out === 'at',
                'due' => true,
                'closes' => $this->form()->late === 'until',
            };
            // What was said before may have passed meanwhile.
            $was = $this->handout()?->times();
            $before = match ($which) {
                'out' => $was?->out,
                'due' => $was?->due,
                'closes' => $was?->closes,
            };
            if ($isSaid && $this->at($which)?->isPast() === true && $this->at($which) != $before) {
                $validator
                    ->errors()
                    ->add("{$which}_date", 'That time has passed. Choose a later one, or leave it empty.');
            }
        }
        try {
            $times = $this->times();
        } catch (TimesRefused $refused) {
            $validator->errors()->add("{$refused->field}_date", $refused->getMessage());

            return;
        }
        foreach ($this->classes() as $class) {
            try {
                $this->ofClass($class, $times);
            } catch (TimesRefused $refused) {
                $validator
                    ->errors()
                    ->add("own.{$class->id}.{$refused->field}_date", "{$class->name}: {$refused->getMessage()}");
            }
        }
    }

    /** @throws TimesRefused */
    private function times(): Times
    {
        $form = $this->form();

        return new Times(
            match ($form->out) {
                'prepared' => null,
                'at' => $this->at('out'),
                'since' => $this->handout()?->times()->out ?? CarbonImmutable::now(),
                default => CarbonImmutable::now(),
            },
            $this->at('due'),
            match ($form->late) {
                'none' => $this->at('due'),
                'until' => $this->at('closes'),
                default => null,
            },
        );
    }

    /** @return array<int, Times> */
    private function ofClasses(Times $times): array
    {
        $own = [];
        foreach ($this->classes() as $class) {
            $of = $this->form()->wants($class) === 'none' ? null : $this->ofClass($class, $times);
            if ($of !== null) {
                $own[$class->id] = $of;
            }
        }

        return $own;
    }

    /**
     * The times that a class has of its own: what is not said of it is as for the others.
     *
     * @throws TimesRefused
     */
    private function ofClass(SchoolClass $class, Times $others): ?Times
    {
        [$out, $due] = [$this->at('out', $class), $this->at('due', $class)];

        return $out === null && $due === null
            ? null
            : new Times(
                $this->form()->out === 'prepared' ? null : $out ?? $others->out,
                $due ?? $others->due,
                $this->form()->late === 'none' ? $due ?? $others->due : $others->closes,
            );
    }

    private function at(string $which, ?SchoolClass $class = null): ?CarbonImmutable
    {
        $form = $this->form();
        $read = fn (string $part): string => $class === null
            ? $form->time("{$which}_{$part}")
            : $form->ownTime($class, "{$which}_{$part}");

        return $read('date') === '' ? null : app(School::class)->at($read('date'), $read('time'));
    }

    /** @return Collection<int, Worksheet> that the teacher may hand out */
    private function mine(): Collection
    {
        return once(
            fn () => $this->teacher()->worksheets()->shelved()->where('state', WorksheetState::Ready)->get(),
        );
    }

    /** @return Collection<int, SchoolClass> */
    public function classes(): Collection
    {
        return once(
            fn () => $this->teacher()
                ->classes()
                ->with(['students', 'teamSets.teams.students:id'])
                ->orderBy('name')
                ->get(),
        );
    }

    private function people(): HandoutPeople
    {
        return once(fn (): HandoutPeople => new HandoutPeople($this->form(), $this->classes()->toBase()));
    }

    private function teacher(): Teacher
    {
        /** @var Teacher */
        return $this->user();
    }
}
