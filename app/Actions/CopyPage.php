<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Str;
use OpenSlate\Edit\History\Revision;

/** Lays a page, with what is on it now, into a worksheet. The printed page is not copied, only named again. */
final class CopyPage
{
    /**
     * @param  array{int, int}|null  $source  id and revision of the page whose mending will be offered to this one
     * @param  int|null  $position  null where an arrangement gives it its place
     */
    public function __invoke(WorksheetPage $page, Worksheet $to, ?int $position, ?array $source): WorksheetPage
    {
        $taken = WorksheetPage::where('worksheet_id', $to->id)->where('anchor', $page->anchor)->exists();

        return WorksheetPage::begin($to->id, $page->current->content, [
            'backdrop_id' => $page->backdrop_id,
            'position' => $position,
            'role' => $page->role,
            'role_reason' => $page->role_reason,
            'role_confidence' => $page->role_confidence,
            'section' => $page->section,
            'refused' => $page->refused,
            'own_questions' => $page->own_questions,
            'anchor' => $taken ? Str::lower(Str::random(10)) : $page->anchor,
            'source_page_id' => $source[0] ?? null,
            'source_revision' => $source[1] ?? null,
        ]);
    }
}
