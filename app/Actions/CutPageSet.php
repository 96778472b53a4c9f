<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\Revision;
use OpenSlate\Trim\PageRange;

/** Cuts a named set of pages from a worksheet, with what lies on them. The worksheet it is cut from stays whole. */
final class CutPageSet
{
    /** @param  non-empty-list<int>  $numbers  page numbers, in the order wanted */
    public function __invoke(Worksheet $from, array $numbers, string $name): Worksheet
    {
        return DB::transaction(function () use ($from, $numbers, $name): Worksheet {
            $set = Worksheet::create([
                'teacher_id' => $from->teacher_id,
                'master_id' => $from->id,
                'original_id' => $from->original_id,
                'name' => $name,
                'state' => WorksheetState::Ready,
                'pages_total' => count($numbers),
                'cut_from' => PageRange::format($numbers),
            ]);
            $pages = $from->pages()->with('current')->whereIn('position', $numbers)->get()->keyBy('position');
            foreach ($numbers as $index => $number) {
                /** @var WorksheetPage $cut */
                $cut = $pages->get($number);
                $page = WorksheetPage::create([
                    'worksheet_id' => $set->id,
                    'backdrop_id' => $cut->backdrop_id,
                    'position' => $index + 1,
                    'revision' => 1,
                    'role' => $cut->role,
                    'role_reason' => $cut->role_reason,
                    'section' => $cut->section,
                    'links' => $cut->links,
                ]);
                PageRevision::record($page->id, Revision::first(), $cut->current->content);
            }

            return $set;
        });
    }
}
