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

    public function test_behind_a_bracket_or_a_full_stop_a_row_of_dots_or_a_line_begins(): void
    {
        $this->assertSame('b)', Misread::alone('b).'));
        $this->assertSame('(c)', Misread::alone('(c)...'));
        $this->assertSame('4)', Misread::alone('4)_'));
        $this->assertSame('sea).', Misread::alone('sea).'));
        $this->assertSame('1', Misread::alone('1—Who'));
        $this->assertSame('1—2', Misread::alone('1—2'));
    }
}
