<?php

declare(strict_types=1);

namespace Tests\Core\Teams;

use OpenSlate\Teams\Dealing;
use PHPUnit\Framework\TestCase;

final class DealingTest extends TestCase
{
    public function test_everybody_is_in_one_team_and_no_team_is_larger_by_more_than_one(): void
    {
        for ($students = 0; $students <= 31; $students++) {
            for ($teams = 1; $teams <= 9; $teams++) {
                $dealt = Dealing::into($students === 0 ? [] : range(1, $students), $teams);
                $this->assertCount($teams, $dealt);
                $all = array_merge(...$dealt);
                sort($all);
                $this->assertSame($students === 0 ? [] : range(1, $students), $all);
                $sizes = array_map(count(...), $dealt);
                $this->assertLessThanOrEqual(1, max($sizes) - min($sizes));
            }
        }
    }

    public function test_they_are_dealt_in_their_order(): void
    {
        $this->assertSame([[1, 4], [2, 5], [3]], Dealing::into([1, 2, 3, 4, 5], 3));
        $this->assertSame([[1, 2]], Dealing::into([1, 2], 0), 'there is always one team');
    }

    public function test_of_a_size_there_are_as_many_teams_as_nobody_makes_too_large(): void
    {
        $teams = [[26, 4, 7], [24, 4, 6], [25, 4, 7], [1, 4, 1], [0, 4, 1], [5, 1, 5], [5, 0, 5]];
        foreach ($teams as [$students, $size, $expected]) {
            $this->assertSame($expected, Dealing::teamsOf($students, $size), "{$students} by {$size}");
        }
    }
}
