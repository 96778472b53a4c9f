<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Events\EditionFrozen;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Edition;
use App\Models\HandMark;
use App\Models\HandoutItem;
use App\Models\Moment;
use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\Correction;
use OpenSlate\Copies\History;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\SeenPage;
use OpenSlate\Copies\Waiting;
use OpenSlate\Page\Page;

/**
 * Gives the copies of an item the worksheet as it is now. Answers stay with their places; what has none any more waits
 * beside the page. All copies in one, and taken back likewise.
 */
final class CorrectCopies
{
    public function __construct(private FreezeEdition $freeze, private KeepMoment $keep)
    {
    }

    /** What it would do; null where students would see nothing else than they have. */
    public function offer(HandoutItem $item): ?CorrectionOffer
    {
        $worksheet = $this->worksheet($item);
        if ($worksheet === null) {
            return null;
        }
        $had = $item->edition->revisions->keyBy('page_id');
        $now = $worksheet->pages()->with('current')->get();
        $differs = $now->filter(function (WorksheetPage $page) use ($had): bool {
            $before = $had->get($page->id);

            return $before === null || ($before->id !== $page->current->id &&
                SeenPage::fingerprint($before->page()) !== SeenPage::fingerprint($page->current->page()));
        })->count() + $had->count() - $had->intersectByKeys($now->keyBy('id'))->count();
        $isMoved = $had->keys()->all() !== $now->modelKeys();
        if ($differs === 0 && ! $isMoved) {
            return null;
        }
        $places = Places::of(array_values(
            $now->map(fn (WorksheetPage $page): Page => $page->current->page())->all(),
        ));
        $copies = $item->copies()->get();
        $waits = 0;
        foreach ($copies as $copy) {
            $correction = $this->correction($copy, $item->edition, $places, array_values($now->modelKeys()));
            $waits += count($correction->waiting) - count(Waiting::fromJson($copy->waiting));
        }
        $written = $copies->filter(fn (Copy $copy): bool => $copy->written()->texts() !== [])->count();

        return new CorrectionOffer(max(1, $differs), $copies->count() - $written, $written, max(0, $waits));
    }

    public function __invoke(HandoutItem $item): void
    {
        $worksheet = $this->worksheet($item);
        if ($worksheet !== null) {
            $this->give($item, fn (): Edition => ($this->freeze)($worksheet), $item->edition_id);
        }
    }

    /** Gives the edition back that copies had before; what was written since stays with its places as well. */
    public function takeBack(HandoutItem $item): bool
    {
        $before = Edition::query()->find($item->corrected_from);
        if ($before !== null) {
            $this->give($item, fn (): Edition => $before, null);
        }

        return $before !== null;
    }

    private function worksheet(HandoutItem $item): ?Worksheet
    {
        return Worksheet::query()->find($item->edition->worksheet_id);
    }

    /** @param  Closure(): Edition  $edition */
    private function give(HandoutItem $item, Closure $edition, ?int $from): void
    {
        DB::transaction(function () use ($item, $edition, $from): void {
            $old = $item->edition;
            $new = $edition();
            $new->setRelation('revisions', $new->revisions()->get());
            $places = $new->placesToFill();
            [$before, $after] = [$this->pages($old), $this->pages($new)];
            $copies = $item->copies()->lockForUpdate()->get();
            foreach ($copies as $copy) {
                $correction = $this->correction($copy, $old, $places, $after);
                $this->correct($copy, $correction, $places, $before === $after);
            }
            if ($before !== $after) {
                $this->renumber(
                    array_values($copies->modelKeys()),
                    fn (string $place): string => Correction::renumbered($place, $before, $after),
                );
            }
            $item->forceFill(['edition_id' => $new->id, 'corrected_from' => $from])->save();
            EditionFrozen::dispatch($new->id);
        });
        DiskSync::of(DB::connection())?->__invoke();
        $item->unsetRelation('edition');
    }

    /** @param  list<int>  $pages */
    private function correction(Copy $copy, Edition $old, Places $places, array $pages): Correction
    {
        return Correction::of(
            $old->placesToFill(),
            $this->pages($old),
            $places,
            $pages,
            $copy->written()->texts(),
            Waiting::fromJson($copy->waiting),
        );
    }

    /** @return list<int> the pages behind its numbers */
    private function pages(Edition $edition): array
    {
        return array_values($edition->revisions->map(fn (PageRevision $one): int => $one->page_id)->all());
    }

    private function correct(Copy $copy, Correction $correction, Places $places, bool $isNumberedAlike): void
    {
        $texts = array_filter($copy->written()->texts(), fn (string $text): bool => $text !== '');
        $work = $copy->written();
        if (! $isNumberedAlike || $correction->texts != $texts) {
            ($this->keep)($copy, MomentKind::BeforeCorrection);
            $work = $work->anew($correction->texts);
        }
        $copy
            ->fill([
                'work' => $work->revision === 0 ? null : $work->toJson(),
                'filled' => $work->filled($places),
                'version' => $copy->version + 1,
            ])
            ->forceFill(['waiting' => $correction->waiting === [] ? null : Waiting::toJson($correction->waiting)])
            ->save();
    }

    /**
     * What teachers have written on places, and the history, go along with the pages.
     *
     * @param  list<int|string>  $copies
     * @param  Closure(string): string  $renumbered
     */
    private function renumber(array $copies, Closure $renumbered): void
    {
        foreach ([HandMark::class, Comment::class] as $written) {
            $rows = $written::query()->whereIn('copy_id', $copies)->whereNotNull('place')->get(['id', 'place']);
            // By way of names that no place has: one page may get the number of another.
            $rows->each(fn ($row) => $written::query()->whereKey($row->id)->update(['place' => ">{$row->id}"]));
            $rows->each(
                fn ($row) => $written::query()->whereKey($row->id)->update(
                    ['place' => $renumbered((string) $row->place)],
                ),
            );
        }
        foreach (Comment::query()->whereIn('copy_id', $copies)->whereNotNull('page')->get() as $comment) {
            // Of a page that is gone, its id as a negative number: it is there again if the page comes back.
            $spot = $renumbered($comment->page < 0 ? -$comment->page.'/x' : "{$comment->page}.x");
            $comment->update(['page' => str_contains($spot, '/') ? -(int) $spot : (int) $spot]);
        }
        foreach (Moment::query()->whereIn('copy_id', $copies)->get() as $moment) {
            $changes = [];
            foreach (History::fromJson($moment->changes) as $place => $text) {
                $changes[$renumbered($place)] = $text;
            }
            $moment->update(['changes' => History::toJson($changes)]);
        }
    }
}
