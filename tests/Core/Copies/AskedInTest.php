<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use DateTimeImmutable;
use OpenSlate\Copies\AskedIn;
use PHPUnit\Framework\TestCase;

final class AskedInTest extends TestCase
{
    public function test_the_others_have_a_quarter_of_a_minute(): void
    {
        $asked = new AskedIn(7, $this->at('10:00:00'));
        $this->assertSame(15, $asked->left($this->at('10:00:00')));
        $this->assertFalse($asked->allows(7, $this->at('10:00:14')));
        $this->assertTrue($asked->allows(7, $this->at('10:00:15')));
        $this->assertSame(0, $asked->left($this->at('10:01:00')));
    }

    public function test_two_who_want_it_need_not_wait(): void
    {
        $this->assertTrue((new AskedIn(7, $this->at('10:00:00')))->allows(8, $this->at('10:00:01')));
    }

    public function test_after_a_while_it_has_to_be_asked_anew(): void
    {
        $asked = new AskedIn(7, $this->at('10:00:00'));
        $this->assertTrue($asked->isOpen($this->at('10:01:29')));
        $this->assertFalse($asked->isOpen($this->at('10:01:30')));
        $this->assertFalse($asked->allows(8, $this->at('10:01:30')));
        $this->assertFalse((new AskedIn(null, null))->allows(7, $this->at('10:00:00')));
    }

    private function at(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-11-27 {$time}");
    }
}
