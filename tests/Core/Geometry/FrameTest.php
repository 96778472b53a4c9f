<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use PHPUnit\Framework\TestCase;

final class FrameTest extends TestCase
{
    public function test_moving_there_and_back_comes_to_the_same_numbers(): void
    {
        $frame = Frame::of(10.1, 20.2, 30.3, 40.4);
        $moved = $frame;
        foreach (range(1, 100) as $n) {
            $moved = $moved->moved(0.1, 0.3);
        }
        foreach (range(1, 100) as $n) {
            $moved = $moved->moved(-0.1, -0.3);
        }

        $this->assertEquals($frame, $moved);
        $this->assertSame('0.0', json_encode($frame->moved(-10.1, 0)->x, JSON_PRESERVE_ZERO_FRACTION));
    }

    public function test_the_frame_around_several_touches_all_their_edges(): void
    {
        $around = Frame::around([Frame::of(10, 50, 20, 10), Frame::of(5, 60, 100, 5)]);

        $this->assertEquals(Frame::of(5, 50, 100, 15), $around);
        $this->assertTrue($around->contains(Frame::of(10, 50, 20, 10)));
        $this->assertFalse($around->contains(Frame::of(4.9, 50, 20, 10)));
    }

    public function test_it_refuses_what_is_no_rectangle(): void
    {
        foreach ([[0, 0, -1, 5], [NAN, 0, 1, 1], [0, INF, 1, 1]] as [$x, $y, $w, $h]) {
            try {
                Frame::of($x, $y, $w, $h);
                $this->fail('A frame was made of '.json_encode([(string) $x, (string) $y, $w, $h]));
            } catch (InvalidArgumentException) {
                $this->addToAssertionCount(1);
            }
        }
    }
}
