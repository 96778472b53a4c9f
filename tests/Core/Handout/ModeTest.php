<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use OpenSlate\Handout\Mode;
use PHPUnit\Framework\TestCase;

final class ModeTest extends TestCase
{
    public function test_what_is_read_and_what_has_copies(): void
    {
        $all = array_map(fn (Mode $mode): array => [
            $mode,
            $mode->isRead(),
            $mode->hasCopies(),
            $mode->isShared(),
            $mode->isGiven(),
        ], Mode::cases());
        $this->assertSame([
            [Mode::ReadOnly, true, false, false, false],
            [Mode::OwnCopy, false, true, false, true],
            [Mode::TeamCopy, false, true, true, true],
            [Mode::ClassCopy, false, true, true, true],
            [Mode::OnRequest, true, true, false, false],
        ], $all);
    }
}
