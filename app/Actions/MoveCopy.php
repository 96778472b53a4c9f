<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Standing;

/** Opens a copy, hands it in, takes it back. */
final class MoveCopy
{
    public function open(Copy $copy): Copy
    {
        return $this->to($copy, fn (Standing $now): Standing => $now->opened());
    }

    public function handIn(Copy $copy): Copy
    {
        return $this->to($copy, fn (Standing $now): Standing => $now->handedIn(now()->toDateTimeImmutable()));
    }

    /** @throws CopyRefused when it is not handed in, or the time is over */
    public function takeBack(Copy $copy): Copy
    {
        $due = $copy->item->handout->due();

        return $this->to($copy, fn (Standing $now): Standing => $now->takenBack(now()->toDateTimeImmutable(), $due));
    }

    /** @param  Closure(Standing): Standing  $move */
    private function to(Copy $copy, Closure $move): Copy
    {
        return DB::transaction(function () use ($copy, $move): Copy {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $before = $locked->standing();
            $after = $move($before);
            if ($after != $before) {
                $locked->stands($after);
                $locked->version++;
                $locked->save();
            }

            return $locked;
        });
    }
}
