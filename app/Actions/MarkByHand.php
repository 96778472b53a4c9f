<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\HandMark;
use App\Models\HandoutItem;
use App\Models\Teacher;
use Illuminate\Support\Facades\DB;
use OpenSlate\Marking\MarkedPlace;
use OpenSlate\Marking\Points;

/**
 * A teacher marks one place on some copies: one decision for all of them, kept before it is said to be.
 *
 * Two teachers of a class may mark side by side. What the other one has marked since this one last looked stays, and is
 * told.
 */
final class MarkByHand
{
    /**
     * @param  list<int>  $copies  of the item
     * @param  int  $seen  the item's marking that the teacher last saw
     * @return MarkedByHand the item's marking now, and which copies a colleague was quicker on
     *
     * @throws MarkRefused when it is more than the place is worth
     */
    public function give(
        HandoutItem $item,
        MarkedPlace $place,
        Teacher $teacher,
        array $copies,
        Points $points,
        int $seen,
    ): MarkedByHand {
        if ($place->full->isLessThan($points)) {
            throw MarkRefused::tooMany($place->full);
        }

        return $this->write($item, $place, $teacher, $copies, $points, $seen);
    }

    /**
     * Puts off what is to be decided later: it waits again.
     *
     * @param  list<int>  $copies
     */
    public function putOff(
        HandoutItem $item,
        MarkedPlace $place,
        Teacher $teacher,
        array $copies,
        int $seen,
    ): MarkedByHand {
        return $this->write($item, $place, $teacher, $copies, null, $seen);
    }

    /**
     * Takes marks by hand away, so that what the key says counts again.
     *
     * @param  list<int>  $copies
     */
    public function leaveToKey(
        HandoutItem $item,
        MarkedPlace $place,
        Teacher $teacher,
        array $copies,
        int $seen,
    ): MarkedByHand {
        return $this->mark($item, $place, $teacher, $copies, $seen, function (array $mine) use ($place): void {
            HandMark::query()->whereIn('copy_id', $mine)->where('place', $place->place->id)->delete();
        });
    }

    /** @param  list<int>  $copies */
    private function write(
        HandoutItem $item,
        MarkedPlace $place,
        Teacher $teacher,
        array $copies,
        ?Points $points,
        int $seen,
    ): MarkedByHand {
        return $this->mark(
            $item,
            $place,
            $teacher,
            $copies,
            $seen,
            fn (array $mine, int $marking) => HandMark::query()->upsert(
                array_map(
                    fn (int $copy): array => [
                        'copy_id' => $copy,
                        'place' => $place->place->id,
                        'points' => $points?->tenThousandths,
                        'teacher_id' => $teacher->id,
                        'marking' => $marking,
                        'made_at' => now(),
                    ],
                    $mine,
                ),
                ['copy_id', 'place'],
                ['points', 'teacher_id', 'marking', 'made_at'],
            ),
        );
    }

    /**
     * @param  list<int>  $copies
     * @param  callable(list<int>, int): mixed  $mark
     */
    private function mark(
        HandoutItem $item,
        MarkedPlace $place,
        Teacher $teacher,
        array $copies,
        int $seen,
        callable $mark,
    ): MarkedByHand {
        $marked = DB::transaction(function () use ($item, $place, $teacher, $copies, $seen, $mark): MarkedByHand {
            $locked = HandoutItem::query()->lockForUpdate()->findOrFail($item->id);
            $theirs = HandMark::query()
                ->whereIn('copy_id', $copies)
                ->where('place', $place->place->id)
                ->where('marking', '>', $seen)
                ->where(fn ($mark) => $mark->whereNull('teacher_id')->orWhere('teacher_id', '!=', $teacher->id))
                ->pluck('copy_id')
                ->all();
            $mine = array_values(array_diff($copies, $theirs));
            if ($mine !== []) {
                $locked->increment('markings');
                $mark($mine, $locked->markings);
            }

            return new MarkedByHand($locked->markings, array_values($theirs));
        });
        // "Marked" is said when it is on the disk.
        DiskSync::of(DB::connection())?->__invoke();

        return $marked;
    }
}
