<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Keys;

use OpenSlate\Edit\Keys\SetModelKey;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** At first all of it counts that there is to count. */
final class SetModelKeyTest extends TestCase
{
    public function test_where_there_are_spots_it_counts_which_a_part_is_in(): void
    {
        $this->assertSame(
            [ModelAspect::Spots],
            $this->counts($this->card(), new Spot('z', Frame::of(0, 0, 200, 200), settle: Settle::Grid)),
        );
    }

    public function test_in_a_row_their_order_counts_too(): void
    {
        $this->assertContains(
            ModelAspect::Order,
            $this->counts($this->card(), new Spot('z', Frame::of(0, 0, 200, 200), settle: Settle::Row)),
        );
    }

    public function test_where_parts_have_joints_it_counts_what_is_joined_and_at_which_of_them(): void
    {
        $this->assertSame(
            [ModelAspect::Joints, ModelAspect::Ends],
            $this->counts($this->card(new Joint('a', 0.5, 0.0))),
        );
    }

    public function test_of_cards_without_joints_and_spots_nothing_counts_by_itself(): void
    {
        $this->assertSame([], $this->counts($this->card()));
    }

    private function card(Joint ...$joints): Part
    {
        return new Part('card', Frame::of(300, 300, 40, 20), PartForm::Rectangle, joints: array_values($joints));
    }

    /** @return list<ModelAspect> */
    private function counts(Element ...$elements): array
    {
        $page = new Page(Size::of(595, 842), Colour::white(), null, array_values($elements));
        $key = (new SetModelKey('{"card.1":[50,50]}'))->apply($page)->key;
        $this->assertNotNull($key);

        return $key->counts;
    }
}
