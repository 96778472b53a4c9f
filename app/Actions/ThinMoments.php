<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Moment;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\History;
use OpenSlate\Copies\MomentKind;

/**
 * Throws away moments of copies that only passed and are a month old, but for the last of each week. Those that
 * somebody
 * named, that were handed in, and that a fresh copy took the place of, stay.
 */
final class ThinMoments
{
    private const DAYS = 30;

    /** @return int how many are gone */
    public function __invoke(): int
    {
        $passing = array_filter(MomentKind::cases(), fn (MomentKind $kind): bool => $kind->isPassing());
        $copies = Moment::query()
            ->whereIn('kind', $passing)
            ->where('made_at', '<', now()->subDays(self::DAYS))
            ->distinct()
            ->pluck('copy_id');

        return (int) $copies->sum(fn (int $copy): int => DB::transaction(fn (): int => $this->thin($copy)));
    }

    private function thin(int $copy): int
    {
        $before = now()->subDays(self::DAYS);
        $moments = array_values(
            Moment::query()->where('copy_id', $copy)->orderBy('id')->lockForUpdate()->get()->all(),
        );
        $kept = [];
        $gone = 0;
        foreach (array_reverse($moments) as $moment) {
            $isOld = $moment->kind->isPassing() && $moment->made_at < $before;
            $week = $moment->made_at->format('o-W');
            if (! $isOld || ! isset($kept[$week])) {
                $kept += $isOld ? [$week => true] : [];

                continue;
            }
            $next = $moments[array_search($moment, $moments, true) + 1] ?? null;
            $next?->update(['changes' => History::toJson(History::joined(
                History::fromJson($moment->changes),
                History::fromJson($next->changes),
            ))]);
            $moment->delete();
            $moments = array_values(array_filter($moments, fn (Moment $one): bool => $one !== $moment));
            $gone++;
        }

        return $gone;
    }
}
