<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Layout;

use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Layout\Flow;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Room between things: pushed down, and snugged up again. */
final class FlowTest extends TestCase
{
    public function test_what_is_below_a_line_moves_and_the_rest_stays(): void
    {
        [$page] = Flow::room([$this->page([[50, 40], [50, 100], [50, 200]])], 90, 30);
        $this->assertSame([40.0, 130.0, 230.0], $this->tops($page));
        [$page] = Flow::room([$page], 90, -30);
        $this->assertSame([40.0, 100.0, 200.0], $this->tops($page));
    }

    public function test_it_is_snugged_up_only_as_far_as_there_is_room(): void
    {
        [$page] = Flow::room([$this->page([[50, 40], [50, 100], [300, 130]])], 90, -500);
        $this->assertSame(
            [40.0, 60.0, 90.0],
            $this->tops($page),
            'the first of them stands right below what stays',
        );
    }

    public function test_what_stands_beside_holds_nothing_down(): void
    {
        // Each is as wide as 100: the one that stays ends where the one that moves begins.
        foreach ([150, 400] as $x) {
            [$page] = Flow::room([$this->page([[50, 40], [$x, 100]])], 90, -500);
            $this->assertSame([40.0, 0.0], $this->tops($page));
        }
        [$page] = Flow::room([$this->page([[400, 40], [50, 100]])], 90, -500);
        $this->assertSame([40.0, 0.0], $this->tops($page));
    }

    public function test_what_crosses_the_foot_goes_on_to_a_new_page_with_all_below_it_and_comes_back(): void
    {
        $page = $this->page([[50, 40], [50, 600], [50, 700], [300, 740]]);
        $pushed = Flow::room([$page], 500, 90);

        $this->assertCount(2, $pushed);
        $this->assertSame([40.0, 690.0], $this->tops($pushed[0]));
        $this->assertSame(
            [36.0, 76.0],
            $this->tops($pushed[1]),
            'they keep their distance, from the top of the page',
        );
        $this->assertEquals([$page], Flow::room($pushed, 500, -90));
    }

    public function test_pushing_and_snugging_by_the_same_is_no_change_however_many_pages(): void
    {
        mt_srand(9);
        for ($round = 0; $round < 80; $round++) {
            $page = $this->page(
                array_map(
                    fn (int $n): array => [(float) mt_rand(0, 500), $n * 34.0 + mt_rand(0, 10)],
                    range(0, mt_rand(3, 21)),
                ),
            );
            $by = mt_rand(1, 30000) / 10;
            $at = (float) mt_rand(0, 100);
            $pushed = Flow::room([$page], $at, $by);
            $ids = array_merge(
                ...array_map(
                    fn (Page $one): array => array_map(
                        fn (Element $element): string => $element->id(),
                        $one->elements(),
                    ),
                    $pushed,
                ),
            );
            $this->assertCount(
                count($page->elements()),
                array_unique($ids),
                'nothing is lost and nothing is twice',
            );
            foreach ($pushed as $one) {
                foreach ($one->elements() as $element) {
                    $this->assertTrue($one->frame()->contains($element->frame()));
                }
            }
            $this->assertEquals([$page], Flow::room($pushed, $at, -$by));
        }
    }

    public function test_what_is_locked_never_moves(): void
    {
        $page = $this->page([[50, 40], [50, 760]]);
        $foot = $page->elements()[1]->locked(true);
        [$after] = Flow::room([$page->withElements([$page->elements()[0], $foot])], 0, 100);
        $this->assertSame([140.0, 760.0], $this->tops($after));
    }

    public function test_print_cannot_move_and_there_must_be_something_to_move(): void
    {
        try {
            Flow::room([$this->page([[50, 40]])], 300, 10);
            $this->fail();
        } catch (EditRefused $refusal) {
            $this->assertStringContainsString('nothing below that line', $refusal->getMessage());
        }
        $this->expectExceptionMessage('The print of this page cannot move');
        Flow::room(
            [new Page(Size::of(600, 800), Colour::white(), Backdrop::of(str_repeat('ab', 32), 1))],
            0,
            10,
        );
    }

    /** @param  list<array{float, float}>  $places */
    private function page(array $places): Page
    {
        return new Page(
            Size::of(600, 800),
            Colour::white(),
            null,
            array_map(
                fn (array $place, int $at): Patch => new Patch(
                    "e{$at}",
                    Frame::of($place[0], $place[1], 100, 20),
                ),
                $places,
                array_keys($places),
            ),
        );
    }

    /** @return list<float> */
    private function tops(Page $page): array
    {
        return array_map(fn (Element $element): float => $element->frame()->y, $page->elements());
    }
}
