<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Edition;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\Models\TeamSet;
use App\Models\Worksheet;
use App\School;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use OpenSlate\Handout\Attempts;
use OpenSlate\Handout\ClassTerms;
use OpenSlate\Handout\Mode;
use OpenSlate\Handout\Terms;

/** What the Hand out form says, as it is typed: what was used last time, or what came back with something wrong in it. */
final readonly class HandoutForm
{
    public const MOST_ITEMS = 20;

    public const LATE = [
        'marked' => 'taken, and marked late',
        'taken' => 'taken as if it were in time',
        'until' => 'taken until a time, and marked late',
        'none' => 'not taken: what is there then is kept',
    ];

    private const LEAVING = '15:30'; // when work is due where nothing was said before

    private const COMING = '08:30';

    /**
     * @param  list<array{Worksheet|Edition, Mode}>  $items  editions are of what is handed out already
     * @param  array<int, string>  $to  none, whole or chosen, by class
     * @param  array<int, list<int>>  $students  those who are chosen, by class
     * @param  string  $out  now, at or prepared; since, where students have it already
     * @param  string  $late  what becomes of late work: marked, taken, until (a time), none
     * @param  array<string, string>  $times  out_date, out_time, due_date, due_time, closes_date, closes_time
     * @param  array<int, array<string, string>>  $own  out_date, out_time, due_date, due_time of classes that have any
     * @param  array<int, string>  $itemPoints  of worksheets that have points of their own, by worksheet
     * @param  array<int, int>  $teams  ids of sets of teams, by class
     * @param  array<int, list<int>>  $only  ids of the students for whom alone a worksheet is, by worksheet
     */
    public function __construct(
        public array $items,
        public string $title,
        public string $directions = '',
        public string $points = '',
        public bool $readsAloud = true,
        public array $to = [],
        public array $students = [],
        public string $out = 'now',
        public string $late = 'marked',
        public array $times = [],
        public array $own = [],
        public array $only = [],
        public array $itemPoints = [],
        public array $teams = [],
        public Attempts $attempts = new Attempts,
    ) {
    }

    /**
     * As the teacher did it last time: the same classes, the same points, due as many days later at the same hour.
     *
     * @param  list<Worksheet>  $with  others that were chosen with the first
     */
    public static function suggested(Teacher $teacher, Worksheet $first, array $with, School $school): self
    {
        $items = array_map(fn (Worksheet $one): array => [$one, Mode::OwnCopy], [$first, ...$with]);
        $last = $teacher->handouts()->with('classes')->latest('id')->first();
        if ($last === null) {
            $only = $teacher->classes()->pluck('id');

            return new self(
                $items,
                $first->name,
                to: $only->count() === 1 ? [(int) $only->sole() => 'whole'] : [],
                times: ['due_time' => self::LEAVING, 'out_time' => self::COMING],
            );
        }

        return new self(
            $items,
            $first->name,
            points: (string) $last->points,
            readsAloud: $last->reads_aloud,
            attempts: $last->attemptsOf(),
            to: $last->classes
                ->filter(fn (SchoolClass $class): bool => (bool) $class->getRelation('pivot')->getAttribute('whole'))
                ->mapWithKeys(fn (SchoolClass $class): array => [$class->id => 'whole'])
                ->all(),
            late: self::lateOf($last) === 'until' ? 'marked' : self::lateOf($last),
            times: [
                ...self::dueLike($last, $school),
                'out_time' => self::wasTimed($last) ? self::clock($last->out_at, $school) : self::COMING,
            ],
        );
    }

    /** Of what is handed out already. */
    public static function ofHandout(Handout $handout, Terms $terms, School $school): self
    {
        $classes = $handout->classes()->with('students')->get();
        $own = [];
        foreach ($terms->classes as $id => $class) {
            if ($class->times !== null) {
                $own[$id] = self::clocks(['out' => $class->times->out, 'due' => $class->times->due], $school);
            }
        }

        return new self(
            self::given($handout->items()->with('edition')->whereNull('withdrawn_at')->get()),
            $terms->title,
            $terms->directions,
            (string) $terms->points,
            $terms->readsAloud,
            array_map(fn (ClassTerms $class): string => $class->whole ? 'whole' : 'chosen', $terms->classes),
            $classes
                ->mapWithKeys(fn (SchoolClass $class): array => [
                    $class->id => array_values(array_intersect($class->students->modelKeys(), $terms->students)),
                ])
                ->all(),
            match (true) {
                $terms->times->out === null => 'prepared',
                $terms->times->isOut(now()->toDateTimeImmutable()) => 'since',
                default => 'at',
            },
            self::lateOf($handout),
            self::clocks(
                ['out' => $terms->times->out, 'due' => $terms->times->due, 'closes' => $terms->times->closes],
                $school,
            ),
            $own,
            itemPoints: self::pointsOf($handout->items()->with('edition')->whereNull('withdrawn_at')->get()),
            attempts: $terms->attempts,
        );
    }

    /**
     * What was handed out once, to be handed out again: as the worksheets are now, to nobody yet, at no time yet.
     *
     * @param  list<Worksheet>  $mine  that may be handed out
     */
    public static function again(Handout $handout, array $mine): self
    {
        $byId = array_column(array_map(fn (Worksheet $one): array => [$one->id, $one], $mine), 1, 0);
        $items = [];
        foreach ($handout->items()->with('edition')->get() as $item) {
            if (isset($byId[$item->edition->worksheet_id])) {
                $items[] = [$byId[$item->edition->worksheet_id], $item->mode];
            }
        }

        return new self(
            $items,
            $handout->title,
            $handout->directions,
            (string) $handout->points,
            $handout->reads_aloud,
            late: $handout->marks_late ? 'marked' : 'taken',
            times: ['due_time' => self::LEAVING, 'out_time' => self::COMING],
            itemPoints: self::pointsOf($handout->items()->with('edition')->get()),
            attempts: $handout->attemptsOf(),
        );
    }

    /**
     * @param  Collection<int, HandoutItem>  $items
     * @return array<int, string>
     */
    private static function pointsOf(Collection $items): array
    {
        return $items
            ->whereNotNull('points')
            ->mapWithKeys(fn (HandoutItem $item): array => [$item->edition->worksheet_id => (string) $item->points])
            ->all();
    }

    /** What it is worth: its worksheets together, where any has points of its own. */
    public function total(): string
    {
        $counted = array_filter($this->itemPoints, ctype_digit(...));

        return $counted === [] ? $this->points : (string) array_sum(array_map(intval(...), $counted));
    }

    /** @param  Collection<int, HandoutItem>  $items  that students are to have */
    public function giving(Collection $items): self
    {
        $there = $items->mapWithKeys(fn (HandoutItem $item): array => [$item->edition->worksheet_id => true])->all();

        return new self(...[
            ...get_object_vars($this),
            'items' => self::given($items),
            'itemPoints' => array_intersect_key($this->itemPoints, $there),
        ]);
    }

    /**
     * @param  Collection<int, HandoutItem>  $items
     * @return list<array{Edition, Mode}>
     */
    private static function given(Collection $items): array
    {
        return array_values($items->map(fn (HandoutItem $item): array => [$item->edition, $item->mode])->all());
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<Worksheet>  $mine  that may be handed out
     */
    public static function typed(array $typed, array $mine): self
    {
        $byId = array_column(array_map(fn (Worksheet $one): array => [$one->id, $one], $mine), 1, 0);
        $items = $only = [];
        $points = array_map(
            fn (mixed $said): string => is_string($said) ? trim($said) : '',
            array_filter((array) ($typed['item_points'] ?? []), is_int(...), ARRAY_FILTER_USE_KEY),
        );
        foreach (self::rows($typed['items'] ?? null) as $row) {
            $worksheet = $byId[(int) self::text($row, 'worksheet')] ?? null;
            if ($worksheet !== null) {
                $items[] = [$worksheet, Mode::tryFrom(self::text($row, 'mode')) ?? Mode::OwnCopy];
                $for = array_filter((array) ($row['only'] ?? []), is_numeric(...));
                $points[$worksheet->id] = trim(self::text($row, 'points'));
                $only[$worksheet->id] = array_map(intval(...), array_values($for));
            }
        }

        return new self(
            array_slice($items, 0, self::MOST_ITEMS),
            trim(self::text($typed, 'title')),
            trim(self::text($typed, 'directions')),
            self::text($typed, 'points'),
            self::text($typed, 'reads_aloud') === '1',
            array_map(fn (mixed $way): string => is_string($way) ? $way : 'none', (array) ($typed['to'] ?? [])),
            array_map(
                fn (array $ids): array => array_map(intval(...), array_values(array_filter($ids, is_numeric(...)))),
                self::rows($typed['students'] ?? null),
            ),
            self::text($typed, 'out') ?: 'now',
            self::text($typed, 'late') ?: 'marked',
            array_filter($typed, fn (mixed $value, string $name): bool => is_string($value) &&
                preg_match('/^(out|due|closes)_(date|time)$/D', $name) === 1, ARRAY_FILTER_USE_BOTH),
            array_map(
                fn (array $times): array => array_filter($times, is_string(...)),
                self::rows($typed['own'] ?? null),
            ),
            array_filter($only),
            itemPoints: array_filter($points, fn (string $said): bool => $said !== ''),
            teams: array_map(intval(...), array_filter((array) ($typed['teams'] ?? []), is_numeric(...))),
            attempts: isset($typed['counted'])
                ? self::attempts(self::text($typed, 'attempts'), self::text($typed, 'counted'))
                : new Attempts,
        );
    }

    /**
     * @param  bool  $isOut  whether students have it already
     * @return array<string, string>
     */
    public static function outs(bool $isOut): array
    {
        return [
            ...$isOut ? ['since' => 'out already'] : ['now' => 'at once'],
            'at' => 'at a time',
            'prepared' => 'kept ready until I say so',
        ];
    }

    public function hasTeamCopies(): bool
    {
        return in_array(Mode::TeamCopy, array_column($this->items, 1), true);
    }

    /** The teams of a class that get team copies: those that are chosen, or else the newest. */
    public function teamsOf(SchoolClass $class): ?TeamSet
    {
        return $class->teamSets->firstWhere('id', $this->teams[$class->id] ?? 0)
            ?? $class->teamSets->sortBy('id')->last();
    }

    public function time(string $name): string
    {
        return $this->times[$name] ?? '';
    }

    public function wants(SchoolClass $class): string
    {
        return $this->to[$class->id] ?? 'none';
    }

    /** @return list<int> */
    public function chosenFrom(SchoolClass $class): array
    {
        return $this->students[$class->id] ?? [];
    }

    public function ownTime(SchoolClass $class, string $name): string
    {
        return $this->own[$class->id][$name] ?? '';
    }

    /**
     * @param  array<string, DateTimeImmutable|null>  $times
     * @return array<string, string> day and time of each, as fields have them
     */
    private static function clocks(array $times, School $school): array
    {
        $clocks = [];
        foreach (array_filter($times) as $name => $time) {
            $local = $school->local($time);
            $clocks["{$name}_date"] = $local->format('Y-m-d');
            $clocks["{$name}_time"] = $local->format('H:i');
        }

        return $clocks;
    }

    private static function lateOf(Handout $last): string
    {
        return match (true) {
            $last->closes_at !== null && $last->closes_at == $last->due_at => 'none',
            $last->closes_at !== null => 'until',
            $last->marks_late => 'marked',
            default => 'taken',
        };
    }

    /** @return array<string, string> */
    private static function dueLike(Handout $last, School $school): array
    {
        if ($last->due_at === null) {
            return ['due_time' => self::LEAVING];
        }
        $out = $school->local($last->out_at ?? $last->created_at)->startOfDay();
        $due = $school->local(now())
            ->startOfDay()
            ->addDays((int) $out->diffInDays($school->local($last->due_at)->startOfDay()));
        // Nobody collects work on a Sunday.
        $due = $due->isWeekend() ? $due->next(Carbon::MONDAY) : $due;
        $time = self::clock($last->due_at, $school);

        return $school->at($due->format('Y-m-d'), $time)->isPast()
            ? ['due_time' => $time]
            : ['due_date' => $due->format('Y-m-d'), 'due_time' => $time];
    }

    /** @phpstan-assert-if-true !null $last->out_at */
    private static function wasTimed(Handout $last): bool
    {
        return $last->out_at !== null && $last->out_at->diffInMinutes($last->created_at, true) > 1;
    }

    private static function clock(Carbon $time, School $school): string
    {
        return $school->local($time)->format('H:i');
    }

    private static function attempts(string $most, string $counted): Attempts
    {
        return new Attempts(
            ctype_digit($most) && (int) $most > 0 ? (int) $most : null,
            $counted !== 'last',
        );
    }

    /** @return array<int, array<array-key, mixed>> */
    private static function rows(mixed $rows): array
    {
        return array_filter(is_array($rows) ? $rows : [], is_array(...));
    }

    /** @param  array<array-key, mixed>  $from */
    private static function text(array $from, string $name): string
    {
        $value = $from[$name] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
