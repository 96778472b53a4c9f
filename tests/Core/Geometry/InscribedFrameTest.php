<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\InscribedFrame;
use PHPUnit\Framework\TestCase;

final class InscribedFrameTest extends TestCase
{
    public function test_in_a_rectangle_it_is_that_but_for_its_very_edge(): void
    {
        $room = InscribedFrame::of([[10.0, 20.0], [210.0, 20.0], [210.0, 120.0], [10.0, 120.0]]);

        $this->assertEquals(Frame::of(10, 20, 200, 100), $room);
    }

    /** The largest rectangle in a right triangle has half its sides, and half its area (Euclid, Elements VI, 27). */
    public function test_in_a_triangle_it_is_half_of_it(): void
    {
        $room = InscribedFrame::of([[0.0, 0.0], [0.0, 280.0], [280.0, 280.0]]);

        $this->assertNotNull($room);
        $this->assertEqualsWithDelta(140, $room->width, 20);
        $this->assertEqualsWithDelta(140, $room->height, 20);
        $this->assertEqualsWithDelta([0, 280], [$room->x, $room->bottom()], 10.1);
    }

    public function test_it_keeps_out_of_what_is_notched(): void
    {
        // A board with a piece cut out of its upper right: the lower part is larger than the left one.
        $room = InscribedFrame::of([
            [0.0, 0.0],
            [40.0, 0.0],
            [40.0, 100.0],
            [200.0, 100.0],
            [200.0, 200.0],
            [0.0, 200.0],
        ]);

        $this->assertNotNull($room);
        $this->assertGreaterThanOrEqual(99, $room->y);
        $this->assertEqualsWithDelta(200, $room->width, 8);
    }

    public function test_what_encloses_nothing_has_none(): void
    {
        $this->assertNull(InscribedFrame::of([[0.0, 0.0], [100.0, 50.0]]));
        $this->assertNull(InscribedFrame::of([[5.0, 5.0]]));
    }
}
