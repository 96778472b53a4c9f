<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Backdrop;
use App\Models\PageRevision;
use App\Models\TeacherFile;
use App\Models\WorksheetPage;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Paper\Lighten;
use OpenSlate\Page\PageFile;
use OpenSlate\Weight\WeighedKind;

/** Takes lighter pictures for a page, as they were offered: one edit, which can be undone; what was there is kept. */
final class MakeLighter
{
    public function __construct(private OfferLighter $offer, private ApplyEdit $apply)
    {
    }

    /**
     * @param  int  $base  the revision for which they were offered
     * @param  list<string>  $chosen  the pictures, by SHA-256
     *
     * @throws StaleEdit|MasterLocked|EditRefused
     */
    public function __invoke(WorksheetPage $page, int $base, array $chosen): PageRevision
    {
        if ($page->revision !== $base) {
            throw new StaleEdit;
        }
        $print = false;
        $pictures = [];
        foreach (($this->offer)($page) as $step) {
            if (! in_array($step->file->sha256, $chosen, true)) {
                continue;
            }
            if ($step->file->kind === WeighedKind::Print) {
                $print = true;
                Backdrop::where('id', $page->backdrop_id)->update(['light' => $step->made->sha256]);
            } else {
                $pictures[$step->file->sha256] = $step->made->sha256;
                TeacherFile::give($page->worksheet->teacher_id, new PageFile($step->made->sha256));
            }
        }

        return ($this->apply)($page, $base, new Lighten($print, $pictures));
    }
}
