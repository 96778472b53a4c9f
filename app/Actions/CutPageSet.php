<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;

/** Cuts a named set of pages from a worksheet, with what lies on them. The worksheet it is cut from stays whole. */
final class CutPageSet
{
    public function __construct(private CopyPages $copy)
    {
    }

    /** @param  non-empty-list<int>  $numbers  page numbers, in the order wanted */
    public function __invoke(Worksheet $from, array $numbers, string $name): Worksheet
    {
        return DB::transaction(function () use ($from, $numbers, $name): Worksheet {
            $set = $from->beginSet($numbers, $name, count($numbers));
            $pages = $from->pages()->with('current')->whereIn('position', $numbers)->get()->keyBy('position');
            ($this->copy)(
                array_values(
                    array_filter(array_map(fn (int $number): ?WorksheetPage => $pages->get($number), $numbers)),
                ),
                $set,
                tied: true,
            );

            return $set;
        });
    }
}
