<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\Handout;
use Illuminate\Support\Collection;
use OpenSlate\Copies\CopyState;

/** How many students have handed in what they have of a handout: each once, however many items it has. */
final readonly class HandedIn
{
    /** @param  array<int, array{int, int}>  $students  those who are done, and all with a copy, by handout */
    private function __construct(private array $students)
    {
    }

    /** @param  Collection<int, Handout>  $handouts */
    public static function of(Collection $handouts): self
    {
        $students = [];
        $rows = Copy::query()
            ->join('handout_items', 'handout_items.id', '=', 'copies.handout_item_id')
            ->whereIn('handout_items.handout_id', $handouts->pluck('id'))
            ->leftJoin('copy_students', 'copy_students.copy_id', '=', 'copies.id')
            ->groupBy('handout_items.handout_id')
            ->groupByRaw('coalesce(copy_students.student_id, copies.student_id)')
            ->selectRaw('handout_items.handout_id as handout, sum(case when state = ? then 0 else 1 end) as open', [
                CopyState::HandedIn->value,
            ])
            ->toBase()
            ->get();
        foreach ($rows as $row) {
            [$done, $all] = $students[$row->handout] ?? [0, 0];
            $students[$row->handout] = [$done + ((int) $row->open === 0 ? 1 : 0), $all + 1];
        }

        return new self($students);
    }

    public function words(Handout $handout): string
    {
        [$done, $all] = $this->students[$handout->id] ?? [0, 0];

        return $all === 0 ? 'to read' : "{$done} of {$all} students handed in";
    }
}
