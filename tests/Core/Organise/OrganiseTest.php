<?php

declare(strict_types=1);

namespace Tests\Core\Organise;

use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Geometry\Frame;
use OpenSlate\Organise\Diagram;
use OpenSlate\Organise\Layout;
use OpenSlate\Organise\Line;
use OpenSlate\Organise\Outline;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrganiseTest extends TestCase
{
    /** Letter (ANSI/ASME Y14.1), A4 and A5 (ISO 216) in points, less a margin of 36 and a heading of 60. */
    private const PAPERS = ['letter' => [612, 792], 'A4' => [595.28, 841.89], 'A5' => [419.53, 595.28]];

    /** @return iterable<string, array{OrganiserShape, int, float, float}> */
    public static function all(): iterable
    {
        foreach (OrganiserShape::cases() as $shape) {
            foreach (range(2, 12) as $count) {
                foreach (self::PAPERS as $paper => [$short, $long]) {
                    yield "{$count} boxes, {$shape->value}, {$paper} upright" => [
                        $shape,
                        $count,
                        $short - 72,
                        $long - 132,
                    ];
                    yield "{$count} boxes, {$shape->value}, {$paper} across" => [
                        $shape,
                        $count,
                        $long - 72,
                        $short - 132,
                    ];
                }
            }
        }
    }

    #[DataProvider('all')]
    public function test_no_box_lies_over_another_or_off_the_paper_and_all_can_be_written_in(
        OrganiserShape $shape,
        int $count,
        float $width,
        float $height,
    ): void {
        $diagram = Layout::shaped($shape, $count, $width, $height);
        $this->assertCount($shape->count($count), $diagram->boxes);
        $this->standsWell($diagram, $width, $height);
    }

    private function standsWell(Diagram $diagram, float $width, float $height): void
    {
        foreach ($diagram->boxes as $at => $box) {
            $this->assertTrue(
                Frame::of(-0.01, -0.01, $width + 0.02, $height + 0.02)->contains($box),
                "box {$at} is on the paper",
            );
            $this->assertGreaterThan(24, $box->width, "box {$at} is wide enough for a word");
            $this->assertGreaterThan(20, $box->height, "box {$at} is high enough for a line of 12 pt");
            foreach (array_slice($diagram->boxes, $at + 1) as $other) {
                $common = $box->within($other);
                $this->assertTrue($common->width === 0.0 || $common->height === 0.0, "box {$at} lies over none");
            }
        }
        foreach ($diagram->lines as $line) {
            $this->assertFalse(
                $this->crosses($line, $diagram),
                'no line runs through a box that it does not end at',
            );
        }
    }

    /** Whether the middle part of a line lies in a box. */
    private function crosses(Line $line, Diagram $diagram): bool
    {
        foreach ($diagram->boxes as $box) {
            for ($share = 0.05; $share < 0.96; $share += 0.05) {
                [$x, $y] = [
                    $line->x1 + ($line->x2 - $line->x1) * $share,
                    $line->y1 + ($line->y2 - $line->y1) * $share,
                ];
                if (
                    $x > $box->x + 0.5 &&
                    $x < $box->right() - 0.5 &&
                    $y > $box->y + 0.5 &&
                    $y < $box->bottom() - 0.5
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return iterable<string, array{OrganiserShape}> */
    public static function inRows(): iterable
    {
        $fixed = [OrganiserShape::Steps, OrganiserShape::Comparison, OrganiserShape::Grid, OrganiserShape::StoryLine];
        foreach ($fixed as $shape) {
            yield $shape->value => [$shape];
        }
    }

    #[DataProvider('inRows')]
    public function test_gaps_beside_each_other_are_equal(OrganiserShape $shape): void
    {
        foreach (range(3, 12) as $count) {
            $boxes = Layout::shaped($shape, $count, 500, 300)->boxes;
            $row = fn (Frame $box): float => $shape === OrganiserShape::StoryLine ? 0.0 : $box->y;
            usort($boxes, fn (Frame $a, Frame $b): int => [$row($a), $a->x] <=> [$row($b), $b->x]);
            $gaps = [];
            foreach (array_slice($boxes, 1) as $at => $box) {
                if ($shape === OrganiserShape::StoryLine || $box->y === $boxes[$at]->y) {
                    $gaps[] = round($box->x - $boxes[$at]->right(), 1);
                }
            }
            $this->assertCount(1, array_unique($gaps), implode(' ', $gaps));
        }
    }

    public function test_a_cycle_goes_round_and_comes_back(): void
    {
        $diagram = Layout::shaped(OrganiserShape::Cycle, 5, 500, 400);

        $this->assertCount(5, $diagram->lines);
        $this->assertSame(
            [true],
            array_unique(array_map(fn (Line $line): bool => $line->arrow, $diagram->lines)),
        );
        $middles = array_map(
            fn (Frame $box): float => round(atan2($box->x + $box->width / 2 - 250, 200 - $box->middle()), 1),
            $diagram->boxes,
        );
        $this->assertSame(0.0, $middles[0], 'from the top');
        $this->assertGreaterThan(0, $middles[1], 'clockwise');
    }

    /** @return list<int> which of the rings a point lies in, by the equation of an ellipse */
    private static function sets(Diagram $diagram, float $x, float $y): array
    {
        return array_keys(
            array_filter(
                $diagram->rings,
                fn (Frame $ring): bool => ((($x - $ring->x) / $ring->width) * 2 - 1) ** 2 +
                    ((($y - $ring->y) / $ring->height) * 2 - 1) ** 2 <
                    1,
            ),
        );
    }

    public function test_boxes_of_sets_lie_in_their_regions(): void
    {
        $two = Layout::shaped(OrganiserShape::TwoSets, 3, 500, 300);
        foreach ([[0], [0, 1], [1]] as $at => $sets) {
            $box = $two->boxes[$at];
            foreach (
                [
                    [$box->x, $box->y],
                    [$box->right(), $box->y],
                    [$box->x, $box->bottom()],
                    [$box->right(), $box->bottom()],
                ] as [$x, $y]
            ) {
                $this->assertSame($sets, self::sets($two, $x, $y), "corner of box {$at}");
            }
        }
        $three = Layout::shaped(OrganiserShape::ThreeSets, 7, 500, 500);
        foreach ([[0], [1], [2], [0, 1], [0, 2], [1, 2], [0, 1, 2]] as $at => $sets) {
            $box = $three->boxes[$at];
            $this->assertSame(
                $sets,
                self::sets($three, $box->x + $box->width / 2, $box->middle()),
                "middle of box {$at}",
            );
        }
    }

    public function test_every_child_in_a_hierarchy_has_one_line_from_above(): void
    {
        foreach (range(2, 12) as $count) {
            $this->assertCount($count - 1, Layout::shaped(OrganiserShape::Hierarchy, $count, 500, 400)->lines);
        }
    }

    public function test_levels_say_what_is_below_what(): void
    {
        $outline = Outline::told([0, 1, 2, 2, 1, 2, 3]);

        $this->assertSame([null, 0, 1, 1, 0, 4, 5], $outline->parents());
        $this->assertSame([[0, 2], [0, 1], [0, 0], [1, 1], [2, 2], [2, 2], [2, 2]], $outline->spans());
        $this->assertSame(4, $outline->depth());
    }

    public function test_levels_that_cannot_be_are_the_nearest_that_can(): void
    {
        $this->assertSame(
            [0, 1, 2, 1],
            Outline::told([3, 0, 4, 1])->levels,
            'one top, and no level is left out',
        );
        $this->assertSame(
            [0, 1, 1, 2, 2],
            Outline::told([null, null, 1, 2, null])->levels,
            'a box that says none is beside the one before',
        );
        $this->assertSame(
            [0, 1, 2, 3, 4, 5, 5],
            Outline::told([0, 1, 2, 3, 4, 5, 6])->levels,
            'deeper there is no room',
        );
    }

    public function test_boxes_with_no_levels_are_shared_out_evenly(): void
    {
        $this->assertSame([0, 1, 1, 1], Outline::told([null, null, null, null])->levels);
        foreach (range(6, 12) as $count) {
            $levels = Outline::even($count)->levels;
            $this->assertCount($count, $levels);
            $children = array_map(
                fn (array $below): int => count($below),
                array_filter(
                    self::below($levels),
                    fn (int $at): bool => $levels[$at] === 1,
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            $this->assertLessThanOrEqual(1, max($children) - min($children), implode(' ', $levels));
        }
    }

    /** The properties of every layout, on trees of any form. */
    public function test_trees_of_any_form_lie_apart_and_each_stands_over_its_own(): void
    {
        mt_srand(20261125);
        foreach (range(1, 300) as $round) {
            $said = array_map(fn (): int => mt_rand(0, 6), range(1, mt_rand(2, 12)));
            $outline = Outline::told($said);
            [$short, $long] = array_values(self::PAPERS)[$round % 3];
            [$width, $height] = $round % 2 === 0 ? [$short - 72, $long - 132] : [$long - 72, $short - 132];
            $diagram = Layout::shaped(OrganiserShape::Hierarchy, count($said), $width, $height, $outline);
            $this->standsWell($diagram, $width, $height);
            $this->assertCount(count($said) - 1, $diagram->lines);
            foreach (self::below($outline->levels) as $parent => $children) {
                $boxes = array_map(fn (int $child): Frame => $diagram->boxes[$child], $children);
                foreach ($boxes as $box) {
                    $this->assertGreaterThan($diagram->boxes[$parent]->bottom(), $box->y);
                }
                if ($boxes !== []) {
                    $middle = $diagram->boxes[$parent]->x + $diagram->boxes[$parent]->width / 2;
                    $this->assertTrue(
                        $middle >= $boxes[0]->x && $middle <= end($boxes)->right(),
                        'it stands over its children',
                    );
                }
            }
        }
    }

    /**
     * @param  list<int>  $levels
     * @return array<int, list<int>> the children of each box
     */
    private static function below(array $levels): array
    {
        $below = array_fill(0, count($levels), []);
        foreach ($levels as $at => $level) {
            for ($parent = $at - 1; $parent >= 0; $parent--) {
                if ($levels[$parent] === $level - 1) {
                    $below[$parent][] = $at;
                    break;
                }
            }
        }

        return $below;
    }

    public function test_the_lowest_row_of_a_hierarchy_goes_from_side_to_side(): void
    {
        foreach ([3, 5, 9] as $count) {
            $boxes = Layout::shaped(OrganiserShape::Hierarchy, $count, 500, 300)->boxes;
            $low = max(array_map(fn (Frame $box): float => $box->y, $boxes));
            $row = array_values(array_filter($boxes, fn (Frame $box): bool => $box->y === $low));
            $this->assertEqualsWithDelta(0.0, min(array_map(fn (Frame $box): float => $box->x, $row)), 0.01);
            $this->assertEqualsWithDelta(500.0, max(array_map(fn (Frame $box): float => $box->right(), $row)), 0.01);
        }
    }
}
