<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use OpenSlate\Packs\Role;

/** The worksheets from which a choice board takes its options: the one that it is made from, and others of its teacher. */
final readonly class BoardSources
{
    /** @param  Collection<int, Worksheet>  $worksheets  by id, each with its pages */
    private function __construct(public Worksheet $own, private Collection $worksheets)
    {
    }

    /** @param  list<int>  $others  ids; those that are not on the teacher's shelf any more are left out */
    public static function of(Worksheet $own, array $others): self
    {
        return new self(
            $own,
            self::shelf($own)->whereKey($others)->with('pages')->get()->push($own->load('pages'))->keyBy('id'),
        );
    }

    /**
     * @param  Worksheet  $board  a set that was made from a board is no option of itself
     * @return Collection<int, Worksheet> what else options may come from, each with its pages, by name
     */
    public static function others(Worksheet $own, Worksheet $board): Collection
    {
        return self::shelf($own)
            ->whereKeyNot([$own->id, $board->id])
            ->with(['pages.backdrop', 'master'])
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return list<WorksheetPage> those of a worksheet that are for students, or all where none is said to be */
    public static function forStudents(Worksheet $worksheet): array
    {
        $students = $worksheet->pages->where('role', Role::Student);

        return array_values(($students->isEmpty() ? $worksheet->pages : $students)->all());
    }

    /** @param  int|null  $of  null is the one that the board is made from; null comes back where it is gone */
    public function worksheet(?int $of): ?Worksheet
    {
        return $this->worksheets->get($of ?? $this->own->id);
    }

    /** @return array<int, int> ids of its pages by number; none where it is gone */
    public function pages(?int $of): array
    {
        return $this->worksheet($of)?->pages->pluck('id', 'position')->all() ?? [];
    }

    /** @return Builder<Worksheet> */
    private static function shelf(Worksheet $own): Builder
    {
        return Worksheet::query()
            ->shelved()
            ->where('teacher_id', $own->teacher_id)
            ->where('state', WorksheetState::Ready);
    }
}
