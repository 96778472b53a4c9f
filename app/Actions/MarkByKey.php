<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\Dictionary;
use App\Models\HandoutItem;
use App\Models\PageRevision;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Work;
use OpenSlate\Marking\KeyMarking;
use OpenSlate\Marking\Rekeyed;
use OpenSlate\Marking\Scheme;
use OpenSlate\Page\Page;

/**
 * Marks the copies of an item by the key: those that were not marked yet as they are now, or by another key.
 *
 * Whoever shows marks asks here first, so that they are always those of the key as it is: it costs one question while
 * nothing has changed. What a teacher marked by hand is kept elsewhere and stays.
 */
final class MarkByKey
{
    public function __construct(private Dictionary $dictionary)
    {
    }

    /** @return Scheme what is marked, and for how many points */
    public function __invoke(HandoutItem $item): Scheme
    {
        $scheme = $this->scheme($item);
        $for = $scheme->fingerprint();
        $stale = DB::table('copies')
            ->where('handout_item_id', $item->id)
            ->where('state', '!=', CopyState::NotOpened->value)
            ->where(fn ($copy) => $copy
                ->whereNull('judged_for')
                ->orWhereRaw("judged_for != ? || '.' || version", [$for]))
            ->get(['id', 'version', 'work']);
        if ($stale->isEmpty()) {
            return $scheme;
        }
        $marking = new KeyMarking($scheme, $this->dictionary);
        $judged = [];
        foreach ($stale as $copy) {
            $work = $copy->work === null ? Work::none() : Work::fromJson((string) $copy->work);
            $judged[] = [
                (int) $copy->id,
                (int) $copy->version,
                $marking->of($work)->toJson(),
            ];
        }
        DB::transaction(function () use ($judged, $for): void {
            foreach ($judged as [$id, $version, $marks]) {
                // What was written meanwhile is marked when somebody asks next.
                DB::table('copies')
                    ->where(['id' => $id, 'version' => $version])
                    ->update(['judged' => $marks, 'judged_for' => "{$for}.{$version}"]);
            }
        });

        return $scheme;
    }

    /** With the key as it is now; what was put away keeps the one it was marked by. */
    private function scheme(HandoutItem $item): Scheme
    {
        $revisions = $item->edition->revisions;
        $present = $item->handout->put_away_at === null
            ? WorksheetPage::with('current')->findMany($revisions->pluck('page_id'))->keyBy('id')
            : collect();

        return Scheme::of(array_values($revisions->map(function (PageRevision $revision) use ($present): Page {
            $now = $present->get($revision->page_id)?->current;

            return $now === null || $now->id === $revision->id
                ? $revision->page()
                : Rekeyed::page($revision->page(), $now->page());
        })->all()));
    }
}
