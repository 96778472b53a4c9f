<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Edition;
use App\Models\Handout;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/** Throws trial copies away, with all that was made for them. */
final class EndTrials
{
    /**
     * @param  Builder<Handout>|HasMany<Handout, covariant \App\Models\Teacher>  $trials
     * @return int how many there were
     */
    public function __invoke(Builder|HasMany $trials): int
    {
        return DB::transaction(function () use ($trials): int {
            $all = $trials->where('trial', true)->with(['items', 'recipients'])->get();
            foreach ($all as $trial) {
                $trial->delete();
                Edition::whereKey($trial->items->pluck('edition_id'))->where('trial', true)->delete();
                Student::whereKey($trial->recipients->modelKeys())->delete();
            }

            return $all->count();
        });
    }
}
