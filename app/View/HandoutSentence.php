<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Edition;
use App\Models\SchoolClass;
use App\Models\Worksheet;
use App\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use InvalidArgumentException;
use OpenSlate\Handout\Mode;

/** The Hand out form as one sentence, in pieces: what stands in each of its brackets, and what will happen. */
final readonly class HandoutSentence
{
    private const LATE = [
        'marked' => 'taken, and marked late',
        'taken' => 'taken as if it were in time',
        'none' => 'not taken',
    ];

    /** How students get a worksheet. */
    public const WAYS = [
        'own_copy' => 'own copy',
        'team_copy' => 'one copy a team',
        'class_copy' => 'one copy for the class',
    ];

    private HandoutPeople $people;

    /** @param  Collection<int, SchoolClass>  $classes  the teacher's, with their students */
    public function __construct(private HandoutForm $form, private Collection $classes, private School $school)
    {
        $this->people = new HandoutPeople($form, $classes);
    }

    /** @return array<string, string> by the name of the bracket */
    public function words(): array
    {
        return [
            'items' => $this->items(),
            'title' => $this->form->title === '' ? 'no title yet' : "“{$this->form->title}”",
            'to' => $this->to(),
            'out' => $this->out(),
            'due' => $this->due(),
            'late' => $this->late(),
            'points' => ctype_digit($this->form->total())
                ? Count::of((int) $this->form->total(), 'point')
                : 'no points',
            'attempts' => $this->form->attempts->words(),
            'directions' => $this->directions(),
        ];
    }

    /** What pressing the button does; null while nothing would happen. */
    public function will(): ?string
    {
        $students = count($this->people->students());
        $copies = $read = $ofTeams = $ofClasses = 0;
        foreach ($this->form->items as [$worksheet, $mode]) {
            [$shared, $alone] = $mode->isShared()
                ? $this->people->shared($worksheet, $mode)
                : [0, $mode === Mode::OwnCopy ? count($this->people->getting($worksheet)) : 0];
            $copies += $alone;
            $ofTeams += $mode === Mode::TeamCopy ? $shared : 0;
            $ofClasses += $mode === Mode::ClassCopy ? $shared : 0;
            $read += $mode->isRead() ? 1 : 0;
        }
        if ($students === 0 || $copies + $read + $ofTeams + $ofClasses === 0) {
            return null;
        }
        $what = array_filter([
            $ofTeams === 0 ? '' : Count::of($ofTeams, 'team copy', 'team copies'),
            $ofClasses === 0 ? '' : Count::of($ofClasses, 'copy for a whole class', 'copies for a whole class each'),
            $copies === 0
                ? ''
                : Count::of($copies, 'own copy', 'own copies').($ofTeams === 0 ? '' : ' for who is in no team'),
            $read === 0 ? '' : Count::of($read, 'worksheet').' to read for '.Count::of($students, 'student'),
        ]);

        $due = $this->at('due') === null ? '' : ', due '.$this->due();

        return collect($what)->join(', ', ' and ').', '.$this->out().$due.'.';
    }

    /** What the button says. */
    public function button(): string
    {
        return match ($this->form->out) {
            'at' => 'Hand out then',
            'prepared' => 'Keep it ready',
            default => 'Hand out',
        };
    }

    private function items(): string
    {
        return $this->listed(
            array_map(function (array $item): string {
                [$worksheet, $mode] = $item;
                $how = self::WAYS[$mode->value] ?? 'to read';
                $points = $this->form->itemPoints[self::worksheetOf($worksheet)] ?? '';
                $worth = ctype_digit($points) ? ', '.Count::of((int) $points, 'point') : '';
                $isForSome = $this->people->only($worksheet) !== [];
                $for = $isForSome ? ', for '.Count::of(count($this->people->getting($worksheet)), 'student') : '';

                return "{$worksheet->name} ({$this->pages($worksheet)}, {$how}{$for}{$worth})";
            }, $this->form->items),
            'nothing yet',
        );
    }

    private static function worksheetOf(Worksheet|Edition $item): int
    {
        return $item instanceof Worksheet ? $item->id : $item->worksheet_id;
    }

    private function pages(Worksheet|Edition $of): string
    {
        return Count::of($of instanceof Edition ? $of->pages_count : $of->pages_total, 'page');
    }

    private function to(): string
    {
        $to = [];
        foreach ($this->classes as $class) {
            $chosen = $this->people->chosen($class)->count();
            $own = $this->ownTimes($class);
            $to[] = match ($this->form->wants($class)) {
                'whole' => $class->name.$own,
                'chosen' => Count::of($chosen, 'student')." of {$class->name}{$own}",
                default => '',
            };
        }

        return $this->listed(array_values(array_filter($to)), 'nobody yet');
    }

    private function ownTimes(SchoolClass $class): string
    {
        $out = $this->at('out', $class);
        $due = $this->at('due', $class);
        $said = array_filter([
            $out === null ? '' : 'out '.$this->school->said($out),
            $due === null ? '' : 'due '.$this->school->said($due),
        ]);

        return $said === [] ? '' : ' ('.implode(', ', $said).')';
    }

    private function out(): string
    {
        return match ($this->form->out) {
            'prepared' => 'kept ready, out when I say so',
            'at' => ($at = $this->at('out')) === null ? 'out at a time to be chosen' : 'out '.$this->school->said($at),
            'since' => 'out already',
            default => 'out at once',
        };
    }

    private function due(): string
    {
        $due = $this->at('due');

        return $due === null ? 'no due time' : $this->school->said($due);
    }

    private function late(): string
    {
        $closes = $this->at('closes');

        return $this->form->late === 'until'
            ? 'taken until '.($closes === null ? 'a time to be chosen' : $this->school->said($closes))
            : self::LATE[$this->form->late] ?? self::LATE['marked'];
    }

    private function directions(): string
    {
        $first = strtok($this->form->directions, "\n");

        return match (true) {
            $first === false => 'no directions',
            mb_strlen($this->form->directions) > 60 => '“'.rtrim(mb_substr($first, 0, 56)).' …”',
            default => '“'.str_replace("\n", ' / ', $this->form->directions).'”',
        };
    }

    private function at(string $which, ?SchoolClass $class = null): ?CarbonImmutable
    {
        $read = fn (string $part): string => $class === null
            ? $this->form->time("{$which}_{$part}")
            : $this->form->ownTime($class, "{$which}_{$part}");
        try {
            return $read('date') === '' ? null : $this->school->at($read('date'), $read('time'));
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    /** @param  list<string>  $of */
    private function listed(array $of, string $none): string
    {
        return $of === [] ? $none : collect($of)->join(', ', ' and ');
    }
}
