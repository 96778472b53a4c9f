<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use DateTimeImmutable;
use OpenSlate\Handout\DayGroup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayGroupTest extends TestCase
{
    /** @return iterable<string, array{?string, DayGroup, 2?: string}> when it is due, and where it stands on a Tuesday */
    public static function days(): iterable
    {
        yield 'a second late' => ['2026-12-01 08:59:59', DayGroup::Late];
        yield 'at this moment' => ['2026-12-01 09:00:00', DayGroup::Today];
        yield 'before midnight' => ['2026-12-01 23:59', DayGroup::Today];
        yield 'at midnight' => ['2026-12-02 00:00', DayGroup::Tomorrow];
        yield 'the day after' => ['2026-12-03 00:00', DayGroup::ThisWeek];
        yield 'on Sunday' => ['2026-12-06 23:59', DayGroup::ThisWeek];
        yield 'on Monday' => ['2026-12-07 00:00', DayGroup::NextWeek];
        yield 'on the Sunday after' => ['2026-12-13 23:59', DayGroup::NextWeek];
        yield 'on the Monday after that' => ['2026-12-14 00:00', DayGroup::Later];
        yield 'at no time' => [null, DayGroup::Undated];
        yield 'on Sunday, tomorrow is next week and is tomorrow' => [
            '2026-12-07 10:00',
            DayGroup::Tomorrow,
            '2026-12-06 09:00',
        ];
        yield 'on Sunday, the day after is next week' => ['2026-12-08 10:00', DayGroup::NextWeek, '2026-12-06 09:00'];
    }

    #[DataProvider('days')]
    public function test_each_stands_with_its_day(?string $due, DayGroup $group, string $at = '2026-12-01 09:00'): void
    {
        $time = $due === null ? null : new DateTimeImmutable($due);
        $this->assertSame($group, DayGroup::of($time, false, false, new DateTimeImmutable($at)));
        foreach ([true, false] as $isOver) {
            $this->assertSame(DayGroup::Done, DayGroup::of($time, true, $isOver, new DateTimeImmutable($at)));
        }
        $this->assertSame(DayGroup::Over, DayGroup::of($time, false, true, new DateTimeImmutable($at)));
        $this->assertNotSame('', $group->words());
    }

    public function test_every_group_has_words_of_its_own(): void
    {
        $words = array_map(fn (DayGroup $group): string => $group->words(), DayGroup::cases());
        $this->assertSame($words, array_unique($words));
    }
}
