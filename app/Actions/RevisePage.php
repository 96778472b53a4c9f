<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\Revision;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageCodec;

/** Gives a page its next revision, if nobody else has done so since. */
final class RevisePage
{
    /**
     * @param  int  $base  the revision that the window last saw
     * @param  Closure(PageRevision): array{Revision, string|Page}  $next  the next revision and its content
     *
     * @throws StaleEdit|MasterLocked
     */
    public function __invoke(WorksheetPage $page, int $base, Closure $next): PageRevision
    {
        return DB::transaction(function () use ($page, $base, $next): PageRevision {
            $locked = WorksheetPage::query()->lockForUpdate()->findOrFail($page->id);
            if ($locked->worksheet->isLocked()) {
                throw new MasterLocked;
            }
            if ($locked->revision !== $base) {
                throw new StaleEdit($locked);
            }
            $now = $locked->revisions()->where('number', $locked->revision)->sole();
            [$revision, $made] = $next($now);
            $content = $made instanceof Page ? PageCodec::encode($made) : $made;
            if ($content === $now->content && $revision->undoTo === $now->number) {
                return $now; // An edit that changes nothing is no step to undo.
            }
            $recorded = PageRevision::record($locked->id, $revision, $content);
            $made instanceof Page && $recorded->madeFrom($now->page(), $made);
            $locked->update(['revision' => $revision->number]);
            $locked->worksheet()->touch();

            return $recorded;
        });
    }
}
