<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use App\Models\Student;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Standing;
use OpenSlate\Copies\Work;
use OpenSlate\Handout\Due;

/** Opens a copy, hands it in, takes it back. */
final class MoveCopy
{
    public function __construct(private KeepMoment $keep)
    {
    }

    public function open(Copy $copy): Copy
    {
        return $this->isClosed($copy) || $copy->isReturned()
            ? $copy
            : $this->to($copy, fn (Standing $now): Standing => $now->opened());
    }

    /** @throws CopyRefused when something is missing that is needed, or the time is over */
    public function handIn(Copy $copy): Copy
    {
        $places = $copy->item->edition->placesToFill();

        return $this->to($copy, function (Standing $now, Copy $locked) use ($places, $copy): Standing {
            if ($now->state !== CopyState::HandedIn) {
                $this->refuseUnready($copy, $locked->written(), $places);
            }

            return $now->handedIn(now()->toDateTimeImmutable());
        });
    }

    /** @throws CopyRefused */
    private function refuseUnready(Copy $copy, Work $work, Places $places): void
    {
        if ($this->isClosed($copy)) {
            throw CopyRefused::closed();
        }
        $missing = $work->stillNeeded($places);
        if ($missing > 0) {
            throw CopyRefused::stillNeeded($missing);
        }
    }

    /**
     * Hands in what several share: the others are asked first, and it is theirs to say that they are not done.
     *
     * @throws CopyRefused as handIn()
     */
    public function handInTogether(Copy $copy, Student $by): Copy
    {
        $time = now()->toDateTimeImmutable();
        if ($copy->state === CopyState::HandedIn || $copy->askedIn()->allows($by->id, $time)) {
            $copy->forceFill(['asked_in_by' => null])->save();

            return $this->handIn($copy);
        }
        $this->refuseUnready($copy, $copy->written(), $copy->item->edition->placesToFill());
        if (! $copy->askedIn()->isOpen($time)) {
            $copy->forceFill(['asked_in_by' => $by->id, 'asked_in_at' => $time])->save();
        }

        return $copy;
    }

    /** @throws CopyRefused when it is not handed in, the time is over, or its student has seen the answers */
    public function takeBack(Copy $copy): Copy
    {
        if ($copy->item->handout->showsAnswers($copy)) {
            throw CopyRefused::answersShown();
        }
        $times = $copy->times();
        $until = new Due($times->due ?? $times->closes);

        return $this->to($copy, fn (Standing $now): Standing => $now->takenBack(now()->toDateTimeImmutable(), $until));
    }

    private function isClosed(Copy $copy): bool
    {
        return $copy->times()->isClosed(now()->toDateTimeImmutable());
    }

    /** @param  Closure(Standing, Copy): Standing  $move */
    private function to(Copy $copy, Closure $move): Copy
    {
        $moved = DB::transaction(function () use ($copy, $move): Copy {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $before = $locked->standing();
            $after = $move($before, $locked);
            if ($after != $before) {
                $locked->refuseReturned();
                $locked->stands($after);
                $locked->version++;
                $locked->save();
                if ($after->state === CopyState::HandedIn) {
                    ($this->keep)($locked, MomentKind::HandedIn);
                }
            }

            return $locked;
        });
        DiskSync::of(DB::connection())?->__invoke();

        return $moved;
    }
}
