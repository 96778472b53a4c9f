<?php

declare(strict_types=1);

namespace Tests\Core\Text;

use OpenSlate\Text\Misread;
use PHPUnit\Framework\TestCase;

final class MisreadTest extends TestCase
{
    public function test_behind_what_stands_alone_there_is_no_comma(): void
    {
        $this->assertSame('3.', Misread::alone('3,'));
        $this->assertSame('b.', Misread::alone('b:'));
        $this->assertSame('(2a.', Misread::alone('(2a;'));
        $this->assertSame('sand,', Misread::alone('sand,'));
        $this->assertSame('1,5', Misread::alone('1,5'));
    }
}
