<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Clips: regions of a page as it is shown, and where print shows on a page however it lies. */
final class ClipTest extends TestCase
{
    public function test_a_clip_holds_the_region_that_was_drawn_and_no_more(): void
    {
        $page = new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('ab', 32), 1));
        $clip = $page->clip(Size::of(600, 800), Frame::of(150, 200, 300, 80), 'c', Frame::of(0, 0, 300, 80));

        $this->assertEqualsWithDelta(
            [0.25, 0.25, 0.5, 0.1],
            [$clip->left, $clip->top, $clip->across, $clip->down],
            0.00001,
        );
    }

    public function test_a_page_without_print_has_nothing_to_clip(): void
    {
        $this->expectException(InvalidArgumentException::class);
        (new Page(Size::of(600, 800), Colour::white()))->clip(
            Size::of(600, 800),
            Frame::of(0, 0, 100, 100),
            'c',
            Frame::of(0, 0, 100, 100),
        );
    }

    public function test_where_print_shows_and_what_shows_somewhere_are_inverse(): void
    {
        mt_srand(4);
        $printed = Size::of(595, 842);
        foreach (Rotation::cases() as $turn) {
            foreach (
                [
                    null,
                    Frame::of(
                        30,
                        50,
                        400,
                        (400 * $printed->turned($turn)->height) / $printed->turned($turn)->width,
                    ),
                ] as $laid
            ) {
                $backdrop = Backdrop::of(str_repeat('ab', 32), 1, $turn, $laid);
                $page = $laid === null ? $printed->turned($turn)->frame() : Frame::of(0, 0, 700, 900);
                for ($n = 0; $n < 20; $n++) {
                    $frame = Frame::of(mt_rand(0, 400), mt_rand(0, 600), mt_rand(5, 150), mt_rand(5, 200));
                    $back = $backdrop->printed($backdrop->shown($frame, $printed, $page), $printed, $page);
                    foreach (['x', 'y', 'width', 'height'] as $side) {
                        $this->assertEqualsWithDelta($frame->{$side}, $back->{$side}, 0.01);
                    }
                }
            }
        }
    }

    public function test_a_clip_of_a_turned_page_is_turned_with_it(): void
    {
        $printed = Size::of(600, 800);
        $page = new Page(
            Size::of(800, 600),
            Colour::white(),
            Backdrop::of(str_repeat('ab', 32), 3, Rotation::Quarter),
        );
        // Turned clockwise, the left edge of the print is on top: the top left of what is shown is the foot of its
        // left.
        $clip = $page->clip($printed, Frame::of(0, 0, 200, 150), 'c', Frame::of(0, 0, 200, 150));

        $this->assertSame([Rotation::Quarter, 3], [$clip->turn, $clip->page]);
        $this->assertEqualsWithDelta(
            [0.0, 0.75, 0.25, 0.25],
            [$clip->left, $clip->top, $clip->across, $clip->down],
            0.0001,
        );
    }

    public function test_what_is_beside_the_print_is_left_out_and_nothing_is_refused(): void
    {
        $printed = Size::of(600, 800);
        $page = new Page(
            Size::of(800, 800),
            Colour::white(),
            Backdrop::of(str_repeat('ab', 32), 1, Rotation::None, Frame::of(100, 0, 600, 800)),
        );
        $clip = $page->clip($printed, Frame::of(0, 0, 250, 80), 'c', Frame::of(0, 0, 10, 10));
        $this->assertEqualsWithDelta([0.0, 0.25], [$clip->left, $clip->across], 0.0001);
        $this->expectException(InvalidArgumentException::class);
        $page->clip($printed, Frame::of(0, 0, 90, 80), 'c', Frame::of(0, 0, 10, 10));
    }
}
