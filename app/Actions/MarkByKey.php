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
    /** Copies in one statement. */
    private const AT_ONCE = 300;

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
        foreach ($stale->chunk(self::AT_ONCE) as $some) {
            $judged = $judgedFor = [];
            foreach ($some as $copy) {
                $work = $copy->work === null ? Work::none() : Work::fromJson((string) $copy->work);
                $judged[(int) $copy->id] = $marking->of($work)->toJson();
                $judgedFor[(int) $copy->id] = "{$for}.{$copy->version}";
            }
            $this->keep($judged, $judgedFor);
        }

        return $scheme;
    }

    /**
     * All in one statement. What was written to a copy meanwhile has another version, so that it is marked when
     * somebody
     * asks next.
     *
     * @param  array<int, string>  $judged  by copy
     * @param  array<int, string>  $judgedFor  likewise
     */
    private function keep(array $judged, array $judgedFor): void
    {
        $cases = 'case id'.str_repeat(' when ? then ?', count($judged)).' end';
        $values = fn (array $all): array => array_merge(...array_map(null, array_keys($all), array_values($all)));
        DB::update(
            "update copies set judged = {$cases}, judged_for = {$cases} where id in (".
                implode(',', array_fill(0, count($judged), '?')).')',
            [...$values($judged), ...$values($judgedFor), ...array_keys($judged)],
        );
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
