<?php

declare(strict_types=1);

namespace Tests\Core\Elements;

use InvalidArgumentException;
use OpenSlate\Elements\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DrawingTest extends TestCase
{
    public function test_it_is_drawn_from_a_point_at_a_size(): void
    {
        $this->assertSame(
            'M10 20L70 50H40V35Q70 20 70 50C10 20 70 20 70 50A15 3 0 0 1 40 35Z',
            Drawing::parse('M0 0 L100,100 H50 V50 Q100 0 100 100 C0 0 100 0 100 100 A25 10 0 0 1 50 50Z')
                ->at(10, 20, 60, 30),
        );
        $this->assertSame('M0 1.67H0.1', Drawing::parse('M0 16.6667H1')->at(0, 0, 10, 10));
    }

    /** @return iterable<string, array{string}> */
    public static function none(): iterable
    {
        yield 'nothing' => [''];
        yield 'no beginning' => ['L10 10'];
        yield 'a small letter' => ['M0 0l10 10'];
        yield 'a command that is not taken' => ['M0 0S10 10 20 20'];
        yield 'a number too few' => ['M0 0L10'];
        yield 'a number too many' => ['M0 0L10 10 20'];
        yield 'numbers for what has none' => ['M0 0L10 10Z5'];
        yield 'outside of its frame' => ['M0 0L101 10'];
        yield 'before its frame' => ['M0 0L10 -1'];
        yield 'a turned arc' => ['M0 0A10 10 30 0 1 50 50'];
        yield 'an arc with a flag of two' => ['M0 0A10 10 0 2 1 50 50'];
        yield 'an arc with half a flag' => ['M0 0A10 10 0 0 0.5 50 50'];
        yield 'markup' => ['M0 0"/><script>'];
        yield 'another line' => ["M0 0\n"];
        yield 'far too long' => ['M0 0'.str_repeat('L10 10', 100)];
        yield 'a large number' => ['M0 0L1000000 10'];
    }

    #[DataProvider('none')]
    public function test_what_is_no_drawing_is_refused(string $data): void
    {
        $this->expectException(InvalidArgumentException::class);
        Drawing::parse($data);
    }

    public function test_the_longest_is_taken(): void
    {
        $data = 'M0 0'.str_repeat('L10 10', 99);
        $this->assertLessThanOrEqual(Drawing::LONGEST, strlen($data.'HH'));
        $this->assertStringEndsWith('L1 1', Drawing::parse($data)->at(0, 0, 10, 10));
    }
}
