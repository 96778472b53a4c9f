<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\School;
use Illuminate\Support\Collection;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\DayGroup;

/** What a student has, by days. */
final readonly class DayList
{
    /** Hours for which something is new that nobody has opened. */
    private const NEW_FOR = 48;

    /** @param  list<array{DayGroup, list<Handout>}>  $groups  in their order; none is empty */
    private function __construct(public array $groups)
    {
    }

    /** @param  Collection<int, Handout>  $handouts  of one student, with their items and copies, in the order of due */
    public static function of(Collection $handouts, School $school): self
    {
        $now = $school->local(now())->toDateTimeImmutable();
        $groups = [];
        foreach ($handouts as $handout) {
            $times = $handout->getRelation('recipient')->times();
            $due = $times->due === null ? null : $school->local($times->due)->toDateTimeImmutable();
            $isOver = $times->isClosed(now()->toDateTimeImmutable());
            $group = self::isBack($handout)
                ? DayGroup::Back
                : DayGroup::of($due, self::isDone($handout), $isOver, $now);
            $groups[$group->value] ??= [$group, []];
            $groups[$group->value][1][] = $handout;
        }
        ksort($groups);

        return new self(array_values($groups));
    }

    /** Whether it came lately, and nobody has opened it. */
    public static function isNew(Handout $handout): bool
    {
        $out = $handout->getRelation('recipient')->times()->out;

        return $out !== null &&
            $out > now()->subHours(self::NEW_FOR) &&
            self::copies($handout)->every(fn (Copy $copy): bool => $copy->state === CopyState::NotOpened);
    }

    /** Whether some of it has come back, and its student has not looked at that yet. */
    private static function isBack(Handout $handout): bool
    {
        return self::copies($handout)->contains(
            fn (Copy $copy): bool => $copy->isReturned() && $copy->looked_at === null,
        );
    }

    /** What is only to be read is never done: it is there to be looked at. */
    private static function isDone(Handout $handout): bool
    {
        $copies = self::copies($handout);

        return $copies->isNotEmpty() &&
            $copies->every(fn (Copy $copy): bool => $copy->state === CopyState::HandedIn || $copy->isReturned());
    }

    /** @return Collection<int, Copy> */
    private static function copies(Handout $handout): Collection
    {
        return $handout->items
            ->filter(fn (HandoutItem $item): bool => $item->mode->isGiven())
            ->flatMap(fn (HandoutItem $item) => $item->copies)
            ->toBase();
    }
}
