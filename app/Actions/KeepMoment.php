<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Copy;
use App\Models\Moment;
use OpenSlate\Copies\History;
use OpenSlate\Copies\MomentKind;

/**
 * Keeps a copy as it is, by what is otherwise than at its last moment. Within the transaction that changes the copy.
 */
final class KeepMoment
{
    /** @param  Copy  $copy  locked */
    public function __invoke(Copy $copy, MomentKind $kind, ?string $name = null): Moment
    {
        $last = Moment::query()->where('copy_id', $copy->id)->latest('id')->first();

        return Moment::create([
            'copy_id' => $copy->id,
            'kind' => $kind,
            'name' => $name,
            'attempt' => $copy->attempt,
            'changes' => History::toJson(History::changes($last?->texts() ?? [], $copy->written()->texts())),
            'filled' => $copy->filled,
            'handed_in_at' => $copy->handed_in_at,
            'returned_at' => $copy->returned_at,
            'looked_at' => $copy->looked_at,
            'made_at' => now(),
        ]);
    }

    /**
     * What a window that showed the copy before this one sends late is kept with that one.
     *
     * @param  array<string, string>  $answers  by place
     * @return bool whether there is such a one
     */
    public function late(Copy $copy, array $answers): bool
    {
        $used = Moment::query()
            ->where('copy_id', $copy->id)
            ->whereIn('kind', array_filter(MomentKind::cases(), fn (MomentKind $kind): bool => $kind->endsCopy()))
            ->latest('id')
            ->first();
        if ($used === null || $answers === []) {
            return $used !== null;
        }
        $texts = $used->texts();
        $after = Moment::query()->where('copy_id', $copy->id)->where('id', '>', $used->id)->oldest('id')->first();
        $after?->update([
            'changes' => History::toJson(History::without($answers, $texts, History::fromJson($after->changes))),
        ]);
        $used->update([
            'changes' => History::toJson(History::joined(History::fromJson($used->changes), $answers)),
        ]);

        return true;
    }
}
