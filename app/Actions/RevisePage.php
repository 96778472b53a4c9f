<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;
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
        if ($page->revision !== $base) {
            throw new StaleEdit($page);
        }
        // A revision never changes, so that the work on it needs no lock: others may write meanwhile.
        $now = $page->revisions()->where('number', $base)->sole();
        [$revision, $made] = $next($now);
        $content = $made instanceof Page ? PageCodec::encode($made) : $made;

        if ($content === $now->content && $revision->undoTo === $now->number) {
            return $now; // An edit that changes nothing is no step to undo.
        }

        return DB::transaction(function () use ($page, $now, $revision, $made, $content): PageRevision {
            // Each update asks for what it needs: that nobody locked the master meanwhile, nor was here first.
            if (Worksheet::query()->whereKey($page->worksheet_id)->unlocked()->update([]) === 0) {
                throw new MasterLocked;
            }
            if (WorksheetPage::query()->whereKey($page->id)->where('revision', $now->number)->update(['revision' => $revision->number]) === 0) {
                throw new StaleEdit($page->refresh());
            }
            $recorded = PageRevision::record($page->id, $revision, $content);
            $made instanceof Page && $recorded->madeFrom($now->page(), $made);

            return $recorded;
        });
    }
}
