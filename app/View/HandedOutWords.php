<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\School;

/** Says where and when worksheets were handed out: "Given to 6 Heron today at 09:10". */
final readonly class HandedOutWords
{
    private const MOST = 2;

    public function __construct(private School $school)
    {
    }

    /** @return array<int, list<string>> by worksheet, the latest first */
    public function of(Teacher $teacher): array
    {
        $said = [];
        $handouts = $teacher
            ->handouts()
            ->with(['classes:id,name', 'items.edition:id,worksheet_id'])
            ->latest('id')
            ->get();
        foreach ($handouts as $handout) {
            $worksheets = $handout->items->map(fn (HandoutItem $item): int => $item->edition->worksheet_id);
            foreach ($worksheets->unique() as $worksheet) {
                $said[$worksheet][] = $this->one($handout);
            }
        }

        return array_map(
            fn (array $all): array => count($all) > self::MOST
                ? [
                    ...array_slice($all, 0, self::MOST),
                    'and '.Count::of(count($all) - self::MOST, 'time').' before that',
                ]
                : $all,
            $said,
        );
    }

    private function one(Handout $handout): string
    {
        $to = $handout->classes->map(
            fn (SchoolClass $class): string => $class->getRelation('pivot')->getAttribute('whole')
                ? $class->name
                : "some of {$class->name}",
        );

        $to = $to->join(', ', ' and ') ?: 'no class';

        return match (true) {
            $handout->out_at === null => "Kept ready for {$to}",
            $handout->out_at->isFuture() => "Goes to {$to} ".$this->school->said($handout->out_at),
            default => "Given to {$to} ".$this->school->spoken($handout->out_at),
        };
    }
}
