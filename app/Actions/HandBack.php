<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use App\Models\HandoutItem;
use DateTimeInterface;
use Illuminate\Support\Facades\DB;

/** Hands marked copies back: from then on their students see the marks. All of them in one, and taken back likewise. */
final class HandBack
{
    /**
     * @param  list<int>  $copies  of the item
     * @return int how many were not handed back before
     */
    public function __invoke(HandoutItem $item, array $copies, DateTimeInterface $at): int
    {
        $handed = DB::transaction(fn (): int => $item
            ->copies()
            ->whereKey($copies)
            ->where(fn ($copy) => $copy->whereNull('returned_at')->orWhere('returned_at', '>', now()))
            ->update(['returned_at' => $at, 'looked_at' => null, 'version' => DB::raw('version + 1')]));
        DiskSync::of(DB::connection())?->__invoke();

        return $handed;
    }

    /**
     * Takes back what nobody has looked at yet.
     *
     * @return int how many
     */
    public function takeBack(HandoutItem $item): int
    {
        $taken = DB::transaction(fn (): int => $item
            ->copies()
            ->whereNotNull('returned_at')
            ->whereNull('looked_at')
            ->update(['returned_at' => null, 'version' => DB::raw('version + 1')]));
        DiskSync::of(DB::connection())?->__invoke();

        return $taken;
    }

    /** Its student sees it. */
    public function look(Copy $copy): void
    {
        if ($copy->isReturned() && $copy->looked_at === null) {
            Copy::query()->whereKey($copy->id)->whereNull('looked_at')->update(['looked_at' => now()]);
        }
    }
}
