<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use DateTimeImmutable;
use OpenSlate\Handout\Hold;
use PHPUnit\Framework\TestCase;

final class HoldTest extends TestCase
{
    public function test_it_begins_at_once_and_ends_with_its_time(): void
    {
        $hold = new Hold($this->at('10:00'), $this->at('10:05'));
        $this->assertFalse($hold->isOn($this->at('09:59')));
        $this->assertTrue($hold->isOn($this->at('10:00')));
        $this->assertTrue($hold->isOn($this->at('10:04')));
        $this->assertFalse($hold->isOn($this->at('10:05')));
        $this->assertSame(60, $hold->left($this->at('10:04')));
        $this->assertSame(0, $hold->left($this->at('10:06')));
    }

    public function test_without_a_time_it_lasts_until_it_is_ended(): void
    {
        $hold = new Hold($this->at('10:00'));
        $this->assertTrue($hold->isOn($this->at('23:00')));
        $this->assertNull($hold->left($this->at('23:00')));
        $this->assertFalse((new Hold(null))->isOn($this->at('10:00')));
    }

    private function at(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-11-27 {$time}");
    }
}
