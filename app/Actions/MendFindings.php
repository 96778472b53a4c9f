<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Check\FileTitle;
use OpenSlate\Check\Finding;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Selection;

/** Mends what was found in a worksheet where one answer is plain. All of it, or nothing; each can be undone. */
final class MendFindings
{
    /** All pages that are taken out, together. */
    public const NOT_FOR_STUDENTS = 'not-for-students';

    /** Pages that are taken out. */
    private const PAGES = ['key-page', 'teacher-page', 'empty-page'];

    /** Things that are moved on to their page. */
    private const MOVED = 'off-page';

    /** A name of a file that says what the sheet is about. */
    private const NAMED = 'file-name';

    public function __construct(private Rearrange $rearrange, private ApplyEdit $apply)
    {
    }

    public static function takesOut(Finding $finding): bool
    {
        return in_array($finding->code, self::PAGES, true);
    }

    public static function mends(Finding $finding): bool
    {
        return self::takesOut($finding) || $finding->code === self::MOVED || self::renames($finding);
    }

    public static function renames(Finding $finding): bool
    {
        return $finding->code === self::NAMED;
    }

    /** The name that a worksheet gets; null where nobody can tell. */
    public static function title(Worksheet $worksheet): ?string
    {
        return FileTitle::mended($worksheet->name);
    }

    /**
     * @param  list<Finding>  $findings
     *
     * @throws MasterLocked|StaleArrangement|ArrangementRefused|StaleEdit|EditRefused
     */
    public function __invoke(Worksheet $worksheet, array $findings): void
    {
        DB::transaction(function () use ($worksheet, $findings): void {
            $pages = $worksheet->pages()->with('current')->get()->keyBy('position');
            $out = [];
            foreach ($findings as $finding) {
                $page = $pages->get($finding->page ?? 0);
                if (self::renames($finding)) {
                    $worksheet->update(['name' => self::title($worksheet) ?? $worksheet->name]);
                } elseif ($page instanceof WorksheetPage && self::takesOut($finding)) {
                    $out[] = $page->id;
                } elseif ($page instanceof WorksheetPage && $finding->code === self::MOVED) {
                    $this->bringBack($page, (string) $finding->element);
                }
            }
            if ($out !== []) {
                ($this->rearrange)(
                    $worksheet,
                    $worksheet->arranged,
                    fn (Arrangement $is): Arrangement => $is->without(array_values(array_unique($out))),
                );
            }
        });
    }

    private function bringBack(WorksheetPage $row, string $id): void
    {
        $row = $row->refresh()->load('current');
        if ($row->current->page()->element($id) !== null) {
            // What is moved stops at the paper's edge, also from outside.
            ($this->apply)($row, $row->revision, new Move(Selection::of([$id]), 0.0, 0.0));
        }
    }
}
