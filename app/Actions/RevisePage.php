<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;

/** Gives a page its next revision, if nobody else has done so since. */
final class RevisePage
{
    /**
     * @param  int  $base  the revision that the window last saw
     * @param  Closure(PageRevision): array{Revision, string|Page}  $next  the next revision and its content
     *
     * @throws StaleEdit|MasterLocked|EditRefused
     */
    public function __invoke(WorksheetPage $page, int $base, Closure $next): PageRevision
    {
        if ($page->revision !== $base) {
            throw new StaleEdit;
        }
        // A revision never changes, so that the work on it needs no lock: others may write meanwhile.
        $now = $page->revisions()->where('number', $base)->sole();
        [$revision, $made] = $next($now);
        $content = $made instanceof Page ? PageCodec::encode($made) : $made;

        if ($content === $now->content && $revision->undoTo === $now->number) {
            return $now; // An edit that changes nothing is no step to undo.
        }

        $this->refuseOthersFiles($page, $now, $made);

        return DB::transaction(function () use ($page, $now, $revision, $made, $content): PageRevision {
            // Each update asks for what it needs: that nobody locked the master meanwhile, nor was here first.
            if (Worksheet::query()->whereKey($page->worksheet_id)->unlocked()->update([]) === 0) {
                throw new MasterLocked;
            }
            if (
                WorksheetPage::query()
                    ->whereKey($page->id)
                    ->where('revision', $now->number)
                    ->update(['revision' => $revision->number]) === 0
            ) {
                throw new StaleEdit;
            }
            $recorded = PageRevision::record($page->id, $revision, $content, $made instanceof Page ? $made : null);
            $made instanceof Page && $recorded->madeFrom($now->page(), $made);

            return $recorded;
        });
    }

    /**
     * Whatever an edit says, a page only ever names files that its teacher was given.
     *
     * @throws EditRefused
     */
    private function refuseOthersFiles(WorksheetPage $page, PageRevision $now, string|Page $made): void
    {
        if (! $made instanceof Page) {
            return; // It was on this page before.
        }
        $files = PageFile::of($made);
        if ($files === []) {
            return;
        }
        $known = array_map(fn (PageFile $file): string => $file->identity(), PageFile::of($now->page()));
        $new = array_filter(
            $files,
            fn (PageFile $file): bool => ! in_array($file->identity(), $known, true),
        );
        $whole = fn (bool $isRecording): array => array_values(
            array_map(
                fn (PageFile $file): string => $file->sha256,
                array_filter(
                    $new,
                    fn (PageFile $file): bool => $file->page === 0 && $file->isRecording === $isRecording,
                ),
            ),
        );
        if (
            ! StoredFile::areOf(StoredFile::PICTURES, $whole(false)) ||
            ! StoredFile::areOf(StoredFile::RECORDINGS, $whole(true)) ||
            ($new !== [] &&
                ! TeacherFile::has(
                    (int) Worksheet::query()->whereKey($page->worksheet_id)->value('teacher_id'),
                    ...$new,
                ))
        ) {
            throw EditRefused::notYours();
        }
    }
}
