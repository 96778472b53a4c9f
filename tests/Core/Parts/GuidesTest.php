<?php

declare(strict_types=1);

namespace Tests\Core\Parts;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Guides;
use PHPUnit\Framework\TestCase;

/** One box, 100 by 30 points, on a page of 600 by 800. */
final class GuidesTest extends TestCase
{
    public function test_edges_and_middles_of_the_page_and_of_what_lies_on_it_are_lines(): void
    {
        $guides = Guides::among(Size::of(600, 800), ['a' => Frame::of(200, 100, 100, 30)]);

        $this->assertSame(
            [[0.0, []], [200.0, ['a']], [250.0, ['a']], [300.0, []], [600.0, []]],
            $guides['x'],
            'at 300 the page has its middle',
        );
        $this->assertSame(
            [[0.0, []], [100.0, ['a']], [115.0, ['a']], [130.0, ['a']], [400.0, []], [800.0, []]],
            $guides['y'],
        );
    }

    public function test_what_has_no_id_holds_whoever_else_is_there(): void
    {
        $guides = Guides::among(
            Size::of(600, 800),
            ['a' => Frame::of(200, 100, 100, 30)],
            [Frame::of(200, 500, 10, 10)],
        );

        $this->assertContains([200.0, []], $guides['x']);
        $this->assertContains([505.0, []], $guides['y']);
    }

    public function test_a_gap_between_neighbours_comes_back_before_and_after_them(): void
    {
        $guides = Guides::among(Size::of(600, 800), [
            'a' => Frame::of(50, 100, 100, 30),
            'b' => Frame::of(50, 150, 100, 40),
        ]);

        $this->assertEquals(
            [
                [
                    'axis' => 'down',
                    'edge' => 'start',
                    'at' => 210.0,
                    'from' => 130.0,
                    'to' => 150.0,
                    'beside' => 100.0,
                    'ids' => ['a', 'b'],
                ],
                [
                    'axis' => 'down',
                    'edge' => 'end',
                    'at' => 80.0,
                    'from' => 130.0,
                    'to' => 150.0,
                    'beside' => 100.0,
                    'ids' => ['a', 'b'],
                ],
            ],
            $guides['gaps'],
        );
    }

    public function test_what_is_not_beside_each_other_has_no_gap(): void
    {
        $this->assertSame(
            [],
            Guides::among(Size::of(600, 800), [
                'a' => Frame::of(50, 100, 100, 30),
                'b' => Frame::of(150, 150, 100, 40),
            ])['gaps'],
            'corner to corner',
        );
        $this->assertSame(
            [],
            Guides::among(Size::of(600, 800), ['a' => Frame::of(50, 100, 100, 30), 'b' => Frame::of(50, 290, 100, 40)])[
                'gaps'
            ],
            'too far',
        );
    }
}
