<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\SchoolClass;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use OpenSlate\Handout\Times;
use Sabre\VObject\Component\VCalendar;

/**
 * What a class was set, for its families: titles and times, no names and no work. As a list, and as a calendar
 * (RFC 5545), in which each keeps its UID, changes are counted (SEQUENCE), and what was taken back is cancelled.
 */
final class FamilyCalendar
{
    private const MOST = 200;

    /**
     * @return Collection<int, array{handout: Handout, times: Times}> what the whole class has now, the first due first,
     *                                                                what is wanted at no time last
     */
    public function of(SchoolClass $class): Collection
    {
        return $this->all($class)
            ->filter(fn (array $one): bool => self::isThere($one['handout']))
            ->sortBy(fn (array $one): int => $one['times']->due?->getTimestamp() ?? PHP_INT_MAX)
            ->values();
    }

    public function feed(SchoolClass $class, string $school): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Open Slate//What is set//EN',
            'METHOD' => 'PUBLISH',
            'X-WR-CALNAME' => "{$class->name}, {$school}",
        ]);
        foreach ($this->all($class) as ['handout' => $handout, 'times' => $times]) {
            $due = $times->due;
            if ($due === null) {
                continue; // A calendar has room for what has a time.
            }
            $changed = self::utc($handout->updated_at->toDateTimeImmutable());
            $calendar->add('VEVENT', [
                'UID' => "set-{$handout->id}-{$class->id}-".substr(hash('sha256', (string) config('app.key')), 0, 12),
                'SUMMARY' => "Due: {$handout->title}",
                'DTSTAMP' => $changed,
                'LAST-MODIFIED' => $changed,
                'SEQUENCE' => $handout->revision - 1,
                'DTSTART' => self::utc($due),
                'STATUS' => self::isThere($handout) ? 'CONFIRMED' : 'CANCELLED',
                'TRANSP' => 'TRANSPARENT',
            ]);
        }

        return $calendar->serialize();
    }

    /** @return Collection<int, array{handout: Handout, times: Times}> that are out for the whole class, put away or not */
    private function all(SchoolClass $class): Collection
    {
        return $class
            ->handouts()
            ->wherePivot('whole', true)
            ->where('handouts.trial', false)
            ->whereNull('handouts.shelf_of')
            ->withCount(['items' => fn ($items) => $items->whereNull('withdrawn_at')])
            ->latest('handouts.id')
            ->limit(self::MOST)
            ->get()
            ->toBase()
            ->map(fn (Handout $handout): array => ['handout' => $handout, 'times' => $this->times($handout)])
            ->filter(fn (array $one): bool => $one['times']->isOut(now()->toDateTimeImmutable()));
    }

    private function times(Handout $handout): Times
    {
        $class = $handout->getRelation('pivot');

        return $class->own_times ? $class->times() : $handout->times();
    }

    /** What was put away, or of which every item was taken back, is not. */
    private static function isThere(Handout $handout): bool
    {
        return $handout->put_away_at === null && $handout->getAttribute('items_count') > 0;
    }

    private static function utc(DateTimeImmutable $time): DateTimeImmutable
    {
        return $time->setTimezone(new DateTimeZone('UTC'));
    }
}
