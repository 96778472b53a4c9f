<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Teacher;
use App\School;

/** Says where and when worksheets were handed out: "6 Heron, 3 Nov, 09:10". */
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
                    'and '.Count::of(count($all) - self::MOST, 'time').' before',
                ]
                : $all,
            $said,
        );
    }

    private function one(Handout $handout): string
    {
        return ($handout->classes->pluck('name')->join(', ', ' and ') ?: 'no class').
            ', '.
            $this->school->brief($handout->created_at);
    }
}
