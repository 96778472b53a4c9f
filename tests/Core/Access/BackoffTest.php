<?php

declare(strict_types=1);

namespace Tests\Core\Access;

use OpenSlate\Access\Backoff;
use PHPUnit\Framework\TestCase;

final class BackoffTest extends TestCase
{
    public function test_slips_cost_nothing_then_each_guess_doubles_the_wait_up_to_two_minutes(): void
    {
        $this->assertSame([0, 0, 0, 0, 0, 5, 10, 20, 40, 80, 120, 120], array_map(Backoff::seconds(...), range(0, 11)));
        $this->assertSame(120, Backoff::seconds(PHP_INT_MAX));
    }

    public function test_guessing_through_all_pins_takes_weeks(): void
    {
        $days = array_sum(array_map(Backoff::seconds(...), range(0, 9999))) / 86400;

        $this->assertGreaterThan(13, $days);
    }
}
