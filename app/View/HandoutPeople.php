<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Edition;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Team;
use App\Models\Worksheet;
use Illuminate\Support\Collection;
use OpenSlate\Handout\Mode;

/** Who gets what is on a form of handing out: of each class all, some or nobody, and of some worksheets only some. */
final readonly class HandoutPeople
{
    /** @param  Collection<int, SchoolClass>  $classes  those on the form, with their students */
    public function __construct(private HandoutForm $form, private Collection $classes)
    {
    }

    /** @return list<SchoolClass> that get it as a whole */
    public function whole(): array
    {
        return $this->thatWant('whole');
    }

    /** @return list<SchoolClass> of which chosen students get it */
    public function inPart(): array
    {
        return $this->thatWant('chosen');
    }

    /** @return Collection<int, Student> who are chosen of a class */
    public function chosen(SchoolClass $class): Collection
    {
        return $class->students->whereIn('id', $this->form->chosenFrom($class))->values()->toBase();
    }

    /** @return list<int> ids of all who get it */
    public function students(): array
    {
        $ids = [];
        foreach ($this->whole() as $class) {
            $ids = [...$ids, ...$class->students->modelKeys()];
        }
        foreach ($this->inPart() as $class) {
            $ids = [...$ids, ...$this->chosen($class)->pluck('id')->all()];
        }

        return array_values(array_unique(array_map(intval(...), $ids)));
    }

    /** @return list<int> ids of those of them for whom a worksheet is */
    public function getting(Worksheet|Edition $item): array
    {
        $only = $this->only($item);

        return $only === [] ? $this->students() : array_values(array_intersect($this->students(), $only));
    }

    /** @return list<int> ids of those for whom alone a worksheet is, whether they get it or not; nobody where it is for all */
    public function only(Worksheet|Edition $item): array
    {
        return $item instanceof Worksheet ? $this->form->only[$item->id] ?? [] : [];
    }

    /** @return array<int, int> id of the set whose teams get team copies, by class */
    public function teams(): array
    {
        $sets = [];
        foreach ([...$this->whole(), ...$this->inPart()] as $class) {
            $sets[$class->id] = $this->form->teamsOf($class)?->id;
        }

        return array_filter($sets);
    }

    /**
     * How many copies of a worksheet are shared, and how many students get one of their own beside.
     *
     * @return array{int, int}
     */
    public function shared(Worksheet|Edition $item, Mode $mode): array
    {
        $left = $this->getting($item);
        $shared = 0;
        foreach ([...$this->whole(), ...$this->inPart()] as $class) {
            $groups = $mode === Mode::ClassCopy
                ? [$class->students->modelKeys()]
                : $this->form->teamsOf($class)?->teams->map(fn (Team $team): array => $team->students->modelKeys());
            foreach ($groups ?? [] as $group) {
                $shared += array_intersect($left, $group) === [] ? 0 : 1;
                $left = array_diff($left, $group);
            }
        }

        return [$shared, count($left)];
    }

    /** @return list<SchoolClass> */
    private function thatWant(string $what): array
    {
        return array_values(
            $this->classes->filter(fn (SchoolClass $class): bool => $this->form->wants($class) === $what)->all(),
        );
    }
}
