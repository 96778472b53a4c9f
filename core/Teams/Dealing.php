<?php

declare(strict_types=1);

namespace OpenSlate\Teams;

/** Deals students into teams one after the other, as cards are dealt: no team is larger than another by more than one. */
final class Dealing
{
    public const MOST_TEAMS = 40;

    /**
     * @param  list<int>  $students  ids, in the order in which they are dealt
     * @param  int  $teams  at least 1
     * @return list<list<int>> as many teams, of which some are empty where there are too few students
     */
    public static function into(array $students, int $teams): array
    {
        $dealt = array_fill(0, max(1, $teams), []);
        foreach ($students as $at => $student) {
            $dealt[$at % count($dealt)][] = $student;
        }

        return $dealt;
    }

    /**
     * @param  int  $students  how many there are
     * @param  int  $size  how many are to be in a team, at least 1
     * @return int in how many teams nobody is in a larger one
     */
    public static function teamsOf(int $students, int $size): int
    {
        $size = max(1, $size);

        return max(1, intdiv($students + $size - 1, $size));
    }
}
