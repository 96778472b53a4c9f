<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use OpenSlate\Handout\Attempts;
use PHPUnit\Framework\TestCase;

final class AttemptsTest extends TestCase
{
    public function test_there_are_as_many_as_were_said(): void
    {
        $this->assertFalse((new Attempts)->allowsMoreThan(1));
        $this->assertTrue((new Attempts(3))->allowsMoreThan(2));
        $this->assertFalse((new Attempts(3))->allowsMoreThan(3));
        $this->assertTrue((new Attempts(null))->allowsMoreThan(1000));
    }

    public function test_only_where_there_is_one_is_there_one(): void
    {
        $this->assertSame(
            [true, false, false],
            array_map(fn (?int $most): bool => (new Attempts($most))->isOne(), [1, 2, null]),
        );
    }

    public function test_in_words(): void
    {
        $this->assertSame('one attempt', (new Attempts(1, false))->words());
        $this->assertSame('3 attempts, the last counts', (new Attempts(3, false))->words());
        $this->assertSame('as many attempts as they want, the best counts', (new Attempts(null))->words());
    }
}
