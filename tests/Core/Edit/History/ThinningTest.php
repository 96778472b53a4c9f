<?php

declare(strict_types=1);

namespace Tests\Core\Edit\History;

use OpenSlate\Edit\History\Thinning;
use PHPUnit\Framework\TestCase;

/** Which old revisions go. */
final class ThinningTest extends TestCase
{
    private const DAYS = [
        1 => '2026-09-01',
        2 => '2026-09-01',
        3 => '2026-09-01',
        4 => '2026-09-02',
        5 => '2026-09-02',
        6 => '2026-09-20',
        7 => '2026-09-20',
    ];

    public function test_of_each_old_day_the_last_stays_and_of_the_last_days_all(): void
    {
        $this->assertSame([2, 4], Thinning::surplus(self::DAYS, [], '2026-09-15'));
        $this->assertSame([], Thinning::surplus(self::DAYS, [], '2026-09-01'));
        $this->assertSame(
            [2, 4, 6],
            Thinning::surplus(self::DAYS, [], '2026-12-01'),
            'the one in force stays however old it is',
        );
    }

    public function test_what_something_names_stays(): void
    {
        $this->assertSame([4], Thinning::surplus(self::DAYS, [2], '2026-09-15'));
        $this->assertSame([], Thinning::surplus([], [], '2026-09-15'));
    }

    public function test_undo_goes_round_what_is_gone(): void
    {
        $undoTo = [1 => null, 2 => 1, 3 => 2, 4 => 3, 5 => 4];
        $this->assertSame(3, Thinning::undoTo(5, $undoTo, [4 => true]));
        $this->assertSame(1, Thinning::undoTo(5, $undoTo, [4 => true, 3 => true, 2 => true]));
        $this->assertNull(Thinning::undoTo(2, $undoTo, [1 => true]));
        $this->assertNull(Thinning::undoTo(1, $undoTo, []));
    }

    public function test_thinning_twice_is_thinning_once(): void
    {
        mt_srand(3);
        for ($n = 0; $n < 50; $n++) {
            $days = [];
            for ($number = 1; $number < mt_rand(2, 60); $number++) {
                $days[$number] = sprintf('2026-09-%02d', min(30, 1 + intdiv($number, mt_rand(2, 4))));
            }
            $left = array_diff_key($days, array_flip(Thinning::surplus($days, [5], '2026-09-12')));
            $this->assertSame([], Thinning::surplus($left, [5], '2026-09-12'));
        }
    }
}
