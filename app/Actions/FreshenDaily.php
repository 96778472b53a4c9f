<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandoutItem;
use App\School;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/**
 * Fresh copies of a daily sheet: each school day at a time of the school's clock, until a day.
 *
 * It is done when its time comes, and else by whoever comes first after it, so that days on which the program did not
 * run do not pile up.
 */
final class FreshenDaily
{
    public function __construct(private GiveFreshCopies $fresh, private School $school)
    {
    }

    /** Gives fresh copies where they are due. */
    public function __invoke(HandoutItem $item): void
    {
        if ($item->fresh_at === null || ! $this->isDue($item)) {
            return;
        }
        $today = $this->school->local(now())->format('Y-m-d');
        $isFirst = DB::table('handout_items')
            ->where('id', $item->id)
            ->where(fn ($day) => $day->whereNull('freshened_on')->orWhere('freshened_on', '<', $today))
            ->update(['freshened_on' => $today]);
        if ($isFirst > 0) {
            $item->loadMissing(['edition.revisions', 'handout']);
            ($this->fresh)($item, array_values(array_map(intval(...), $item->copies()->pluck('id')->all())));
        }
    }

    /** When the next ones are given; null where there are no more. */
    public function next(HandoutItem $item): ?DateTimeInterface
    {
        if ($item->fresh_at === null || $item->fresh_until === null) {
            return null;
        }
        $now = $this->school->local(now());
        $day = CarbonImmutable::instance($now)->setTimeFromTimeString($item->fresh_at);
        if ($day <= $now || $item->freshened_on?->format('Y-m-d') === $now->format('Y-m-d')) {
            $day = $day->addDay();
        }
        while ($day->isWeekend()) {
            $day = $day->addDay();
        }

        return $day->format('Y-m-d') > $item->fresh_until->format('Y-m-d') ? null : $day->utc();
    }

    private function isDue(HandoutItem $item): bool
    {
        $now = $this->school->local(now());
        $today = $now->format('Y-m-d');

        return ! $now->isWeekend() &&
            $item->fresh_until !== null &&
            $today <= $item->fresh_until->format('Y-m-d') &&
            ($item->freshened_on === null || $item->freshened_on->format('Y-m-d') < $today) &&
            $now->format('H:i') >= $item->fresh_at;
    }
}
